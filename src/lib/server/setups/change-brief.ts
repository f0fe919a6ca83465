import type { BriefFacts } from '../../../core/route/stations/brief/steps.js';
import { columnOf } from '../shop/columns.js';
import { type Runner, type Value, write } from '../storage/pool.js';

/** What a setup keeps of its job from now on; what was told before stays in its record. */
export async function changeBrief(setupId: number, brief: BriefFacts, on: Runner): Promise<void> {
	const told = Object.entries(brief) as [string, Value][];
	await write(
		`UPDATE setups SET ${told.map(([name]) => `${columnOf(name)} = ?`).join(', ')} WHERE id = ?`,
		[...told.map(([, v]) => v), setupId],
		on
	);
}
