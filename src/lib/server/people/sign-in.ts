import { pinFault } from '../../../core/shop/pin.js';
import { isDuplicate, row, rows, write } from '../storage/pool.js';
import { logger } from '../http/logger.js';
import { hashPin, isPin } from './pins.js';
import { openSession } from './sessions.js';
import { lookedAt, waitWords } from './login-throttle.js';

type Role = 'machinist' | 'lead' | 'viewer';
export interface User {
	id: number;
	name: string;
	role: Role;
}

/** Names that may sign in. */
export function people(): Promise<User[]> {
	return rows('SELECT id, name, role FROM users WHERE active ORDER BY name');
}

export type SignIn = { user: User } | { problem: string; field: 'userId' | 'pin' };

/** Checks a PIN at an address: the person, or what to say. Every try is written to the log with its address. */
export async function checkPin(userId: number, pin: string, address: string): Promise<SignIn> {
	const u = await row<User & { pin_hash: string; late: number }>(
		'SELECT id, name, role, pin_hash, pin_until IS NOT NULL AND pin_until < UTC_TIMESTAMP(3) AS late FROM users WHERE id = ? AND active',
		[userId]
	);
	if (!u) return { problem: 'Pick your name.', field: 'userId' };
	const note = (event: string) => logger.info({ event, userId: u.id, name: u.name, address }, 'sign-in');
	const tried = await lookedAt(u.id, address, () => isPin(u.pin_hash, pin));
	if ('waitS' in tried) {
		note('waits');
		return { problem: `Too many wrong PINs. ${waitWords(tried.waitS)}`, field: 'pin' };
	}
	if (!tried.right) {
		note('wrong-pin');
		return { problem: `That PIN does not belong to ${u.name}.`, field: 'pin' };
	}
	if (u.late) {
		note('one-time-pin-late');
		return { problem: 'This one-time PIN is out of date. Ask a lead for another.', field: 'pin' };
	}
	// One from before this rule: it still opens the door once, to a new one.
	if (pinFault(pin)) await write('UPDATE users SET must_change = TRUE WHERE id = ?', [u.id]);
	note('signed-in');
	return { user: { id: u.id, name: u.name, role: u.role } };
}

/** Checks a PIN and opens a session. */
export async function signIn(
	userId: number,
	pin: string,
	address: string
): Promise<{ token: string; user: User } | { problem: string; field: 'userId' | 'pin' }> {
	const told = await checkPin(userId, pin, address);
	return 'problem' in told ? told : { ...told, token: await openSession(told.user.id) };
}

/** The first person's number: two at once cannot both have it, wherever each of them is answered. */
const FIRST_ID = 1;

/** The first person of an empty shop, a lead; null when there is somebody already. */
export async function firstLead(name: string, pin: string): Promise<User | null> {
	const hashed = await hashPin(pin);
	if (await row('SELECT id FROM users LIMIT 1')) return null;
	try {
		await write('INSERT INTO users (id, name, role, pin_hash) VALUES (?, ?, ?, ?)', [
			FIRST_ID,
			name,
			'lead',
			hashed
		]);
	} catch (error) {
		if (isDuplicate(error)) return null;
		throw error;
	}
	return { id: FIRST_ID, name, role: 'lead' };
}
