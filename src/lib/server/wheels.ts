import { parseMarking } from '../../core/spec/parse-marking.js';
import type { Field } from '../../core/calculation/fields.js';
import { InputFault } from '../../core/calculation/fault.js';
import type { WheelFacts } from '../../core/route/facts.js';
import { Refused } from './refused.js';
import { type Runner, row, rows, transaction, write } from './pool.js';
import type { User } from './sign-in.js';

interface WheelRow {
	id: number; number: string; marking: string; canonical: string; family: string | null; grit_mean_um: number | null; grit_number: number | null; grade: string | null; structure: number | null; bond: string | null; bond_family: string | null;
	width_mm: number; bore_mm: number; new_diameter_mm: number; min_diameter_mm: number; mass_kg: number; rated_mps: number | null; rated_rpm: number | null; expires_on: string | null; place: string; state: WheelFacts['state']; state_reason: string | null;
	diameter_mm: number | null; held_by: number | null;
}

function facts(w: WheelRow): WheelFacts {
	return {
		id: w.id, number: w.number, marking: w.marking, canonical: w.canonical, family: w.family, gritMeanUm: w.grit_mean_um, gritNumber: w.grit_number, grade: w.grade, structure: w.structure, bond: w.bond, bondFamily: w.bond_family,
		diameterMm: w.diameter_mm ?? w.new_diameter_mm, widthMm: w.width_mm, boreMm: w.bore_mm, newDiameterMm: w.new_diameter_mm, minDiameterMm: w.min_diameter_mm, massKg: w.mass_kg, ratedMps: w.rated_mps, ratedRpm: w.rated_rpm, expiresOn: w.expires_on,
		place: w.place, state: w.state, stateReason: w.state_reason, heldBy: w.held_by
	};
}

export async function allWheels(on?: Runner): Promise<WheelFacts[]> {
	return (await rows<WheelRow>('SELECT * FROM wheel_now ORDER BY number', [], on)).map(facts);
}
export async function wheelById(id: number, on?: Runner): Promise<WheelFacts | undefined> {
	const w = await row<WheelRow>('SELECT * FROM wheel_now WHERE id = ?', [id], on);
	return w && facts(w);
}
export async function wheelByNumber(number: string, on?: Runner): Promise<WheelFacts | undefined> {
	const w = await row<WheelRow>('SELECT * FROM wheel_now WHERE number = ?', [number], on);
	return w && facts(w);
}

export interface LedgerLine { id: number; kind: string; diameterAfterMm: number | null; note: string | null; setupId: number | null; by: string; at: Date }
export function ledger(wheelId: number): Promise<LedgerLine[]> {
	return rows('SELECT e.id, e.kind, e.diameter_after_mm AS diameterAfterMm, e.note, e.setup_id AS setupId, u.name AS `by`, e.at FROM wheel_events e JOIN users u ON u.id = e.user_id WHERE e.wheel_id = ? ORDER BY e.id', [wheelId]);
}

export interface WheelEvent { wheelId: number; kind: string; diameterAfterMm: number | null; setupId: number | null; recordId: number | null; note: string | null; userId: number; at?: Date }
export async function addEvent(e: WheelEvent, on?: Runner): Promise<void> {
	await write('INSERT INTO wheel_events (wheel_id, kind, diameter_after_mm, setup_id, record_id, note, user_id, at) VALUES (?, ?, ?, ?, ?, ?, ?, COALESCE(?, UTC_TIMESTAMP(3)))', [e.wheelId, e.kind, e.diameterAfterMm, e.setupId, e.recordId, e.note, e.userId, e.at ?? null], on);
}

/** Changes where a wheel stands and books it. */
export async function setWheelState(wheelId: number, state: WheelFacts['state'], reason: string | null, on: Runner): Promise<void> {
	await write('UPDATE wheels SET state = ?, state_reason = ? WHERE id = ?', [state, reason?.slice(0, 200) ?? null, wheelId], on);
}

