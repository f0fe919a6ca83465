import { spawn } from 'node:child_process';
import { createWriteStream, existsSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { DATA } from '../paths.js';
import { noteRunning, runningOn } from '../running.js';
import { find, say } from '../system.js';
import { marked } from './dump-file.js';
import { type DatabaseAddress, addressFromEnvironment, nodesOf } from '../../lib/server/storage/hosts.js';
import { answers, startDatabase } from './mariadb.js';

/** What the tools of the database are told to reach it, as its owner. */
export const toolArguments = (owner: DatabaseAddress): { args: string[]; env: NodeJS.ProcessEnv } => ({
	args: ['--no-defaults', `--host=${owner.host}`, `--port=${owner.port}`, `--user=${owner.user}`],
	env: { ...process.env, MYSQL_PWD: owner.password }
});

/** The first node that answers of a database whose address the environment gives. @throws Error where none does */
async function given(): Promise<DatabaseAddress> {
	const all = addressFromEnvironment();
	for (const node of nodesOf(all.host, all.port))
		if (await answers({ ...all, ...node })) return { ...all, ...node };
	throw new Error(`None of ${all.host} answers with the name and password of UNCINUS_DB_USER.`);
}

/** The same of a database somewhere else: `UNCINUS_DB_*` say where and as whom. */
export async function backupOfGiven(file: string): Promise<void> {
	await writeWhole(await given(), file);
}

async function writeWhole(owner: DatabaseAddress, file: string): Promise<void> {
	const part = `${file}.part`;
	try {
		await dump(owner, part);
		renameSync(part, file);
	} finally {
		rmSync(part, { force: true });
	}
	say(`Written: ${file}`);
}

/** Writes everything kept, of one moment, to a compressed file; the old file stays until the new one is whole. */
export async function backup(file: string, folder = DATA): Promise<void> {
	if (!existsSync(join(folder, 'created'))) throw new Error(`There is no database in ${folder} to back up.`);
	const other = runningOn(folder);
	if (other && other.what !== 'start' && other.what !== 'dev')
		throw new Error(`A ${other.what} is under way here (process ${other.pid}). Wait until it is done.`);
	const done = other ? () => undefined : noteRunning(folder, 'backup');
	try {
		const db = await startDatabase(folder);
		try {
			await writeWhole(db.owner, file);
		} finally {
			// Only what was started here is stopped here.
			if (db.started) await db.stop();
		}
	} finally {
		done();
	}
}

async function dump(owner: DatabaseAddress, part: string): Promise<void> {
	const { args, env } = toolArguments(owner);
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
