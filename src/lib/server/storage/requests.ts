import { Refused } from '../refused.js';
import { type Runner, isDuplicate, row, write } from './pool.js';

/** A key that was used before, for something else: nothing was carried out. */
export const otherRequest = (): Refused =>
	new Refused(
		409,
		'key-used',
		'This request carries the key of another one and was not carried out. Load the page again; what you typed is kept.'
	);

/**
 * Claims a request's key inside its transaction. Null when it is new; what was answered then when it was carried out before. A
 * second one at the same moment waits for the first.
 * @throws Refused when the key was used for something else or by somebody else, and whatever the database says but that the key is there already
 */
export async function claim(
	key: string,
	about: string,
	userId: number,
	on: Runner
): Promise<Record<string, unknown> | null> {
	try {
		await write(
			'INSERT INTO requests (request_key, about, user_id, result) VALUES (?, ?, ?, ?)',
			[key, about, userId, '{}'],
			on
		);
		return null;
	} catch (error) {
		if (!isDuplicate(error)) throw error;
		const before = (await row<{ about: string; user_id: number; result: string }>(
			'SELECT about, user_id, result FROM requests WHERE request_key = ?',
			[key],
			on
		))!;
		if (before.about !== about || before.user_id !== userId) throw otherRequest();
		return JSON.parse(before.result) as Record<string, unknown>;
	}
}

/** Keeps what was answered, for the same request coming again. */
export async function settle(key: string, result: object, on: Runner): Promise<void> {
	await write('UPDATE requests SET result = ? WHERE request_key = ?', [JSON.stringify(result), key], on);
}
