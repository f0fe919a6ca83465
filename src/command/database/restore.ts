import { spawn } from 'node:child_process';
import { createReadStream, existsSync, mkdirSync, rmSync, statSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import mysql from 'mysql2/promise';
import { DATA, MIGRATIONS } from '../paths.js';
import { noteRunning, refuseWhileRunning } from '../running.js';
import { find, say } from '../system.js';
import { toolArguments } from './backup.js';
import { type EndMark, verified } from './dump-file.js';
import { type PrivateDatabase, runningPid, startDatabase, stopDatabase } from './mariadb.js';
import { isCreated } from './folder.js';
import { markWhole, newOf, settleRestore, swap } from './swap.js';

/**
 * Puts a backup in place of everything kept. The file is read through first, loaded into a new folder, counted there, and only then
 * are the folders swapped; on any failure what was there stays as it was.
 * @throws Error in words: no backup, cut off, something runs here, a shop is there already and `over` was not said
 */
export async function restore(file: string, over: boolean, folder = DATA): Promise<void> {
	if (!statSync(file, { throwIfNoEntry: false })?.isFile()) throw new Error(`There is no file ${file}.`);
	refuseWhileRunning(folder);
	await settleRestore(folder);
	const pid = runningPid(folder);
	if (pid)
		throw new Error(`A database runs on ${folder} (process ${pid}). Stop what uses it, then restore again.`);
	const full = isCreated(folder);
	if (full && !over)
		throw new Error(
			`${folder} holds a shop already. Say --over to put the backup in its place; what is there is moved aside and kept.`
		);
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	const done = noteRunning(folder, 'restore');
	let kept: string | null;
	try {
		const mark = await verified(file);
		await loadInto(newOf(folder), file, mark);
		markWhole(folder);
		kept = swap(folder, Date.now());
	} finally {
		// Once what was there has been moved away, the new one is the shop.
		if (existsSync(folder)) rmSync(newOf(folder), { recursive: true, force: true });
		done();
	}
	say(kept ? `Restored. What was there before is kept in ${kept}.` : 'Restored.');
}

/** A backup in a database of its own in a folder of its own, for some work; the folder goes with it. @throws Error in words */
export async function loaded(
	folder: string,
	file: string,
	work: (db: PrivateDatabase) => Promise<void>
): Promise<void> {
	try {
		await loadInto(folder, file, await verified(file), work);
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

/** The backup in a database of its own, counted, with the triggers of its version. @throws Error when it could not be loaded whole */
async function loadInto(
	folder: string,
	file: string,
	mark: EndMark,
	work: (db: PrivateDatabase) => Promise<void> = () => Promise.resolve()
): Promise<void> {
	await stopDatabase(folder);
	rmSync(folder, { recursive: true, force: true });
	const db = await startDatabase(folder, 3617);
	try {
		const { args, env } = toolArguments(db.owner);
		const child = spawn(
			find('mariadb', 'mysql')!,
			// A backup is data: the client may not start programs or read files for it.
			[...args, '--sandbox', '--max-allowed-packet=256M', 'uncinus'],
			{ env, stdio: ['pipe', 'inherit', 'inherit'] }
		);
		const ended = new Promise<number | null>((r) => child.once('close', r));
		await pipeline(createReadStream(file), createGunzip(), child.stdin);
		if ((await ended) !== 0) throw new Error('The backup could not be loaded. Nothing was changed.');
		await counted(db, mark);
		await guarded(db);
		await work(db);
	} finally {
		await db.stop();
	}
}

/** @throws Error when what keeps evidence from being changed is not what this backup's version has */
async function guarded(db: PrivateDatabase): Promise<void> {
	const { wrongTriggers } = await import('../../lib/server/storage/verify.js');
	const connection = await mysql.createConnection({ ...db.owner, timezone: 'Z' });
	try {
		const wrong = await wrongTriggers(MIGRATIONS, connection);
		if (wrong.length)
			throw new Error(`The backup is not one of this application: ${wrong[0]} Nothing was changed.`);
	} finally {
		await connection.end();
	}
}

/** @throws Error when a table has other rows than the backup said */
async function counted(db: PrivateDatabase, mark: EndMark): Promise<void> {
	const connection = await mysql.createConnection(db.owner);
	try {
		for (const [table, rows] of Object.entries(mark.rows)) {
			const [found] = await connection.query('SELECT COUNT(*) AS n FROM ??', [table]);
			const n = Number((found as { n: number }[])[0]!.n);
			if (n !== rows)
				throw new Error(`The backup has ${rows} rows of ${table}, ${n} arrived. Nothing was changed.`);
		}
	} finally {
		await connection.end();
	}
}
