import { existsSync, readdirSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { BUILD, ROOT } from './paths.js';
import { run, say } from './system.js';

const STAMP = join(BUILD, '.built');

function newest(path: string): number {
	const s = statSync(path);
	if (!s.isDirectory()) return s.mtimeMs;
	return Math.max(0, ...readdirSync(path).map((n) => newest(join(path, n))));
}

/** Builds the application unless what is built is newer than its sources. */
export async function build(): Promise<void> {
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