const mm = <const N extends string>(name: N, label: string, about: string) => ({ name, kind: 'number', unit: 'mm', min: 0, minOpen: true, max: 3000, required: true, label, about }) as const;
/** What is asked when a wheel is added to the rack. */
export const WHEEL_FIELDS = [
	{ name: 'number', kind: 'text', required: true, maxLength: 20, pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$', patternSays: 'may hold letters, digits, dots and dashes only', label: 'Wheel number', about: 'Yours, as on its tag' },
	{ name: 'marking', kind: 'text', required: true, minLength: 1, maxLength: 160, label: 'Marking', about: 'What is printed, as it stands' },
	mm('newDiameterMm', 'Diameter when new', 'From the label'), mm('diameterMm', 'Diameter today', 'Measured'), mm('widthMm', 'Width', 'Measured'), mm('boreMm', 'Bore', 'Measured'), mm('minDiameterMm', 'Scrap diameter', 'Not below this'),
	{ name: 'massKg', kind: 'number', unit: 'kg', min: 0, minOpen: true, max: 2000, required: true, label: 'Mass when new', about: 'Weighed or from the label' },
	{ name: 'ratedMps', kind: 'number', unit: 'm/s', min: 0, minOpen: true, max: 500, label: 'Marked speed', about: 'If printed' }, { name: 'ratedRpm', kind: 'number', unit: 'rpm', min: 0, minOpen: true, max: 300000, label: 'Marked rpm', about: 'If printed' },
	{ name: 'expiresOn', kind: 'date', label: 'Use by', about: 'Organic bonds' }, { name: 'place', kind: 'text', required: true, maxLength: 40, label: 'Place', about: 'Bay or shelf' }
] as const satisfies readonly Field[];
export interface NewWheel { number: string; marking: string; newDiameterMm: number; diameterMm: number; widthMm: number; boreMm: number; minDiameterMm: number; massKg: number; ratedMps: number | null; ratedRpm: number | null; expiresOn: string | null; place: string }

/** Adds a wheel with its first ledger line. @throws InputFault, Refused */
export async function addWheel(w: NewWheel, user: User, on?: Runner): Promise<number> {
	const read = parseMarking.run({ text: w.marking });
	const order = (field: string, wrong: boolean, says: string) => { if (wrong) throw new InputFault(field, 'inconsistent', says); };
	order('diameterMm', w.diameterMm > w.newDiameterMm, `Diameter today ${w.diameterMm} mm is larger than when new, ${w.newDiameterMm} mm.`);
	order('boreMm', w.boreMm >= w.diameterMm, `Bore ${w.boreMm} mm is not smaller than the diameter ${w.diameterMm} mm.`);
	order('minDiameterMm', w.minDiameterMm >= w.newDiameterMm, `Scrap diameter ${w.minDiameterMm} mm is not below the new diameter ${w.newDiameterMm} mm.`);
	order('marking', read.kind === 'unknown', 'This marking cannot be read. Check it against the blotter.');
	const work = async (c: Runner): Promise<number> => {
		if (await wheelByNumber(w.number, c)) throw new Refused(409, 'number-taken', `There is already a wheel ${w.number}. Give this one another number.`, 'number');
		const unclear = read.reasons.some((r) => r.code === 'ambiguous-kind');
		const state = w.ratedMps === null && w.ratedRpm === null && read.maxSpeedMps === null && read.maxSpeedRpm === null ? 'quarantined' : unclear ? 'quarantined' : 'available';
		const reason = state === 'available' ? null : unclear ? 'its marking can be read two ways' : 'no readable speed';
		const done = await write(
			`INSERT INTO wheels (number, marking, canonical, family, grit_mean_um, grit_number, grade, structure, bond, bond_family, width_mm, bore_mm, new_diameter_mm, min_diameter_mm, mass_kg, rated_mps, rated_rpm, expires_on, place, state, state_reason)
			 VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)`,
			[w.number, w.marking, read.canonical, read.abrasive?.family ?? null, read.grit?.meanUm ?? null, read.grit?.number ?? null, read.grade, read.structure, read.bond?.letters ?? null, read.bond?.family ?? null, w.widthMm, w.boreMm, w.newDiameterMm, w.minDiameterMm, w.massKg,
				w.ratedMps ?? read.maxSpeedMps, w.ratedRpm ?? read.maxSpeedRpm, w.expiresOn, w.place, state, reason], c);
		await addEvent({ wheelId: done.insertId, kind: 'received', diameterAfterMm: w.diameterMm, setupId: null, recordId: null, note: reason, userId: user.id }, c);
		return done.insertId;
	};
	return on ? work(on) : transaction(work);
}
