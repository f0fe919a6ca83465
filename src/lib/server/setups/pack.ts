import type { Companion, SetupFacts } from '../../../core/route/facts.js';
import type { PoolConnection } from 'mysql2/promise';
import { type Runner, row, rows, write } from '../db/pool.js';
import { latestAtRack } from '../db/records.js';
import { InputFault, Refused } from '../door/refused.js';
import { setWheelState, wheelByNumber, wheelsByIds } from '../wheels/wheels.js';

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
			look: look ? { id: look.id, verdict: look.verdict, mayProceed: look.verdict !== 'stop' } : null,
			ring: ring ? { id: ring.id, verdict: ring.verdict, mayProceed: ring.output.mayProceed === true } : null
		});
	}
	return list;
}

interface Part {
	kind: string;
	name: string | null;
	maxSpeedMps: number | null;
	maxSpeedRpm: number | null;
}
const over = (typed: number | null, marked: number | null): boolean =>
	typed !== null && marked !== null && typed > marked * (1 + 1e-9);

/**
 * Holds the wheels named in a pack and lets go of those no longer in it; each has to be on the rack, free, in date and no
 * faster than it is marked. @throws InputFault on the part, Refused when somebody else was quicker
 */
export async function holdPack(facts: SetupFacts, items: readonly Part[], on: PoolConnection): Promise<void> {
	const ids: number[] = [];
	for (const [i, part] of items.entries()) {
		if (part.kind !== 'wheel') continue;
		const number = part.name?.trim() ?? '';
		const fault = (code: string, says: string): InputFault => new InputFault(`items.${i}.name`, code, says);
		if (!number) throw fault('missing', `Part ${i + 1} is a wheel without a number. Pick it from the rack.`);
		const found = await row<{ id: number }>(
			'SELECT id FROM wheels WHERE number = ? FOR UPDATE',
			[number],
			on
		);
		const w = found && (await wheelByNumber(number, on));
		if (!w) throw fault('unknown-choice', `There is no wheel ${number} on the rack. Receive it first.`);
		if (over(part.maxSpeedMps, w.ratedMps))
			throw new InputFault(
				`items.${i}.maxSpeedMps`,
				'above-maximum',
				`Wheel ${number} is marked ${w.ratedMps} m/s. Enter what is on its blotter.`
			);
		if (over(part.maxSpeedRpm, w.ratedRpm))
			throw new InputFault(
				`items.${i}.maxSpeedRpm`,
				'above-maximum',
				`Wheel ${number} is marked ${w.ratedRpm} rpm. Enter what is on its blotter.`
			);
		if (w.id === facts.wheel?.id) continue;
		if (w.heldBy !== null && w.heldBy !== facts.id)
			throw new Refused(
				409,
				'held',
				`Wheel ${number} is held by setup ${w.heldBy}. Take another one.`,
				`items.${i}.name`
			);
		if (w.state === 'quarantined' || w.state === 'scrapped')
			throw fault(
				w.state,
				`Wheel ${number} is ${w.state}${w.stateReason ? `: ${w.stateReason}` : ''}. Take another one.`
			);
		if (w.expiresOn !== null && w.expiresOn < facts.today)
			throw fault('expired', `Wheel ${number} is out of date since ${w.expiresOn}. Take another one.`);
		if (ids.includes(w.id)) throw fault('inconsistent', `Wheel ${number} stands twice in the stack.`);
		ids.push(w.id);
	}
	await write('DELETE FROM setup_wheels WHERE setup_id = ?', [facts.id], on);
	for (const id of ids)
		await write('INSERT INTO setup_wheels (setup_id, wheel_id) VALUES (?, ?)', [facts.id, id], on);
}

/** Lets go of the other wheels of a pack when its leading wheel is given back. */
export async function letGo(facts: SetupFacts, on: PoolConnection): Promise<void> {
	for (const { wheel } of facts.companions)
		if (wheel.state === 'mounted') await setWheelState(wheel.id, 'available', null, on);
	await write('DELETE FROM setup_wheels WHERE setup_id = ?', [facts.id], on);
}
