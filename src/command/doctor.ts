import { accessSync, constants, existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { find } from './system.js';
import { accessOf } from './database/access.js';
import { APP } from './database/accounts.js';
import { addressOf, databaseEnvironment, installed, runningPid } from './database/mariadb.js';
import { BUILD, DATA, MIGRATIONS, ROOT } from './paths.js';

/** Says what is installed, running, writable and migrated. */
export async function doctor(): Promise<void> {
	let bad = 0;
	const line = (ok: boolean, what: string, says: string) => {
		if (!ok) bad++;
		process.stdout.write(`${ok ? 'ok  ' : 'BAD '} ${what.padEnd(16)} ${says}\n`);
	};
	const info = (what: string, says: string) => process.stdout.write(`     ${what.padEnd(16)} ${says}\n`);
	line(Number(process.versions.node.split('.')[0]) >= 20, 'Node', process.versions.node);
	line(existsSync(join(ROOT, 'node_modules/@sveltejs/kit')), 'npm packages', 'in node_modules');
	line(installed() !== null, 'MariaDB', installed() ?? 'not installed; ./uncinus demo installs it');
	info(
		'Chromium',
		find('chromium', '/usr/bin/chromium') ??
			'not installed; needed for tests only, ./uncinus test installs it'
	);
	try {
		accessSync(existsSync(DATA) ? DATA : ROOT, constants.W_OK);
		line(true, 'Data folder', `${DATA} is writable`);
	} catch {
		line(false, 'Data folder', `${DATA} cannot be written`);
	}
	info('Built', existsSync(join(BUILD, 'index.js')) ? 'yes' : 'not yet; the first start builds');
	const access = accessOf(DATA);
	if (!access) {
		info('Database', 'not created yet');
		process.exitCode = bad ? 1 : 0;
		return;
	}
	const { port } = access;
	Object.assign(process.env, databaseEnvironment(addressOf(APP, access.password, port)));
	const { closeDatabase, row } = await import('../lib/server/storage/pool.js');
	const { pendingMigrations } = await import('../lib/server/storage/migrate.js');
	try {
		const v = await row<{ v: string; mode: string }>('SELECT VERSION() AS v, @@sql_mode AS mode');
		line(true, 'Database', `${v!.v} answers on 127.0.0.1:${port}`);
		line(v!.mode.includes('STRICT'), 'Strict mode', v!.mode.includes('STRICT') ? 'on' : 'off');
		const pid = runningPid(DATA);
		const uid = pid === null ? null : statSync(`/proc/${pid}`).uid;
		line(uid !== 0, 'Runs as', uid === 0 ? 'root; see docs/security.md' : `user ${uid}`);
		const pending = await pendingMigrations(MIGRATIONS);
		line(
			pending.length === 0,
			'Migrations',
			pending.length ? `waiting: ${pending.join(', ')}` : 'all applied'
		);
	} catch {
		info('Database', `not running (would be on 127.0.0.1:${port})`);
	}
	await closeDatabase();
	process.exitCode = bad ? 1 : 0;
}
