import { today } from '../storage/today.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { mostPlayMm } from '../../../core/mount/bore-rule.js';
import type { FreeWheel } from '../../../core/shop/wheel.js';
import { type Runner, places, queryRows, row, rows } from '../storage/pool.js';
import { type WheelRow, wheelFacts } from './wheel-columns.js';

export async function allWheels(on?: Runner): Promise<WheelFacts[]> {
	return (await rows<WheelRow>('SELECT * FROM wheel_now ORDER BY number', [], on)).map(wheelFacts);
}

/** Numbers of the wheels that setups hold, and which one holds each. */
export async function heldWheels(): Promise<Map<string, number>> {
	const list = await rows<{ number: string; setupId: number }>(
		`SELECT w.number, s.id AS setupId FROM setups s JOIN wheels w ON w.id = s.holds_wheel
		 UNION ALL SELECT w.number, p.setup_id FROM setup_wheels p JOIN setups s ON s.id = p.setup_id AND s.state IN ('under-way', 'released') JOIN wheels w ON w.id = p.wheel_id`
	);
	return new Map(list.map((h) => [h.number, Number(h.setupId)]));
}

export async function wheelById(id: number, on?: Runner): Promise<WheelFacts | undefined> {
	const w = await row<WheelRow>('SELECT * FROM wheel_now WHERE id = ?', [id], on);
	return w && wheelFacts(w);
}

export async function wheelByNumber(number: string, on?: Runner): Promise<WheelFacts | undefined> {
	const w = await row<WheelRow>('SELECT * FROM wheel_now WHERE number = ?', [number], on);
	return w && wheelFacts(w);
}

/** Wheels by a column that names them, in the order asked for; what is not on the rack is left out. */
async function wheelsBy<K extends string | number>(
	column: 'id' | 'number',
	keys: readonly K[],
	on?: Runner
): Promise<WheelFacts[]> {
	if (!keys.length) return [];
	const list = await queryRows<WheelRow>(
		`SELECT * FROM wheel_now WHERE ${column} IN (${places(keys)})`,
		[...keys],
		on
	);
	const found = new Map(list.map((w) => [w[column] as K, wheelFacts(w)]));
	return keys.flatMap((key) => found.get(key) ?? []);
}
export const wheelsByNumbers = (numbers: readonly string[]): Promise<WheelFacts[]> =>
	wheelsBy('number', numbers);
export const wheelsByIds = (ids: readonly number[], on?: Runner): Promise<WheelFacts[]> =>
	wheelsBy('id', ids, on);

/** Wheels nobody holds, marked with a speed, whose bore belongs on this seat. */
export async function freeWheelsFor(seatMm: number): Promise<FreeWheel[]> {
	return rows(
		`SELECT number, canonical AS marking, COALESCE(diameter_mm, new_diameter_mm) AS diameterMm, new_diameter_mm AS newDiameterMm, width_mm AS widthMm, bore_mm AS boreMm, rated_mps AS ratedMps, rated_rpm AS ratedRpm FROM wheel_now
		 WHERE state = 'available' AND held_by IS NULL AND (expires_on IS NULL OR expires_on >= ?) AND (rated_mps IS NOT NULL OR rated_rpm IS NOT NULL) AND bore_mm BETWEEN ? AND ? ORDER BY number LIMIT 300`,
		[await today(), seatMm, seatMm + mostPlayMm(seatMm)]
	);
}

/** Wheels out of date or soon to be, the most pressing first. */
export async function expiringWheels(
	withinDays: number,
	limit = 12
): Promise<{ number: string; days: number }[]> {
	const day = await today();
	return rows(
		`SELECT number, DATEDIFF(expires_on, ?) AS days FROM wheels WHERE expires_on IS NOT NULL AND state NOT IN ('scrapped', 'quarantined') AND expires_on <= ? + INTERVAL ? DAY ORDER BY expires_on LIMIT ${Number(limit)}`,
		[day, day, withinDays]
	);
}
