import { InputFault } from '../../../core/calculation/fault.js';
import type { WheelFacts } from '../../../core/route/facts.js';
import { type Intake, intake } from '../../../core/shop/wheel-intake.js';
import type { FreeWheel, NewWheel } from '../../../core/shop/wheel.js';
import { Refused } from '../door/refused.js';
import {
	type Runner,
	type Value,
	queryRows,
	row,
	rows,
	transaction,
	write,
	isDuplicate
} from '../db/pool.js';
import { mayLead, mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';

interface WheelRow {
	id: number;
	number: string;
	marking: string;
	canonical: string;
	family: string | null;
	grit_mean_um: number | null;
	grit_number: number | null;
	grade: string | null;
	structure: number | null;
	bond: string | null;
	bond_family: string | null;
	width_mm: number;
	bore_mm: number;
	new_diameter_mm: number;
	min_diameter_mm: number;
	mass_kg: number;
	rated_mps: number | null;
	rated_rpm: number | null;
	expires_on: string | null;
	shape: string;
	place: string;
	state: WheelFacts['state'];
	state_reason: string | null;
	diameter_mm: number | null;
	held_by: number | null;
	not_leading: number;
}

function facts(w: WheelRow): WheelFacts {
	return {
		id: w.id,
		number: w.number,
		marking: w.marking,
		canonical: w.canonical,
		family: w.family,
		gritMeanUm: w.grit_mean_um,
		gritNumber: w.grit_number,
		grade: w.grade,
		structure: w.structure,
		bond: w.bond,
		bondFamily: w.bond_family,
		diameterMm: w.diameter_mm ?? w.new_diameter_mm,
		widthMm: w.width_mm,
		boreMm: w.bore_mm,
		newDiameterMm: w.new_diameter_mm,
		minDiameterMm: w.min_diameter_mm,
		massKg: w.mass_kg,
		ratedMps: w.rated_mps,
		ratedRpm: w.rated_rpm,
		expiresOn: w.expires_on,
		shape: w.shape,
		place: w.place,
		state: w.state,
		stateReason: w.state_reason,
		heldBy: w.held_by,
		inPack: w.held_by !== null && !!w.not_leading
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

/** These wheels in the order asked for. */
export async function wheelsByIds(ids: readonly number[], on?: Runner): Promise<WheelFacts[]> {
	if (!ids.length) return [];
	const found = new Map(
		(
			await rows<WheelRow>(
				`SELECT * FROM wheel_now WHERE id IN (${ids.map(() => '?').join(',')})`,
				[...ids],
				on
			)
		).map((w) => [w.id, facts(w)])
	);
	return ids.flatMap((id) => found.get(id) ?? []);
}

const PLAY_MM = 0.3;
/** Wheels nobody holds, marked with a speed, whose bore belongs on this seat. */
export function freeWheelsFor(seatMm: number): Promise<FreeWheel[]> {
	return rows(
		`SELECT number, canonical AS marking, COALESCE(diameter_mm, new_diameter_mm) AS diameterMm, width_mm AS widthMm, bore_mm AS boreMm, rated_mps AS ratedMps, rated_rpm AS ratedRpm FROM wheel_now
		 WHERE state = 'available' AND held_by IS NULL AND (expires_on IS NULL OR expires_on >= UTC_DATE()) AND (rated_mps IS NOT NULL OR rated_rpm IS NOT NULL) AND bore_mm BETWEEN ? AND ? ORDER BY number LIMIT 300`,
		[seatMm, seatMm + PLAY_MM]
	);
}

/** Wheels out of date or soon to be, the most pressing first. */
export function expiringWheels(withinDays: number, limit = 12): Promise<{ number: string; days: number }[]> {
	return rows(
		`SELECT number, DATEDIFF(expires_on, UTC_DATE()) AS days FROM wheels WHERE expires_on IS NOT NULL AND state NOT IN ('scrapped', 'quarantined') AND expires_on <= UTC_DATE() + INTERVAL ? DAY ORDER BY expires_on LIMIT ${Number(limit)}`,
		[withinDays]
	);
}

export interface LedgerLine {
	id: number;
	kind: string;
	diameterAfterMm: number | null;
	note: string | null;
	setupId: number | null;
	by: string;
	at: Date;
}
export function ledger(wheelId: number): Promise<LedgerLine[]> {
	return rows(
		'SELECT e.id, e.kind, e.diameter_after_mm AS diameterAfterMm, e.note, e.setup_id AS setupId, u.name AS `by`, e.at FROM wheel_events e JOIN users u ON u.id = e.user_id WHERE e.wheel_id = ? ORDER BY e.id',
		[wheelId]
	);
}

export interface WheelEvent {
	wheelId: number;
	kind: string;
	diameterAfterMm: number | null;
	setupId: number | null;
	recordId: number | null;
	note: string | null;
	userId: number;
	at?: Date;
}
export async function addEvent(e: WheelEvent, on?: Runner): Promise<void> {
	await write(
		'INSERT INTO wheel_events (wheel_id, kind, diameter_after_mm, setup_id, record_id, note, user_id, at) VALUES (?, ?, ?, ?, ?, ?, ?, COALESCE(?, UTC_TIMESTAMP(3)))',
		[e.wheelId, e.kind, e.diameterAfterMm, e.setupId, e.recordId, e.note, e.userId, e.at ?? null],
		on
	);
}

/** Changes where a wheel stands and books it. */
export async function setWheelState(
	wheelId: number,
	state: WheelFacts['state'],
	reason: string | null,
	on: Runner
): Promise<void> {
	await write(
		'UPDATE wheels SET state = ?, state_reason = ? WHERE id = ?',
		[state, reason?.slice(0, 200) ?? null, wheelId],
		on
	);
}

const COLUMNS =
	'number, marking, canonical, family, grit_mean_um, grit_number, grade, structure, bond, bond_family, width_mm, bore_mm, new_diameter_mm, min_diameter_mm, mass_kg, rated_mps, rated_rpm, expires_on, shape, place, state, state_reason';
const PLACES = `(${COLUMNS.split(',')
	.map(() => '?')
	.join(',')})`;
const rowOf = ({ wheel: w, ...i }: Intake): Value[] => [
	w.number,
	w.marking,
	i.canonical,
	i.family,
	i.gritMeanUm,
	i.gritNumber,
	i.grade,
	i.structure,
	i.bond,
	i.bondFamily,
	w.widthMm,
	w.boreMm,
	w.newDiameterMm,
	w.minDiameterMm,
	w.massKg,
	i.ratedMps,
	i.ratedRpm,
	w.expiresOn,
	i.shape,
	w.place,
	i.state,
	i.reason
];

/** Puts wheels on the rack, each with its first ledger line, in two statements. */
export async function insertWheels(list: readonly Intake[], user: User, on: Runner): Promise<void> {
	if (!list.length) return;
	await on.query(
		`INSERT INTO wheels (${COLUMNS}) VALUES ${list.map(() => PLACES).join(',')}`,
		list.flatMap(rowOf)
	);
	const ids = new Map(
		(
			await queryRows<{ id: number; number: string }>(
				`SELECT id, number FROM wheels WHERE number IN (${list.map(() => '?').join(',')})`,
				list.map((i) => i.wheel.number),
				on
			)
		).map((r) => [r.number, r.id])
	);
	await on.query(
		`INSERT INTO wheel_events (wheel_id, kind, diameter_after_mm, note, user_id, at) VALUES ${list.map(() => "(?, 'received', ?, ?, ?, UTC_TIMESTAMP(3))").join(',')}`,
		list.flatMap((i) => [ids.get(i.wheel.number)!, i.wheel.diameterMm, i.reason, user.id])
	);
}

/** Adds a wheel with its first ledger line. @throws Refused 403 for a viewer, 409; InputFault */
export async function addWheel(w: NewWheel, user: User, on?: Runner): Promise<number> {
	mayWrite(user);
	const taken = intake(w);
	const work = async (c: Runner): Promise<number> => {
		const there = () =>
			new Refused(
				409,
				'number-taken',
				`There is already a wheel ${w.number}. Give this one another number.`,
				'number'
			);
		if (await wheelByNumber(w.number, c)) throw there();
		try {
			await insertWheels([taken], user, c);
		} catch (e) {
			throw isDuplicate(e) ? there() : e;
		}
		return (await wheelByNumber(w.number, c))!.id;
	};
	return on ? work(on) : transaction(work);
}

export const WHEEL_ACTIONS = ['clear', 'quarantine', 'scrap'] as const;
export type WheelAction = (typeof WHEEL_ACTIONS)[number];

/** Sets a wheel aside, scraps it, or (a lead) clears it for use again, with the reason in its ledger. @throws Refused, InputFault */
export async function judgeWheel(
	number: string,
	action: WheelAction,
	reason: string,
	user: User
): Promise<void> {
	mayWrite(user);
	if (action !== 'quarantine') mayLead(user, 'A lead clears or scraps a wheel.');
	const why = reason.trim();
	if (why.length < 10)
		throw new InputFault('reason', 'below-minimum', 'Write a reason of at least 10 characters.');
	if (why.length > 180) throw new InputFault('reason', 'above-maximum', 'Keep the reason to 180 characters.');
	await transaction(async (on) => {
		await row('SELECT id FROM wheels WHERE number = ? FOR UPDATE', [number], on);
		const w = await wheelByNumber(number, on);
		if (!w) throw new Refused(404, 'no-wheel', `There is no wheel ${number}.`);
		if (w.state === 'scrapped')
			throw new Refused(409, 'scrapped', `Wheel ${number} is scrapped. A scrapped wheel never comes back.`);
		if (action === 'clear' && w.state !== 'quarantined')
			throw new Refused(409, 'not-quarantined', `Wheel ${number} is not quarantined.`);
		if (action === 'clear' && w.ratedMps === null && w.ratedRpm === null)
			throw new Refused(409, 'rating-unknown', `Wheel ${number} has no marked speed. It cannot be cleared.`);
		const state = action === 'clear' ? 'available' : action === 'scrap' ? 'scrapped' : 'quarantined';
		await setWheelState(w.id, state, action === 'clear' ? null : why, on);
		await addEvent(
			{
				wheelId: w.id,
				kind: action === 'clear' ? 'cleared' : action === 'scrap' ? 'scrapped' : 'quarantined',
				diameterAfterMm: null,
				setupId: null,
				recordId: null,
				note: why,
				userId: user.id
			},
			on
		);
	});
}
