import type { Companion } from '../../../core/route/facts.js';
import type { PoolConnection } from 'mysql2/promise';
import { type Runner, rows, write } from '../db/pool.js';
import { latestAtRack } from '../db/records.js';
import { wheelsByIds } from '../wheels/wheels.js';

/** The other wheels of a setup's pack, each with its newest look and ring at the rack since `sinceMs`. */
export async function companionsOf(setupId: number, sinceMs: number, on?: Runner): Promise<Companion[]> {
	const ids = (
		await rows<{ wheel_id: number }>(
			'SELECT wheel_id FROM setup_wheels WHERE setup_id = ? ORDER BY wheel_id',
			[setupId],
			on
		)
	).map((r) => r.wheel_id);
	const list: Companion[] = [];
	for (const wheel of await wheelsByIds(ids, on)) {
		const [look, ring] = [
			await latestAtRack(wheel.id, 'look', sinceMs, on),
			await latestAtRack(wheel.id, 'ring', sinceMs, on)
		];
		list.push({
			wheel,
			look: look && { id: look.id, verdict: look.verdict, mayProceed: look.verdict !== 'stop' },
			ring: ring && { id: ring.id, verdict: ring.verdict, mayProceed: ring.mayProceed }
		});
	}
	return list;
}

/** Holds these wheels beside the leading one, and lets go of those held before. */
export async function holdWheels(
	setupId: number,
	wheelIds: readonly number[],
	on: PoolConnection
): Promise<void> {
	await write('DELETE FROM setup_wheels WHERE setup_id = ?', [setupId], on);
	for (const id of wheelIds)
		await write('INSERT INTO setup_wheels (setup_id, wheel_id) VALUES (?, ?)', [setupId, id], on);
}
