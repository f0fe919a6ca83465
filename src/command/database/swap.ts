import { existsSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { say } from '../system.js';
import { holdsTables } from './folder.js';
import { stopDatabase } from './mariadb.js';

/** Where a backup is loaded before it takes the place of what is there. */
export const newOf = (folder: string): string => `${folder}-restoring`;
const WHOLE = 'whole';

/** Says in the new folder that everything of the backup arrived there: from now on it may take the place. */
export const markWhole = (folder: string): void =>
	writeFileSync(join(newOf(folder), WHOLE), '', { mode: 0o600, flush: true });

/** A name that is free for what is moved out of the way. */
function keptName(folder: string, nowMs: number): string {
	const name = `${folder}-before-${new Date(nowMs).toISOString().replace(/[:.]/g, '-')}`;
	return existsSync(name) ? keptName(folder, nowMs + 1) : name;
}

/**
 * The new folder in the old one's place, decided by one rename: once the old one is moved away a next start finishes what is left,
 * before it nothing has happened. What was there is kept for good.
 * @returns where the shop that was there is kept; null where there was none
 */
export function swap(folder: string, nowMs: number): string | null {
	const kept = keptName(folder, nowMs);
	rmSync(join(folder, 'running.json'), { force: true });
	renameSync(folder, kept);
	takePlace(folder);
	const worthKeeping = holdsTables(kept) || readdirSync(kept).some((n) => n.startsWith('before-'));
	if (!worthKeeping) rmSync(kept, { recursive: true, force: true });
	return worthKeeping ? kept : null;
}
function takePlace(folder: string): void {
	renameSync(newOf(folder), folder);
	rmSync(join(folder, WHOLE), { force: true });
}

/** Finishes or undoes, in words, what a restore that was killed left behind; before anything else is done in the folder. */
export async function settleRestore(folder: string): Promise<void> {
	rmSync(join(folder, WHOLE), { force: true });
	if (!existsSync(newOf(folder))) return;
	// The server that was loading may have outlived who started it.
	await stopDatabase(newOf(folder));
	if (!existsSync(folder) && existsSync(join(newOf(folder), WHOLE))) {
		takePlace(folder);
		return say(
			'A restore was broken off after the shop that was there had been moved away. It is finished now.'
		);
	}
	rmSync(newOf(folder), { recursive: true, force: true });
	say(
		'A restore was broken off before it had changed anything. The shop is as it was; restore again if you want to.'
	);
}
