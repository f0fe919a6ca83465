import { type ChildProcess, spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { SystemUser } from './system-user.js';

const MODE =
	'STRICT_ALL_TABLES,NO_ZERO_DATE,NO_ZERO_IN_DATE,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION';

/** Socket paths are limited to about a hundred characters, so the socket lives in the temporary folder under a name of its own. */
export const socketFor = (folder: string): string =>
	join(tmpdir(), `uncinus-${createHash('sha256').update(folder).digest('hex').slice(0, 12)}.sock`);
/** Its own: a server clears the temporary folder of what it takes for its leftovers when it starts. */
export const temporaryOf = (folder: string): string => join(folder, 'tmp');
/** Nothing is ever read from or written to files by a statement; this folder stays empty. */
export const filesOf = (folder: string): string => join(folder, 'files');

/** Whom the server is told to run as. */
export const runAs = (user: SystemUser | null): string[] =>
	user ? [`--user=${user.name}`] : process.getuid?.() === 0 ? ['--user=root'] : [];

/** Starts a server on this folder, reading `accounts` before it answers anybody; `more` are options of a node of a cluster. */
export function launch(
	program: string,
	o: { folder: string; port: number; accounts: string; user: SystemUser | null; more?: readonly string[] }
): ChildProcess {
	const child = spawn(program, [...options(o), ...(o.more ?? [])], {
		stdio: 'ignore',
		detached: true,
		// What it writes is for its own user alone.
		env: { ...process.env, UMASK: '0600', UMASK_DIR: '0700' }
	});
	child.unref();
	return child;
}

/** What every server of ours is told: loopback only, its own folders, strict, and enough room for what the application sends. */
function options({
	folder,
	port,
	accounts,
	user
}: {
	folder: string;
	port: number;
	accounts: string;
	user: SystemUser | null;
}): string[] {
	return [
		'--no-defaults',
		`--datadir=${join(folder, 'mariadb')}`,
		`--tmpdir=${temporaryOf(folder)}`,
		`--secure-file-priv=${filesOf(folder)}`,
		`--init-file=${accounts}`,
		'--local-infile=0',
		'--skip-symbolic-links',
		`--socket=${socketFor(folder)}`,
		`--port=${port}`,
		'--bind-address=127.0.0.1',
		`--pid-file=${join(folder, 'mariadb.pid')}`,
		`--log-error=${join(folder, 'mariadb.err')}`,
		...runAs(user),
		`--sql-mode=${MODE}`,
		'--character-set-server=utf8mb4',
		'--collation-server=utf8mb4_unicode_ci',
		'--default-time-zone=+00:00',
		'--default-storage-engine=InnoDB',
		'--skip-log-bin',
		'--skip-name-resolve',
		'--innodb-buffer-pool-size=128M',
		'--max-connections=120',
		'--max-allowed-packet=64M'
	];
}
