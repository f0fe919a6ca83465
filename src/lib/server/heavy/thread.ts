import type { MessagePort } from 'node:worker_threads';
import { InputFault } from '../../../core/calculation/fault.js';
import { DatabaseDown } from '../db/pool.js';
import { Refused } from '../door/refused.js';
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
	port: MessagePort | null;
}
type AnyJob = (given: unknown, tell: (o: object) => void) => unknown;

/** What a thread does with a task; faults of the input come back as data, because classes do not cross threads. */
export default async function run({ name, given, port }: Task): Promise<Outcome> {
	try {
		// One list of jobs, each with an input of its own; the caller was typed by the same list.
		return { ok: await (JOBS[name] as AnyJob)(given, (o) => port?.postMessage(o)) };
	} catch (e) {
		if (e instanceof InputFault) return { fault: e.toJSON() };
		if (e instanceof Refused) return { refused: { status: e.status, ...e.toJSON() } };
		if (e instanceof DatabaseDown) return { down: { message: e.message, code: e.code } };
		throw e;
	} finally {
		port?.close();
	}
}
