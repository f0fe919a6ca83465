import { type Runner, rows } from './pool.js';
import { oncePerRequest } from './this-request.js';
import { oncePerTransaction } from './this-transaction.js';

/** What the shop keeps and seldom changes, by the name of its table. */
export type Topic = 'machines' | 'mounts' | 'dressers' | 'guidelines' | 'shop' | 'block_sets';

interface Held {
	stamp: string;
	value: Promise<unknown>;
}
const held = new Map<string, Held>();

async function readStamps(on?: Runner): Promise<Map<string, string>> {
	const list = await rows<{ name: string; stamp: string }>(
		'SELECT name, CAST(stamp AS CHAR) AS stamp FROM stamps ORDER BY name',
		[],
		on
	);
	return new Map(list.map((s) => [s.name, s.stamp]));
}
/** The stamps that stand; inside a transaction those it sees itself. */
const stampsNow = (on?: Runner): Promise<Map<string, string>> =>
	on ? oncePerTransaction(on, 'stamps', () => readStamps(on)) : oncePerRequest('stamps', () => readStamps());

/** All stamps as one text: it changes whenever anything does that the shop keeps. */
export const stampsInOne = async (): Promise<string> => [...(await stampsNow()).values()].join(' ');

/** Nobody who is given it may change what all are given. */
function frozen<T>(value: T): T {
	if (typeof value === 'object' && value !== null && !Object.isFrozen(value)) {
		Object.freeze(value);
		for (const inner of Object.values(value)) frozen(inner);
	}
	return value;
}

/**
 * What is read of a topic, held for as long as the stamp of it stands. The stamp is asked for first, so that what is held is never older
 * than it says; two questions about the same topic go by different names.
 */
export async function cached<T>(
	topic: Topic,
	name: string,
	read: (on?: Runner) => Promise<T>,
	on?: Runner
): Promise<T> {
	const stamp = (await stampsNow(on)).get(topic) ?? '';
	const key = `${topic} ${name}`;
	const found = held.get(key);
	if (found?.stamp === stamp) return found.value as Promise<T>;
	const value = read(on).then(frozen);
	const mine = { stamp, value };
	held.set(key, mine);
	// What failed is asked for again.
	value.catch(() => held.get(key) === mine && held.delete(key));
	return value;
}
