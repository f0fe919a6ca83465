import { spawn } from 'node:child_process';
import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { DATA } from '../paths.js';
import { noteRunning, runningOn } from '../running.js';
import { find, say } from '../system.js';
import { marked } from './dump-file.js';
import { type PrivateDatabase, startDatabase } from './mariadb.js';

/** What the tools of the database are told to reach it. */
export const toolArguments = (db: PrivateDatabase): { args: string[]; env: NodeJS.ProcessEnv } => ({
	args: ['--no-defaults', `--host=${db.owner.host}`, `--port=${db.owner.port}`, `--user=${db.owner.user}`],
	env: { ...process.env, MYSQL_PWD: db.owner.password }
});

/** Writes everything kept, of one moment, to a compressed file; the old file stays until the new one is whole. */
export async function backup(file: string, folder = DATA): Promise<void> {
	if (!existsSync(join(folder, 'created'))) throw new Error(`There is no database in ${folder} to back up.`);
	const other = runningOn(folder);
	if (other && other.what !== 'start' && other.what !== 'dev')
		throw new Error(`A ${other.what} is under way here (process ${other.pid}). Wait until it is done.`);
	const done = other ? () => undefined : noteRunning(folder, 'backup');
	const part = `${file}.part`;
	try {
		const db = await startDatabase(folder);
		try {
			await dump(db, part);
			renameSync(part, file);
		} finally {
			// Only what was started here is stopped here.
			if (db.started) await db.stop();
		}
	} finally {
		rmSync(part, { force: true });
		done();
	}
	say(`Written: ${file}`);
}

async function dump(db: PrivateDatabase, part: string): Promise<void> {
	const { args, env } = toolArguments(db);
	const child = spawn(
		find('mariadb-dump', 'mysqldump')!,
		[
			...args,
			'--single-transaction',
			'--skip-extended-insert',
			'--no-autocommit',
			'--hex-blob',
			'--triggers',
			'--routines',
			'--no-tablespaces',
			'--max-allowed-packet=256M',
			'uncinus'
		],
		{ env, stdio: ['ignore', 'pipe', 'inherit'] }
	);
	const ended = new Promise<number | null>((r) => child.once('close', r));
	await pipeline(child.stdout, marked, createGzip(), createWriteStream(part, { mode: 0o600 }));
	if ((await ended) !== 0) throw new Error('The backup did not finish.');
}
