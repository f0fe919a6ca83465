import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { alive } from './system.js';

/** Who works on a data folder at the moment: one at a time, so that nobody's database is stopped or swapped under somebody else. */
export interface Running {
	pid: number;
	what: 'start' | 'dev' | 'backup' | 'restore';
	/** Where the application answers, once it does. */
	port: number | null;
}
const noteOf = (folder: string): string => join(folder, 'running.json');

/** Another command at work on this folder; a stale note of a crashed one is ignored. */
export function runningOn(folder: string): Running | null {
	try {
		const r = JSON.parse(readFileSync(noteOf(folder), 'utf8')) as Running;
		const ours = readFileSync(`/proc/${r.pid}/cmdline`, 'utf8').includes('main.ts');
		return alive(r.pid) && r.pid !== process.pid && ours ? r : null;
	} catch {
		return null;
	}
}

/** @throws Error in words when somebody else is at work there */
export function refuseWhileRunning(folder: string): void {
	const other = runningOn(folder);
	if (!other) return;
	throw new Error(
		other.port === null
			? `A ${other.what} is under way here (process ${other.pid}). Wait until it is done.`
			: `Already running at http://127.0.0.1:${other.port} (process ${other.pid}). Stop that one first.`
	);
}

/** Notes who is at work; `done` takes the note back. */
export function noteRunning(folder: string, what: Running['what'], port: number | null = null): () => void {
	writeFileSync(noteOf(folder), JSON.stringify({ pid: process.pid, what, port }), { mode: 0o600 });
	return () => rmSync(noteOf(folder), { force: true });
}
