import { AsyncLocalStorage } from 'node:async_hooks';

const here = new AsyncLocalStorage<Map<string, Promise<unknown>>>();

/** Answers a request that only reads: what is asked for once within it is not asked for again. */
export const readingOnly = <T>(work: () => T): T => here.run(new Map(), work);

/** What the work comes to, carried out once in a request that only reads and every time anywhere else. */
export function oncePerRequest<T>(name: string, work: () => Promise<T>): Promise<T> {
	const known = here.getStore();
	if (!known) return work();
	const found = known.get(name) ?? work();
	known.set(name, found);
	// The same name is always the same work.
	return found as Promise<T>;
}
