import type { ChildProcess } from 'node:child_process';
import { inWords, say } from './system.js';

const MAX = 3;
const WITHIN_MS = 60_000;

/** How something ended. @example endWords(null, 'SIGKILL') // "SIGKILL" */
const endWords = (code: number | null, signal: string | null): string => signal ?? `exit code ${code}`;

/** Counts starts: three again within a minute, then it is no accident any more. */
class Starts {
	private times: number[] = [];
	/** Whether it may be started once more now. */
	again(nowMs: number): boolean {
		this.times = [...this.times.filter((time) => nowMs - time < WITHIN_MS), nowMs];
		return this.times.length <= MAX;
	}
}

/**
 * Starts the application again whenever it ends by itself, until `over` or too often.
 * @param first the one that runs
 * @param start starts another; one that ends at once counts as one more end
 * @returns when it is over or given up
 */
export async function keepUp(
	first: ChildProcess,
	start: () => Promise<ChildProcess>,
	over: () => boolean
): Promise<'over' | 'given up'> {
	const starts = new Starts();
	for (let child: ChildProcess | null = first; ;) {
		const how = child && (await endOf(child));
		if (over()) return 'over';
		if (how) say(`The application ended (${how}).`);
		if (!starts.again(Date.now())) {
			say(`It was started again ${MAX} times within a minute. What it printed above says why it ends.`);
			return 'given up';
		}
		say('Starting it again ...');
		child = await start().catch((error: Error) => {
			say(inWords(error));
			return null;
		});
		if (child) say('The application answers again.');
	}
}

function endOf(child: ChildProcess): Promise<string> {
	if (child.exitCode !== null || child.signalCode !== null)
		return Promise.resolve(endWords(child.exitCode, child.signalCode));
	return new Promise((r) => child.once('exit', (code, signal) => r(endWords(code, signal))));
}
