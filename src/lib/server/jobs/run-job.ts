import { availableParallelism } from 'node:os';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { MessageChannel, type Transferable } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { InputFault } from '../../../core/calculation/fault.js';
import { DatabaseDown } from '../storage/pool.js';
import { logger } from '../http/logger.js';
import { Refused } from '../refused.js';
import type { JobInput, JobName, JobResult } from './jobs.js';
import { JobTime } from './job-time.js';
import type { Outcome } from './thread.js';

/** How long each may take before it is given up, in seconds. */
const WITHIN_S: Readonly<Record<JobName, number>> = {
	calc: 15,
	listen: 30,
	tags: 30,
	card: 20,
	'release-sheet': 20,
	'carry-out': 20,
	'rack-file': 60,
	import: 300
};
/** What a thread may hold before it is ended; the server itself lives on. */
const MAX_MB = 256;
/** Of one person: one under way and so many behind it; more is a page gone wild, or somebody who means harm. */
const MAX_WAITING = 6;
const MAX_QUEUED = 60;

let pool: Piscina | undefined;
function threads(): Piscina {
	if (pool) return pool;
	const root = process.env.UNCINUS_ROOT ?? process.cwd();
	const built = join(root, 'build/thread/thread.js');
	// The built application runs its built thread; tests and development run the source.
	const fromSource = process.env.UNCINUS_BUILT !== '1' || !existsSync(built);
	pool = new Piscina({
		filename: fromSource ? join(root, 'src/lib/server/jobs/thread.ts') : built,
		execArgv: fromSource ? ['--import', 'tsx'] : [],
		minThreads: 1,
		maxThreads: Math.max(1, Math.min(4, availableParallelism())),
		idleTimeout: 30_000,
		maxQueue: MAX_QUEUED,
		resourceLimits: { maxOldGenerationSizeMb: MAX_MB, maxYoungGenerationSizeMb: 24 },
		env: { ...process.env, UNCINUS_DB_CONNECTIONS: '2' }
	});
	return pool;
}
/** Ends the threads; for the end of tests and of the command. */
export async function endThreads(): Promise<void> {
	await pool?.destroy();
	pool = undefined;
}

const busy = (): Refused =>
	new Refused(429, 'busy', 'Too much is being worked out for you already. Wait a moment, then try again.');

/** What each person has under way: the last one to wait for, and how many there are. */
const turns = new Map<number, { last: Promise<unknown>; count: number }>();
/** Lets a person have one heavy piece of work at a time; others go on meanwhile. @throws Refused when too many wait */
export async function inTurn<T>(userId: number, work: () => Promise<T>): Promise<T> {
	const mine = turns.get(userId) ?? { last: Promise.resolve(), count: 0 };
	if (mine.count > MAX_WAITING) throw busy();
	turns.set(userId, mine);
	mine.count++;
	const before = mine.last;
	const own = before.catch(() => undefined).then(work);
	mine.last = own;
	try {
		return await own;
	} finally {
		if (--mine.count === 0) turns.delete(userId);
	}
}

export interface JobOptions {
	/** Told of progress, as it is made. */
	tell?: (o: object) => void;
	/** Given up when this is aborted: whoever asked has gone. */
	gone?: AbortSignal;
	/** Handed over instead of copied. */
	transfer?: Transferable[];
}

/**
 * Does a heavy piece of work for a person in a thread: one at a time of each, within its time and its memory.
 * @throws InputFault and Refused as the work does; Refused 413 when it took too long or too much, 429 when too many wait; DatabaseDown
 */
export function runJob<N extends JobName>(
	userId: number,
	name: N,
	given: JobInput<N>,
	o: JobOptions = {}
): Promise<JobResult<N>> {
	return inTurn(userId, () => runJobNow(name, given, o));
}

/** As `heavy` without waiting for one's turn: for what already holds a lock that others wait for. @throws as `heavy` */
export async function runJobNow<N extends JobName>(
	name: N,
	given: JobInput<N>,
	o: JobOptions = {}
): Promise<JobResult<N>> {
	const late = new AbortController();
	const time = new JobTime(WITHIN_S[name], () => late.abort());
	const channel = new MessageChannel();
	// A thread that has to be started first, on a machine that is busy, has not begun to work.
	channel.port1.on('message', (said: object) => ('begun' in said ? time.begin() : o.tell?.(said)));
	const tooHeavy = (why: string) =>
		new Refused(413, 'too-heavy', `This ${why}. Ask for less, or use the command on the machine.`);
	let outcome: Outcome;
	try {
		outcome = (await threads().run(
			{ name, given, port: channel.port2 },
			{
				signal: o.gone ? AbortSignal.any([late.signal, o.gone]) : late.signal,
				transferList: [channel.port2, ...(o.transfer ?? [])]
			}
		)) as Outcome;
	} catch (error) {
		if (late.signal.aborted) throw tooHeavy(`took more than ${WITHIN_S[name]} s and was given up`);
		const code = String((error as { code?: unknown }).code ?? '');
		if (code === 'ERR_WORKER_OUT_OF_MEMORY') throw tooHeavy('needs more memory than there is for one');
		if (/queue/i.test((error as Error).message)) throw busy();
		if (o.gone?.aborted) throw new Refused(409, 'gone', 'Nobody waits for this any more.');
		logger.error({ err: error, job: name }, 'heavy');
		throw error;
	} finally {
		time.end();
		channel.port1.close();
	}
	// The list of jobs types both ends.
	if ('ok' in outcome) return outcome.ok as JobResult<N>;
	if ('fault' in outcome)
		throw new InputFault(outcome.fault.field, outcome.fault.code, outcome.fault.message);
	if ('refused' in outcome) {
		const { status, code, message, field } = outcome.refused;
		throw new Refused(status, code, message, field);
	}
	throw new DatabaseDown(new Error('in a thread'), outcome.down.message, outcome.down.code);
}
