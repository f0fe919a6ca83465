import { performance } from 'node:perf_hooks';
import { row } from '../../src/lib/server/storage/pool.js';
import { median } from '../../src/core/numeric/median.js';

const TIMES = 40;
export interface Measured {
	ms: number;
	bytes: number;
}

/** Pages in turn, so that whatever else goes on meets each of them; the middle of each. */
export async function measured(
	base: string,
	cookie: string,
	paths: readonly string[],
	times = TIMES
): Promise<Measured[]> {
	const taken = paths.map((): number[] => []);
	const bytes = paths.map(() => 0);
	for (let i = 0; i < times; i++)
		for (const [at, path] of paths.entries()) {
			const begun = performance.now();
			const answer = await fetch(base + path, { headers: { cookie, accept: 'text/html' } });
			bytes[at] = (await answer.arrayBuffer()).byteLength;
			if (!answer.ok) throw new Error(`${path} answered ${answer.status}.`);
			taken[at]!.push(performance.now() - begun);
		}
	return taken.map((list, at) => ({ ms: median(list), bytes: bytes[at]! }));
}

/** Statements the whole server carried out for one answer, asked for a second time. */
export async function statementsFor(base: string, cookie: string, path: string): Promise<number> {
	const count = async () =>
		Number((await row<{ Value: string }>("SHOW GLOBAL STATUS LIKE 'Questions'"))!.Value);
	await fetch(base + path, { headers: { cookie } });
	const before = await count();
	await fetch(base + path, { headers: { cookie } });
	return (await count()) - before - 1;
}
