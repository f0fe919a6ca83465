import { existsSync, readFileSync, readdirSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILD, ROOT } from './paths.js';
import { alive, run, say, until } from './system.js';

const STAMP = join(BUILD, '.built');
const LOCK = join(ROOT, '.building');

function newest(path: string): number {
	const s = statSync(path);
	if (!s.isDirectory()) return s.mtimeMs;
	return Math.max(0, ...readdirSync(path).map((n) => newest(join(path, n))));
}

/** Builds the application unless what is built is newer than its sources; one at a time, for two at once would leave half of each. */
export async function build(): Promise<void> {
	await until(taken, 'Another build is under way and does not end.', 600_000);
	try {
		await buildHere();
	} finally {
		rmSync(LOCK, { force: true });
	}
}

/** Takes the lock, also from a process that is gone. */
function taken(): boolean {
	try {
		writeFileSync(LOCK, String(process.pid), { flag: 'wx' });
		return true;
	} catch {
		const holder = holding();
		if (holder && !alive(holder)) rmSync(LOCK, { force: true });
		return false;
	}
}

/** Who builds; 0 where it is being let go at this moment. */
function holding(): number {
	try {
		return Number(readFileSync(LOCK, 'utf8'));
	} catch {
		return 0;
	}
}

async function buildHere(): Promise<void> {
	const sources = [
		'src',
		'static',
		'package-lock.json',
		'svelte.config.js',
		'vite.config.ts',
		'vite.thread.config.ts'
	].map((n) => join(ROOT, n));
	if (existsSync(STAMP) && statSync(STAMP).mtimeMs >= Math.max(...sources.map(newest))) return;
	const begun = new Date();
	say('Building ...');
	await run(process.execPath, [join(ROOT, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'error'], {
		cwd: ROOT,
		quiet: true
	});
	await run(
		process.execPath,
		[
			join(ROOT, 'node_modules/vite/bin/vite.js'),
			'build',
			'--config',
			'vite.thread.config.ts',
			'--logLevel',
			'error'
		],
		{ cwd: ROOT, quiet: true }
	);
	writeFileSync(STAMP, '');
	utimesSync(STAMP, begun, begun);
}
