import { isDuplicate, row, transaction, write } from '../storage/pool.js';
import { logger } from '../http/logger.js';
import { oneTimeColumns, oneTimeDigits } from './pins.js';
import { endSessions } from './sessions.js';

/** A lead who is let in from the server itself. Returns the PIN for one time. @throws Error in words when there is somebody of that name */
export async function addLead(name: string): Promise<string> {
	const pin = oneTimeDigits();
	const columns: [string, string | boolean | Date][] = [
		['name', name],
		['role', 'lead'],
		...(await oneTimeColumns(pin))
	];
	try {
		await write(
			`INSERT INTO users (${columns.map(([c]) => c).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
			columns.map(([, v]) => v)
		);
	} catch (error) {
		if (isDuplicate(error))
			throw new Error(`There is somebody called ${name} already. Use: person reset "${name}"`, {
				cause: error
			});
		throw error;
	}
	logger.info({ event: 'lead-added-at-the-server', name }, 'sign-in');
	return pin;
}

/** A PIN for one time for somebody who is locked out; whoever left works here again. @throws Error in words when there is nobody */
export async function resetPin(name: string): Promise<string> {
	const pin = oneTimeDigits();
	const columns = [...(await oneTimeColumns(pin)), ['active', true] as const];
	await transaction(async (on) => {
		const who = await row<{ id: number }>('SELECT id FROM users WHERE name = ? FOR UPDATE', [name], on);
		if (!who) throw new Error(`There is nobody called ${name}. Use: person add "${name}"`);
		await write(
			`UPDATE users SET ${columns.map(([c]) => `${c} = ?`).join(', ')} WHERE id = ?`,
			[...columns.map(([, v]) => v), who.id],
			on
		);
		await endSessions(who.id, on);
	});
	logger.info({ event: 'pin-reset-at-the-server', name }, 'sign-in');
	return pin;
}
