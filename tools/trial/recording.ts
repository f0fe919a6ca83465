import { randomUUID } from 'node:crypto';

const CLIENTS = 8;
/** Who waits longer for an answer asks again, elsewhere where there is an elsewhere. */
const PATIENCE_MS = 10_000;
const AGAIN_AFTER_MS = 40;
const MARK = 'Kill trial';
/** The setup everybody begins, again and again. */
export const TRIAL_JOB = {
	part: MARK,
	quantity: 1,
	material: 'steel-hardened',
	hardnessHrc: 60,
	operation: 'surface',
	targetRaUm: 0.6,
	machineId: 1
};
export const pause = (ms: number): Promise<void> => new Promise((r) => setTimeout(r, ms));

/** Nothing acknowledged may be lost, nothing may be there twice. */
export interface Tally {
	acknowledged: number;
	lost: number;
	doubled: number;
}

interface Acknowledged {
	key: string;
	client: number;
	begun: number;
	at: number;
}

/**
 * People, eight where nothing else is said, who record one thing after the other, each until it is acknowledged,
 * with the same key every time.
 */
export class Recording {
	private readonly acknowledged: Acknowledged[] = [];
	private over = false;
	private givenUp = false;
	private wake: (() => void)[] = [];
	private work: Promise<unknown> = Promise.resolve();
	private constructor(
		private readonly people: number,
		private readonly restMs: number
	) {}

	/** Begins at these addresses, whose database this process reaches too; between two records each rests so long. */
	static async begin(bases: readonly string[], people = CLIENTS, restMs = 0): Promise<Recording> {
		const { closeDatabase, row } = await import('../../src/lib/server/storage/pool.js');
		const { openSession } = await import('../../src/lib/server/people/sessions.js');
		const who = (await row<{ id: number }>("SELECT id FROM users WHERE name = 'Ines Falk'"))!;
		const tokens: string[] = [];
		for (let i = 0; i < people; i++) tokens.push(await openSession(who.id));
		await closeDatabase();
		const all = new Recording(people, restMs);
		all.work = Promise.all(tokens.map((token, i) => all.client(bases, i, `uncinus=${token}`)));
		return all;
	}
	private async client(bases: readonly string[], first: number, cookie: string): Promise<void> {
		let at = first;
		// Nobody works to a beat: they begin one after the other, and rest half as long again, or half.
		if (this.restMs) await pause(this.restMs * Math.random());
		while (!this.over) {
			const key = randomUUID();
			const begun = performance.now();
			while (!(await start(bases[at % bases.length]!, cookie, key))) {
				if (this.givenUp) return;
				at++;
				await pause(AGAIN_AFTER_MS);
			}
			this.acknowledged.push({ key, client: first, begun, at: performance.now() });
			for (const wake of this.wake.splice(0)) wake();
			if (this.restMs) await pause(this.restMs * (0.5 + Math.random()));
		}
	}
	/** Resolves with the next record that is acknowledged. */
	next(): Promise<void> {
		return new Promise((r) => this.wake.push(r));
	}
	/** Waits until everybody had something acknowledged that was begun since then; the longest anybody waited for one meanwhile, in ms. */
	async longestWaitSince(since: number): Promise<number> {
		const served = () =>
			new Set(this.acknowledged.filter((a) => a.begun >= since).map((a) => a.client)).size === this.people;
		while (!served()) await this.next();
		return Math.max(...this.acknowledged.filter((a) => a.at >= since).map((a) => a.at - a.begun));
	}
	/** How long each record took, from when it was begun. */
	waitsMs(): number[] {
		return this.acknowledged.map((a) => a.at - a.begun);
	}
	/** Nobody goes on, whether what they record was acknowledged or not. */
	stop(): void {
		this.over = this.givenUp = true;
	}
	/** Lets everybody finish and counts what is there. */
	async end(): Promise<Tally> {
		this.over = true;
		await this.work;
		const { row, rows } = await import('../../src/lib/server/storage/pool.js');
		const kept = await rows<{ k: string; n: number }>(
			'SELECT r.request_key AS k, COUNT(DISTINCT r.setup_id) AS n FROM records r JOIN setups s ON s.id = r.setup_id WHERE s.part = ? GROUP BY r.request_key',
			[MARK]
		);
		const setups = await row<{ n: number }>('SELECT COUNT(*) AS n FROM setups WHERE part = ?', [MARK]);
		const there = new Set(kept.map((r) => r.k));
		const acknowledged = this.acknowledged.length;
		return {
			acknowledged,
			lost: this.acknowledged.filter((a) => !there.has(a.key)).length,
			doubled: kept.filter((r) => Number(r.n) > 1).length + Math.max(0, Number(setups!.n) - acknowledged)
		};
	}
}

/** Starts a setup; whether that was acknowledged. */
async function start(base: string, cookie: string, key: string): Promise<boolean> {
	const said = await send(base, '/api/setups', cookie, { key, values: TRIAL_JOB });
	return typeof said?.id === 'number';
}

/** What a shop answered to somebody, null where it refused or did not answer. */
export async function send(
	base: string,
	path: string,
	cookie: string,
	body: object
): Promise<Record<string, unknown> | null> {
	try {
		const response = await fetch(base + path, {
			method: 'POST',
			headers: { 'content-type': 'application/json', cookie },
			body: JSON.stringify(body),
			signal: AbortSignal.timeout(PATIENCE_MS)
		});
		const said = (await response.json()) as Record<string, unknown>;
		return response.ok ? said : null;
	} catch {
		return null;
	}
}
