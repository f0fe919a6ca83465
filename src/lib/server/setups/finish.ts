import type { Runner } from '../storage/pool.js';
import { type SetupChange, changeSetup } from './change-setup.js';
import { closeAs } from './kept-facts.js';
import { loadSetup } from './setups.js';

/** Ends a setup: nothing is recorded in it any more, and what it shows stays as it is now. The caller holds the lock. */
export async function finishSetup(
	id: number,
	userId: number,
	change: SetupChange,
	on: Runner
): Promise<void> {
	await changeSetup(id, userId, { ...change, state: 'finished', onSpindle: false }, on);
	await closeAs((await loadSetup(id, on))!.facts, on);
}
