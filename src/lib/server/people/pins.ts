import { randomInt } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { pinFault } from '../../../core/shop/pin.js';
import { row, transaction, write } from '../storage/pool.js';
import { InputFault, Refused } from '../refused.js';
import { mayLead, signedIn } from './permission.js';
import { endSessions, openSession } from './sessions.js';
import type { User } from './sign-in.js';
import { lookedAt, waitWords } from './login-throttle.js';

export const hashPin = (pin: string): Promise<string> =>
	hash(pin, { memoryCost: 19456, timeCost: 2, parallelism: 1 });
export const isPin = (pinHash: string, pin: string): Promise<boolean> => verify(pinHash, pin);

/** How long a PIN for one time may wait to be used. */
const ONE_TIME_HOURS = 72;
const ONE_TIME_DIGITS = 8;

/** Digits nobody could guess. */
export function oneTimeDigits(): string {
	for (;;) {
		const pin = String(randomInt(10 ** ONE_TIME_DIGITS)).padStart(ONE_TIME_DIGITS, '0');
		if (!pinFault(pin)) return pin;
	}
}

/** Columns of a person who gets a PIN for one time. */
export async function oneTimeColumns(pin: string): Promise<[string, string | boolean | Date][]> {
	return [
		['pin_hash', await hashPin(pin)],
		['must_change', true],
		['pin_until', new Date(Date.now() + ONE_TIME_HOURS * 3_600_000)]
	];
}

/** A lead gives somebody a PIN for one time; whoever is signed in with the old one is signed out. @throws Refused 403, 404 */
export async function giveOneTimePin(name: string, user: User): Promise<string> {
	mayLead(user, 'A lead gives a new PIN.');
	const pin = oneTimeDigits();
	const columns = await oneTimeColumns(pin);
	await transaction(async (on) => {
		const who = await row<{ id: number }>('SELECT id FROM users WHERE name = ? FOR UPDATE', [name], on);
		if (!who) throw new Refused(404, 'not-found', `There is nobody called ${name.slice(0, 60)}.`);
		await write(
			`UPDATE users SET ${columns.map(([c]) => `${c} = ?`).join(', ')} WHERE id = ?`,
			[...columns.map(([, v]) => v), who.id],
			on
		);
		await endSessions(who.id, on);
	});
	return pin;
}

/** @throws InputFault when it may not be a PIN */
function checkNewPin(pin: unknown, field = 'newPin'): string {
	const text = typeof pin === 'string' ? pin.trim() : '';
	if (!text) throw new InputFault(field, 'missing', 'Type the new PIN.');
	const fault = pinFault(text);
	if (fault) throw new InputFault(field, 'not-allowed', fault);
	return text;
}

/** Somebody changes their own PIN, which ends all their sessions and opens a new one here. @throws InputFault; the token of the new session */
export async function changePin(
	given: { pin: unknown; newPin: unknown },
	user: User,
	address: string
): Promise<string> {
	signedIn(user);
	const newPin = checkNewPin(given.newPin);
	const { pin_hash } = (await row<{ pin_hash: string }>('SELECT pin_hash FROM users WHERE id = ?', [
		user.id
	]))!;
	const pin = typeof given.pin === 'string' ? given.pin : '';
	const tried = await lookedAt(user.id, address, () => isPin(pin_hash, pin));
	if ('waitS' in tried) throw new InputFault('pin', 'wait', `Too many wrong PINs. ${waitWords(tried.waitS)}`);
	if (!tried.right) throw new InputFault('pin', 'not-allowed', 'That is not your PIN.');
	if (pin === newPin)
		throw new InputFault('newPin', 'inconsistent', 'The new PIN is the old one. Take another.');
	const hashed = await hashPin(newPin);
	return transaction(async (on) => {
		await write(
			'UPDATE users SET pin_hash = ?, must_change = FALSE, pin_until = NULL WHERE id = ?',
			[hashed, user.id],
			on
		);
		await endSessions(user.id, on);
		return openSession(user.id, on);
	});
}
