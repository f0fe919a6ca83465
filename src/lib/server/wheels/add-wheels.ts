import { type Intake, intake } from '../../../core/shop/wheel-intake.js';
import { WHEEL_FIELDS } from '../../../core/shop/wheel.js';
import { checked } from '../http/joi-schema.js';
import { Refused } from '../refused.js';
import { type Runner, queryRows, transaction, isDuplicate } from '../storage/pool.js';
import { mayWrite } from '../people/permission.js';
import type { User } from '../people/sign-in.js';
import { WHEEL_COLUMNS, WHEEL_PLACES, wheelValues } from './wheel-columns.js';
import { wheelByNumber } from './wheels.js';

/** Puts wheels on the rack, each with its first ledger line, in two statements. */
export async function insertWheels(list: readonly Intake[], user: User, on: Runner): Promise<void> {
	if (!list.length) return;
	await on.query(
		`INSERT INTO wheels (${WHEEL_COLUMNS}) VALUES ${list.map(() => WHEEL_PLACES).join(',')}`,
		list.flatMap(wheelValues)
	);
	const ids = new Map(
		(
			await queryRows<{ id: number; number: string }>(
				`SELECT id, number FROM wheels WHERE number IN (${list.map(() => '?').join(',')})`,
				list.map((taken) => taken.wheel.number),
				on
			)
		).map((r) => [r.number, r.id])
	);
	await on.query(
		`INSERT INTO wheel_events (wheel_id, kind, diameter_after_mm, note, user_id, at) VALUES ${list.map(() => "(?, 'received', ?, ?, ?, UTC_TIMESTAMP(3))").join(',')}`,
		list.flatMap((taken) => [ids.get(taken.wheel.number)!, taken.wheel.diameterMm, taken.reason, user.id])
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
		} catch (error) {
			throw isDuplicate(error) ? there() : error;
		}
		return (await wheelByNumber(w.number, c))!.id;
	};
	return on ? work(on) : transaction(work);
}
