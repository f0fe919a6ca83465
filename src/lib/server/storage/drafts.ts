import { row, rows, write } from './pool.js';
import { stored } from './stored.js';

const MAX_BYTES = 60_000;
/** More things than anybody has begun at once; the browser keeps what goes beyond. */
const MAX = 400;

/** What somebody has typed but not recorded, kept for them until they do. */
export async function draftOf(userId: number, key: string): Promise<Record<string, unknown> | null> {
	const d = await row<{ body: string }>('SELECT body FROM drafts WHERE user_id = ? AND draft_key = ?', [
		userId,
		key
	]);
	return d ? stored(d.body) : null;
}
/** All drafts of somebody whose keys begin alike, by the rest of the key. */
export async function draftsOf(
	userId: number,
	prefix: string
): Promise<Record<string, Record<string, unknown>>> {
	const found = await rows<{ draft_key: string; body: string }>(
		'SELECT draft_key, body FROM drafts WHERE user_id = ? AND draft_key LIKE ?',
		[userId, `${prefix.replace(/[\\%_]/g, (c) => `\\${c}`)}%`]
	);
	return Object.fromEntries(
		found.flatMap((d) => {
			const body = stored<Record<string, unknown>>(d.body);
			return body ? [[d.draft_key.slice(prefix.length), body]] : [];
		})
	);
}

/** Keeps a draft; false when it is too large to keep on the server. */
export async function keepDraft(userId: number, key: string, body: object): Promise<boolean> {
	const text = JSON.stringify(body);
	if (text.length > MAX_BYTES || key.length > 80) return false;
	const others = await row<{ n: number }>(
		'SELECT COUNT(*) AS n FROM drafts WHERE user_id = ? AND draft_key <> ?',
		[userId, key]
	);
	if (Number(others!.n) >= MAX) return false;
	await write(
		'INSERT INTO drafts (user_id, draft_key, body) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE body = VALUES(body)',
		[userId, key, text]
	);
	return true;
}
export async function dropDraft(userId: number, key: string): Promise<void> {
	await write('DELETE FROM drafts WHERE user_id = ? AND draft_key = ?', [userId, key]);
}

const ASIDE = 'aside-';
/** Out of the way of the page, and not lost: what a page could not show. How many were moved. */
export async function setDraftsAside(userId: number, prefix: string): Promise<number> {
	const like = `${prefix.replace(/[\\%_]/g, (c) => `\\${c}`)}%`;
	// An older one of the same name makes room.
	await write(
		'DELETE a FROM drafts a JOIN drafts d ON d.user_id = a.user_id AND a.draft_key = CONCAT(?, d.draft_key) WHERE d.user_id = ? AND d.draft_key LIKE ?',
		[ASIDE, userId, like]
	);
	const done = await write(
		'UPDATE drafts SET draft_key = LEFT(CONCAT(?, draft_key), 80) WHERE user_id = ? AND draft_key LIKE ?',
		[ASIDE, userId, like]
	);
	return done.affectedRows;
}
