import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, readFileSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { startDatabase } from './mariadb.js';
import { DATA } from './paths.js';
import { find, say } from './system.js';

async function withDatabase(work: (args: string[], env: NodeJS.ProcessEnv) => Promise<void>): Promise<void> {
	const running = existsSync(join(DATA, 'running.json'));
	const db = await startDatabase(DATA);
	try {
		await work(['--no-defaults', '--host=127.0.0.1', `--port=${db.address.port}`, '--user=uncinus'], {
			...process.env,
			MYSQL_PWD: db.address.password
		});
	} finally {
		if (!running) await db.stop();
	}
}

/** Writes everything kept to a compressed file; the old file stays until the new one is whole. */
export async function backup(file: string): Promise<void> {
	await withDatabase(async (args, env) => {
		const child = spawn(
			find('mariadb-dump', 'mysqldump')!,
			[
				...args,
				'--single-transaction',
				'--hex-blob',
				'--triggers',
				'--routines',
				'--no-tablespaces',
				'uncinus'
			],
			{ env, stdio: ['ignore', 'pipe', 'inherit'] }
		);
		const ended = new Promise<number | null>((r) => child.once('close', r));
		await pipeline(child.stdout, createGzip(), createWriteStream(`${file}.part`));
		if ((await ended) !== 0) throw new Error('The backup did not finish.');
		renameSync(`${file}.part`, file);
		say(`Written: ${file}`);
	});
}

/** Replaces everything kept by a backup. */
export async function restore(file: string): Promise<void> {
	if (!existsSync(file)) throw new Error(`There is no file ${file}.`);
	const head = readFileSync(file).subarray(0, 2);
	if (head[0] !== 0x1f || head[1] !== 0x8b) throw new Error(`${file} is not a backup made here.`);
	await withDatabase(async (args, env) => {
		const child = spawn(find('mariadb', 'mysql')!, [...args, 'uncinus'], {
			env,
			stdio: ['pipe', 'inherit', 'inherit']
		});
		const ended = new Promise<number | null>((r) => child.once('close', r));
		await pipeline(createReadStream(file), createGunzip(), child.stdin);
		if ((await ended) !== 0) throw new Error('The restore did not finish.');
		say('Restored.');
	});
}
