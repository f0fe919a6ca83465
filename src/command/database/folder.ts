import { existsSync, mkdirSync, readdirSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/** Files that a table is kept in, whatever engine keeps it. */
const TABLE = /\.(?:frm|ibd|MYD|MAI|MAD)$/;
/** What belongs to the database of a folder. */
const PARTS = ['mariadb', 'created', 'access.json', 'mariadb.err'];

/**
 * Whether tables of a shop lie in this folder, whatever its marks say: then it is started as it is, and never laid out anew. What a
 * broken-off first layout leaves has none.
 */
export function holdsTables(folder: string): boolean {
	const shop = join(folder, 'mariadb', 'uncinus');
	return existsSync(shop) && readdirSync(shop).some((name) => TABLE.test(name));
}

/** Marks that this folder was laid out and has served. */
export const markCreated = (folder: string): void =>
	writeFileSync(join(folder, 'created'), '', { mode: 0o600 });
export const isCreated = (folder: string): boolean =>
	existsSync(join(folder, 'created')) || holdsTables(folder);

/** Moves the database of a folder out of the way, into a folder beside it that is kept; null where there was none. */
export function moveAside(folder: string, nowMs: number): string | null {
	if (!holdsTables(folder)) return null;
	const stamp = new Date(nowMs).toISOString().replace(/[:.]/g, '-');
	const aside = join(folder, `before-${stamp}`);
	mkdirSync(aside, { mode: 0o700 });
	for (const name of PARTS.filter((n) => existsSync(join(folder, n))))
		renameSync(join(folder, name), join(aside, name));
	return aside;
}
