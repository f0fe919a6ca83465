import { createHash, randomBytes } from 'node:crypto';
import { type Runner, row, write } from '../storage/pool.js';
import type { User } from './sign-in.js';

const SESSION_HOURS = 14;
export const SESSION_SECONDS = SESSION_HOURS * 3600;
/** Whoever left the screen for so long has to show the PIN again. */
export const IDLE_SECONDS = 60 * (Number(process.env.UNCINUS_IDLE_MINUTES) || 30);
/** A use is noted at most this often. */
const NOTED_EVERY_S = 60;

const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Opens a session and gives its token, which is kept nowhere here. */
export async function openSession(userId: number, on?: Runner): Promise<string> {
	const token = randomBytes(32).toString('base64url');
	await write(
		'INSERT INTO sessions (token_hash, user_id, expires_at, seen_at) VALUES (?, ?, UTC_TIMESTAMP(3) + INTERVAL ? HOUR, UTC_TIMESTAMP(3))',
		[tokenHash(token), userId, SESSION_HOURS],
		on
	);
	return token;
}

/** Who a session belongs to, and whether it waits for a PIN. */
export interface Session {
	user: User;
	/** Left alone for too long, or locked by its own screen. */
	locked: boolean;
	/** Signed in with a PIN for one time: nothing is done before it is changed. */
	mustChange: boolean;
}

/** The session of a token as it stands; reading it is no use of it. */
async function read(token: string): Promise<(Session & { idleS: number }) | null> {
	const s = await row<User & { must_change: number; idle_s: number; locked: number }>(
		`SELECT u.id, u.name, u.role, u.must_change, s.locked, TIMESTAMPDIFF(SECOND, s.seen_at, UTC_TIMESTAMP(3)) AS idle_s
		 FROM sessions s JOIN users u ON u.id = s.user_id WHERE s.token_hash = ? AND s.expires_at > UTC_TIMESTAMP(3) AND u.active`,
		[tokenHash(token)]
	);
	return (
		(s && {
			user: { id: s.id, name: s.name, role: s.role },
			locked: !!s.locked || s.idle_s >= IDLE_SECONDS,
			mustChange: !!s.must_change,
			idleS: s.idle_s
		}) ??
		null
	);
}

/** The session of a token, if there is one; using it keeps it awake. */
export async function sessionOf(token: string): Promise<Session | null> {
	const s = await read(token);
	if (!s) return null;
	const { idleS, ...session } = s;
	if (!s.locked && idleS >= NOTED_EVERY_S)
		await write('UPDATE sessions SET seen_at = UTC_TIMESTAMP(3) WHERE token_hash = ?', [tokenHash(token)]);
	return session;
}

/** Whether a session is there and awake; asking is no use of it. */
export async function isAwake(token: string): Promise<boolean> {
	const s = await read(token);
	return s !== null && !s.locked;
}

/** The screen was left: nothing goes on before a PIN. */
export const lockSession = async (token: string): Promise<void> => {
	await write('UPDATE sessions SET locked = TRUE WHERE token_hash = ?', [tokenHash(token)]);
};
/** The right PIN was shown at the screen it belongs to. */
export const wakeSession = async (token: string): Promise<void> => {
	await write('UPDATE sessions SET locked = FALSE, seen_at = UTC_TIMESTAMP(3) WHERE token_hash = ?', [
		tokenHash(token)
	]);
};
export async function signOut(token: string): Promise<void> {
	await write('DELETE FROM sessions WHERE token_hash = ? OR expires_at < UTC_TIMESTAMP(3)', [
		tokenHash(token)
	]);
}
/** Everywhere somebody is signed in, at once. */
export const endSessions = async (userId: number, on?: Runner): Promise<void> => {
	await write('DELETE FROM sessions WHERE user_id = ?', [userId], on);
};
