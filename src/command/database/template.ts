import { cpSync, existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { startDatabase } from './mariadb.js';
import { shopOn } from './shop-on.js';

/** What makes a stopped database: its data, how it is reached, that it was laid out. */
const PARTS = ['mariadb', 'access.json', 'created'];

/** Makes a folder with the demo shop in it, stopped: it is copied for whoever needs one, as putting it in takes a while. */
export async function makeTemplate(folder: string, port: number): Promise<void> {
	const env = { ...process.env };
	const db = await startDatabase(folder, port);
	try {
		await shopOn(db, true);
	} finally {
		await db.stop();
		Object.assign(process.env, env);
	}
}

/** Lays a copy of the template into a new folder, where this run has made one. */
export function copyTemplate(folder: string): void {
	const template = process.env.UNCINUS_DEMO_TEMPLATE;
	if (!template || existsSync(join(folder, 'mariadb'))) return;
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	for (const name of PARTS)
		cpSync(join(template, name), join(folder, name), { recursive: true, preserveTimestamps: true });
}
