import { type Intake, intake } from '../../../core/shop/wheel-intake.js';
import { WHEEL_FIELDS } from '../../../core/shop/wheel.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { type Runner, type Value, queryRows, transaction, isDuplicate } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { wheelByNumber } from './wheels.js';

const COLUMNS =
	'number, marking, canonical, family, grit_mean_um, grit_number, grade, structure, bond, bond_family, concentration_percent, width_mm, rim_depth_mm, rim_width_mm, bore_mm, new_diameter_mm, min_diameter_mm, mass_kg, mass_computed, rated_mps, rated_rpm, expires_on, shape, place, state, state_reason';

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
	i.concentrationPercent,
	w.widthMm,
	i.rimDepthMm,
	i.rimWidthMm,
	w.boreMm,
	w.newDiameterMm,
	w.minDiameterMm,
	w.massKg,
	i.massComputed,
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
export async function addWheel(given: unknown, user: User, on?: Runner): Promise<number> {
	mayWrite(user);
	const w = checked(WHEEL_FIELDS, given);
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
