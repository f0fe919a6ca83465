import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type Runner, rows } from './pool.js';
import { statements } from './migrate.js';

const CREATES =
	/^CREATE OR REPLACE TRIGGER (\w+) (BEFORE|AFTER) (INSERT|UPDATE|DELETE) ON (\w+) FOR EACH ROW\s+([^]*)$/;
const DROPS = /^DROP TRIGGER IF EXISTS (\w+)$/;
const plain = (text: string): string => text.replace(/\s+/g, ' ').trim();
/** A trigger in one line, to be compared. */
const line = (name: string, timing: string, event: string, table: string, body: string): string =>
	`${name}: ${timing} ${event} ON ${table}: ${plain(body)}`;

/** The triggers that migrations of these names leave, in words to compare. @throws Error for a migration that is not known here */
export function triggersAfter(folder: string, names: readonly string[]): string[] {
	const found = new Map<string, string>();
	for (const name of [...names].sort())
		for (const sql of statements(readFileSync(join(folder, name), 'utf8'))) {
			const made = CREATES.exec(sql);
			if (made) found.set(made[1]!, line(made[1]!, made[2]!, made[3]!, made[4]!, made[5]!));
			const gone = DROPS.exec(sql)?.[1];
			if (gone) found.delete(gone);
		}
	return [...found.values()].sort();
}

/** The triggers of a database as they are. */
export async function triggersIn(on?: Runner): Promise<string[]> {
	const all = await rows<{ n: string; t: string; e: string; o: string; b: string }>(
		'SELECT TRIGGER_NAME AS n, ACTION_TIMING AS t, EVENT_MANIPULATION AS e, EVENT_OBJECT_TABLE AS o, ACTION_STATEMENT AS b FROM information_schema.TRIGGERS WHERE TRIGGER_SCHEMA = DATABASE()',
		[],
		on
	);
	return all.map((t) => line(t.n, t.t, t.e, t.o, t.b)).sort();
}
