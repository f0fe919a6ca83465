import { type Runner, isDuplicate, row, write } from './pool.js';

/**
 * Claims a request's key inside its transaction. Null when it is new; what was answered then when it was carried out before. A
 * second one at the same moment waits for the first.
 * @throws whatever the database says but that the key is there already
 */
export async function claim(
	key: string,
	userId: number,
	on: Runner
): Promise<Record<string, unknown> | null> {
	try {
		await write("INSERT INTO requests (request_key, user_id, result) VALUES (?, ?, '{}')", [key, userId], on);
		return null;
	} catch (e) {
		if (!isDuplicate(e)) throw e;
		return JSON.parse(
			(await row<{ result: string }>('SELECT result FROM requests WHERE request_key = ?', [key], on))!.result
		) as Record<string, unknown>;
	}
}

/** Keeps what was answered, for the same request coming again. */
export async function settle(key: string, result: object, on: Runner): Promise<void> {
	await write('UPDATE requests SET result = ? WHERE request_key = ?', [JSON.stringify(result), key], on);
}
