import { spawnSync } from 'node:child_process';
import { chmodSync, chownSync, lstatSync, readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** A user of the system that owns nothing but the database's folder. */
export interface SystemUser {
	name: string;
	uid: number;
	gid: number;
}

/** Made by the Debian package; `nobody` where the server was put there by hand. */
const NAMES = ['mysql', 'nobody'];

/** Whom the database runs as; null where we are not root ourselves and it runs as we do. */
export const unprivileged = (): SystemUser | null => oneOf(NAMES);
/** Whom the application runs as: somebody who cannot get at the files of the database either. */
export const forApplication = (): SystemUser | null => oneOf(['nobody']);

function oneOf(names: readonly string[]): SystemUser | null {
	if (process.getuid?.() !== 0) return null;
	const lines = readFileSync('/etc/passwd', 'utf8')
		.split('\n')
		.map((l) => l.split(':'));
	for (const name of names) {
		const found = lines.find((line) => line[0] === name);
		if (found) return { name, uid: Number(found[2]), gid: Number(found[3]) };
	}
	return null;
}

/** Whether this user gets into the folder: every folder above it has to let him through. */
export function reaches(user: SystemUser, folder: string): boolean {
	return spawnSync('/usr/bin/test', ['-x', folder], { uid: user.uid, gid: user.gid, cwd: '/' }).status === 0;
}

/** Whether this user can read a file, with every folder above it. */
export function reads(user: SystemUser, file: string): boolean {
	return spawnSync('/usr/bin/test', ['-r', file], { uid: user.uid, gid: user.gid, cwd: '/' }).status === 0;
}

/** Gives what is there to the user (null: it stays with whom it is) and closes it to everybody else, with all that is in it. */
export function closeTo(user: SystemUser | null, path: string): void {
	const s = lstatSync(path);
	if (s.isSymbolicLink()) return;
	if (user && (s.uid !== user.uid || s.gid !== user.gid)) chownSync(path, user.uid, user.gid);
	const mode = s.isDirectory() ? 0o700 : 0o600;
	if ((s.mode & 0o777) !== mode) chmodSync(path, mode);
	if (s.isDirectory()) for (const name of readdirSync(path)) closeTo(user, join(path, name));
}
