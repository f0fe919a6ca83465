import { row, rows, setClock, write } from '../storage/pool.js';
import { type User } from '../people/sign-in.js';
import { loadShop, read } from './shop.js';
import { loadWheels, type DemoRing, ring } from './wheels.js';
import { type DemoSetup, play } from './play.js';

/**
 * Fills an empty database with the demo shop; does nothing where there are people already. Setups are played through the same doors a
 * user takes; without them there are people, machines and what belongs to them.
 */
export async function loadDemo(folder: string, withSetups = true): Promise<boolean> {
	if (await row('SELECT id FROM users LIMIT 1')) return false;
	await write("INSERT INTO loading (name) VALUES ('demo')");
	await loadShop(folder);
	if (withSetups) await loadWork(folder);
	await write("DELETE FROM loading WHERE name = 'demo'");
	return true;
}

/** Whether the demo shop was being put in and that was broken off: what stands there is half a shop, and nobody's work. */
export const brokenOff = async (): Promise<boolean> =>
	(await row("SELECT name FROM loading WHERE name = 'demo'")) !== undefined;

/** Whether somebody has signed in, ever: loading a demo shop does not. */
export const somebodyWorked = async (): Promise<boolean> =>
	(await row('SELECT user_id FROM known_addresses UNION ALL SELECT user_id FROM sessions LIMIT 1')) !==
	undefined;

async function loadWork(folder: string): Promise<void> {
	const people = new Map(
		(await rows<User>('SELECT id, name, role FROM users')).map((user) => [user.name, user])
	);
	try {
		setClock(() => Date.now() - 300 * 3_600_000);
		await loadWheels(
			folder,
			[...people.values()].find((user) => user.role === 'lead')!
		);
		for (const r of read<DemoRing[]>(folder, 'rings.json')) await ring(r, people);
		// What was done with every dresser before today's setups; these keep their numbers.
		await write('ALTER TABLE setups AUTO_INCREMENT = 130');
		for (const s of read<DemoSetup[]>(folder, 'history.json')) await play(s, people);
		await write('ALTER TABLE setups AUTO_INCREMENT = 140');
		for (const s of read<DemoSetup[]>(folder, 'setups.json')) await play(s, people);
	} finally {
		setClock(null);
	}
}
