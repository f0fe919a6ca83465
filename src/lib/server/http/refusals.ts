import type { Logger } from 'pino';

/** So many of one kind are told in a minute; more are only counted. */
const TOLD = 10;
const WITHIN_MS = 60_000;

/** What was refused before anything was done, a short line each: whoever sends rubbish cannot fill the log with it. */
export class Refusals {
	private readonly kinds = new Map<string, { since: number; count: number }>();
	constructor(private readonly log: Pick<Logger, 'info'>) {}

	/** One more of a kind, such as a status; `nowMs` is when. */
	tell(kind: string, path: string, nowMs: number): void {
		const of = this.kinds.get(kind) ?? { since: nowMs, count: 0 };
		if (nowMs - of.since >= WITHIN_MS) {
			this.sayMore(kind, of.count);
			Object.assign(of, { since: nowMs, count: 0 });
		}
		of.count++;
		this.kinds.set(kind, of);
		if (of.count <= TOLD) this.log.info({ event: 'refused', kind, path }, 'door');
	}
	private sayMore(kind: string, count: number): void {
		if (count > TOLD) this.log.info({ event: 'refused', kind, more: count - TOLD }, 'door');
	}
}
