import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { rows, write } from './pool.js';

/** Statements of a migration file. Each is written so that it can be run again: MariaDB commits every definition by itself. */
export function statements(sql: string): string[] {
	return sql
		.split(/;[ \t]*\r?\n/)
		.map((s) => s.replace(/^\s*--.*$/gm, '').trim())
		.filter(Boolean);
}

/** Applies the migrations not yet applied, in order, and returns their names. */
export async function migrate(folder: string): Promise<string[]> {
	if (!(await pendingMigrations(folder)).length) return [];
	await write(
		'CREATE TABLE IF NOT EXISTS migrations (name VARCHAR(100) PRIMARY KEY, at DATETIME(3) NOT NULL DEFAULT CURRENT_TIMESTAMP(3))'
	);
	const done = new Set((await rows<{ name: string }>('SELECT name FROM migrations')).map((r) => r.name));
	const names = readdirSync(folder)
		.filter((n) => n.endsWith('.sql') && !done.has(n))
		.sort();
	for (const name of names) {
		for (const sql of statements(readFileSync(join(folder, name), 'utf8'))) await query(sql);
		await write('INSERT INTO migrations (name) VALUES (?)', [name]);
	}
	return names;
}

/** Definitions cannot be prepared, so they go as plain text; nothing of it comes from a person. */
async function query(sql: string): Promise<void> {
	const { database } = await import('./pool.js');
	await database().query(sql.replace(/;$/, ''));
}

export async function pendingMigrations(folder: string): Promise<string[]> {
	const done = new Set(
		(await rows<{ name: string }>('SELECT name FROM migrations').catch(() => [])).map((r) => r.name)
	);
	return readdirSync(folder).filter((n) => n.endsWith('.sql') && !done.has(n));
}
