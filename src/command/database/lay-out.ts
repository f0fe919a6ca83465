import { chmodSync, chownSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { find, run, say } from '../system.js';
import { holdsTables } from './folder.js';
import { filesOf, runAs, temporaryOf } from './launch.js';
import { type SystemUser, closeTo, reaches, unprivileged } from './system-user.js';

/** Folders for the database alone, and whom it runs as. */
export function prepare(folder: string): SystemUser | null {
	for (const f of [folder, temporaryOf(folder), filesOf(folder)]) openFolder(f, null);
	const user = unprivileged();
	if (user) chownSync(folder, user.uid, user.gid);
	if (user && !reaches(user, folder)) {
		say(
			`The user ${user.name} cannot get into ${folder}, so the database runs as root. Move the folder, or let others pass through the folders above it (chmod o+x).`
		);
		return null;
	}
	for (const name of ['mariadb', 'tmp', 'files', 'mariadb.err', 'mariadb.pid'])
		if (existsSync(join(folder, name))) closeTo(user, join(folder, name));
	return user;
}

/** A folder that is there, for its owner alone. */
export function openFolder(path: string, user: SystemUser | null): void {
	mkdirSync(path, { recursive: true, mode: 0o700 });
	chmodSync(path, 0o700);
	if (user) chownSync(path, user.uid, user.gid);
}

const LAID_OUT = 'laying-out-';
/**
 * Removes what starts that were broken off have left. Whoever writes there may not have ended yet, and then a folder
 * fills again while it is emptied: it stays, harms nothing, and is removed by a later start.
 */
export function removeBrokenOff(folder: string): void {
	for (const left of readdirSync(folder).filter((name) => name.startsWith(LAID_OUT)))
		try {
			rmSync(join(folder, left), { recursive: true, force: true });
		} catch {
			/* written to at this moment */
		}
}

/** Lays out an empty database; it is not started for it, so nobody can reach it meanwhile. */
export async function create(folder: string, user: SystemUser | null): Promise<void> {
	const data = join(folder, 'mariadb');
	if (holdsTables(folder))
		throw new Error(`${data} holds a shop and is never laid out anew. Look at it with ./uncinus doctor.`);
	// Made beside its place and put there whole: one that is broken off never looks like a database, and never disturbs the next.
	const made = join(folder, `${LAID_OUT}${process.pid}`);
	removeBrokenOff(folder);
	await run(
		find('/usr/bin/mariadb-install-db', 'mariadb-install-db', 'mysql_install_db')!,
		[
			'--no-defaults',
			`--datadir=${made}`,
			`--tmpdir=${temporaryOf(folder)}`,
			'--auth-root-authentication-method=socket',
			'--skip-test-db',
			...runAs(user)
		],
		{ quiet: true }
	);
	rmSync(data, { recursive: true, force: true });
	renameSync(made, data);
}
