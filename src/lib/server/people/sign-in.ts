import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { row, rows, transaction, write } from '../db/pool.js';

export type Role = 'machinist' | 'lead' | 'viewer';
export interface User {
	id: number;
	name: string;
	role: Role;
}

const SESSION_HOURS = 14;
const TRIES = 5;
const LOCK_MINUTES = 5;
const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');

export const hashPin = (pin: string): Promise<string> =>
	hash(pin, { memoryCost: 19456, timeCost: 2, parallelism: 1 });

export const isPin = (pinHash: string, pin: string): Promise<boolean> => verify(pinHash, pin);

/** Names that may sign in. */
export function people(): Promise<(User & { active: number })[]> {
	return rows('SELECT id, name, role, active FROM users WHERE active ORDER BY name');
}

export type SignIn = { token: string; user: User } | { problem: string; field: 'userId' | 'pin' };

/** Checks a PIN and opens a session; locks the name for a while after repeated failures. */
export async function signIn(userId: number, pin: string): Promise<SignIn> {
	return transaction(async (on) => {
		const u = await row<User & { pin_hash: string; failed_count: number; locked_s: number | null }>(
			'SELECT id, name, role, pin_hash, failed_count, TIMESTAMPDIFF(SECOND, UTC_TIMESTAMP(3), locked_until) AS locked_s FROM users WHERE id = ? AND active FOR UPDATE',
			[userId],
			on
		);
		if (!u) return { problem: 'Pick your name.', field: 'userId' };
		if (u.locked_s !== null && u.locked_s >= 0)
			return {
				problem: `Too many wrong PINs. Wait ${Math.max(1, Math.ceil(u.locked_s / 60))} minutes or ask a lead.`,
				field: 'pin'
			};
		if (!(await verify(u.pin_hash, pin))) {
			const failed = u.failed_count + 1;
			await write(
				'UPDATE users SET failed_count = ?, locked_until = IF(? >= ?, UTC_TIMESTAMP(3) + INTERVAL ? MINUTE, NULL) WHERE id = ?',
				[failed >= TRIES ? 0 : failed, failed, TRIES, LOCK_MINUTES, u.id],
				on
			);
			return {
				problem:
					failed >= TRIES
						? `Too many wrong PINs. Wait ${LOCK_MINUTES} minutes or ask a lead.`
						: `That PIN does not belong to ${u.name}. ${TRIES - failed} tries left.`,
				field: 'pin'
			};
		}
		const token = randomBytes(32).toString('base64url');
		await write('UPDATE users SET failed_count = 0, locked_until = NULL WHERE id = ?', [u.id], on);
		await write(
			'INSERT INTO sessions (token_hash, user_id, expires_at) VALUES (?, ?, UTC_TIMESTAMP(3) + INTERVAL ? HOUR)',
			[tokenHash(token), u.id, SESSION_HOURS],
			on
		);
		return { token, user: { id: u.id, name: u.name, role: u.role } };
	});
}

export function userOf(token: string): Promise<User | undefined> {
	return row<User>(
		'SELECT u.id, u.name, u.role FROM sessions s JOIN users u ON u.id = s.user_id WHERE s.token_hash = ? AND s.expires_at > UTC_TIMESTAMP(3) AND u.active',
		[tokenHash(token)]
	);
}

export async function signOut(token: string): Promise<void> {
	await write('DELETE FROM sessions WHERE token_hash = ? OR expires_at < UTC_TIMESTAMP(3)', [
		tokenHash(token)
	]);
}
export const SESSION_SECONDS = SESSION_HOURS * 3600;
