import type { Pool, PoolConnection } from 'mysql2/promise';

/** How long what is asked may take, and what changes or locks something. */
export const READ_S = 5;
export const WRITE_S = 10;
/** Looked at so often: a machine that stood still for a while is no database that does. */
const TICK_MS = 1000;

let on = true;
/** Nobody waits at a page while a shop is put in or tables are brought up to date: a slow machine takes its time for that. */
export const withDeadlines = (given: boolean): void => {
	on = given;
};
export const deadlines = (): boolean => on;

/** No answer in time: the connection is given up, whatever comes of it. */
class Late extends Error {
	readonly code = 'LATE';
	constructor(seconds: number) {
		super(`No answer within ${seconds} s.`);
		this.name = 'Late';
	}
}

/** The work, or Late after so many seconds, with what is done about it then. */
async function within<T>(seconds: number, work: Promise<T>, late: () => void): Promise<T> {
	if (!on) return work;
	let timer: ReturnType<typeof setInterval> | undefined;
	const end = new Promise<never>((_, fail) => {
		let left = seconds;
		timer = setInterval(() => {
			if (--left > 0) return;
			late();
			fail(new Late(seconds));
		}, TICK_MS);
	});
	try {
		return await Promise.race([work, end]);
	} finally {
		clearInterval(timer);
	}
}

/** A connection of a pool; one that comes too late goes back at once. @throws Late */
export function connectionOf(pool: Pool): Promise<PoolConnection> {
	const got = pool.getConnection();
	return within(READ_S, got, () => {
		void got.then(
			(c) => c.release(),
			() => undefined
		);
	});
}

/** Asks on a connection; one that does not answer is destroyed, as its answer could be taken for that of the next question. @throws Late */
export const askOn = <T>(connection: PoolConnection, seconds: number, work: Promise<T>): Promise<T> =>
	within(seconds, work, () => connection.destroy());
