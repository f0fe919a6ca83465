import type { Companion } from '../../../core/facts/wheel.js';
import type { PoolConnection } from 'mysql2/promise';
import { type Runner, places, queryRows, write } from '../storage/pool.js';
import { latestAtRack } from '../storage/rack-records.js';
import { wheelsByIds } from '../wheels/wheels.js';

/** The other wheels of the packs of these setups, each with its newest look and ring at the rack since its setup began. */
export async function companionsOf(
	setups: readonly { id: number; created_at: Date }[],
	on?: Runner
): Promise<Map<number, Companion[]>> {
	if (!setups.length) return new Map();
	const held = await queryRows<{ setupId: number; wheelId: number }>(
		`SELECT setup_id AS setupId, wheel_id AS wheelId FROM setup_wheels WHERE setup_id IN (${places(setups)}) ORDER BY setup_id, wheel_id`,
		setups.map((setup) => setup.id),
		on
	);
	const since = new Map(setups.map((setup) => [setup.id, setup.created_at.getTime()]));
	const wheels = new Map(
		(
			await wheelsByIds(
				held.map((h) => h.wheelId),
				on
			)
		).map((wheel) => [wheel.id, wheel])
	);
	const found = await latestAtRack(
		held.map((h) => ({ wheelId: h.wheelId, sinceMs: since.get(h.setupId)! })),
		on
	);
	const at = (wheelId: number, step: string) => found.find((f) => f.wheelId === wheelId && f.step === step);
	const list = new Map<number, Companion[]>(setups.map((setup) => [setup.id, []]));
	for (const { setupId, wheelId } of held) {
		const [look, ring] = [at(wheelId, 'look'), at(wheelId, 'ring')];
		list.get(setupId)!.push({
			wheel: wheels.get(wheelId)!,
			look: look ? { id: look.id, verdict: look.verdict, mayProceed: look.verdict !== 'stop' } : null,
			ring: ring ? { id: ring.id, verdict: ring.verdict, mayProceed: ring.mayProceed } : null
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
