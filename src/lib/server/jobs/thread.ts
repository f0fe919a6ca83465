import type { MessagePort } from 'node:worker_threads';
import { move, transferableSymbol, valueSymbol } from 'piscina';
import { InputFault } from '../../../core/calculation/fault.js';
import { DatabaseDown } from '../storage/pool.js';
import { Refused } from '../refused.js';
import { JOBS, type JobName } from './jobs.js';

/** A fault that crosses from a thread to the request it belongs to. */
export type Outcome =
	| { ok: unknown }
	| { fault: { field: string; code: string; message: string } }
	| { refused: { status: Refused['status']; field: string; code: string; message: string } }
	| { down: { message: string; code: DatabaseDown['code'] } };

interface Task {
	name: JobName;
	given: unknown;
	port: MessagePort;
}
type AnyJob = (given: unknown, tell: (o: object) => void) => unknown;

/** What a thread does with a task; faults of the input come back as data, because classes do not cross threads. */
async function outcomeOf({ name, given, port }: Task): Promise<Outcome> {
	port.postMessage({ begun: true });
	try {
		// One list of jobs, each with an input of its own; the caller was typed by the same list.
		return { ok: await (JOBS[name] as AnyJob)(given, (o) => port.postMessage(o)) };
	} catch (error) {
		if (error instanceof InputFault) return { fault: error.toJSON() };
		if (error instanceof Refused) return { refused: { status: error.status, ...error.toJSON() } };
		if (error instanceof DatabaseDown) return { down: { message: error.message, code: error.code } };
		throw error;
	} finally {
		port.close();
	}
}

/** Long bytes of an outcome, which are handed over instead of copied. Short ones share a piece of memory with others. */
function ownBytes(outcome: Outcome): ArrayBufferLike[] {
	const ok = 'ok' in outcome ? outcome.ok : null;
	const values: unknown[] = ok instanceof Uint8Array ? [ok] : Object.values(ok ?? {});
	return values.flatMap((value) =>
		value instanceof Uint8Array && value.byteLength === value.buffer.byteLength ? [value.buffer] : []
	);
}

/** Does a task; the pool unpacks what is handed over, so that whoever asked gets the outcome itself. */
export default async function run(task: Task): Promise<unknown> {
	const outcome = await outcomeOf(task);
	const own = ownBytes(outcome);
	return own.length ? move({ [transferableSymbol]: own, [valueSymbol]: outcome }) : outcome;
}
