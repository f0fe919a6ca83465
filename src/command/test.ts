import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.js';
import { runningPid, startDatabase, stopDatabase } from './database/mariadb.js';
import { shopOn } from './database/shop-on.js';
import { copyTemplate, makeTemplate } from './database/template.js';
import { ROOT } from './paths.js';
import { find, freePort, installPackages, say } from './system.js';

interface Count {
	passed: number;
	/** What failed, each with its reason: said once more at the end, where a long log is read first. */
	failures: string[];
}
const PARTS = ['format', 'lint', 'types', 'core', 'server', 'doors', 'cluster', 'browser'] as const;
type Part = (typeof PARTS)[number];
/** They begin when little else runs. */
const LAST: readonly Part[] = ['doors', 'cluster', 'browser'];
/** Run where they are asked for: minutes of killing servers, whose own clocks decide how long each one takes. */
const ON_DEMAND: readonly Part[] = ['cluster'];
/**
 * These run beside the others, in a shop of their own; the others wait for the doors, which leave a processor much
 * of its time. Three at once take no less time on two processors.
 */
const SECOND_HALF: readonly string[] = [
	'balancing',
	'dressing',
	'every-route',
	'form-outline',
	'forming',
	'holding',
	'keep-loop',
	'pages',
	'recording-and-ear',
	'ringing',
	'selecting',
	'shop-pages',
	'slice',
	'stops',
	'tool-pack',
	'trouble',
	'truing',
	'two-planes'
].map((n) => `tests/browser/${n}.test.ts`);
const HALVES = ['first', 'second'] as const;
type Half = (typeof HALVES)[number];
const modules = (path: string): string => join(ROOT, 'node_modules', path);

/** Runs a program, shows what it prints (at its end where others run beside it) and gives it back with its exit code. */
function show(
	args: string[],
	env: NodeJS.ProcessEnv = process.env,
	atEnd = false
): Promise<{ code: number; text: string }> {
	return new Promise((done, fail) => {
		const child = spawn(process.execPath, args, { cwd: ROOT, env, stdio: ['ignore', 'pipe', 'pipe'] });
		let text = '';
		for (const stream of [child.stdout, child.stderr])
			stream.on('data', (d) => {
				text += String(d);
				if (!atEnd) process.stdout.write(d as Buffer);
			});
		if (atEnd) child.on('close', () => process.stdout.write(text));
		child.on('error', fail);
		child.on('close', (code) => done({ code: code ?? 1, text }));
	});
}

/** A check that either holds or does not counts as one test. */
async function one(name: string, args: string[]): Promise<Count> {
	const begun = Date.now();
	const { code } = await show(args, process.env, true);
	process.stdout.write(`${code === 0 ? '✔' : '✘'} ${name} (${((Date.now() - begun) / 1000).toFixed(1)} s)\n`);
	return code === 0 ? { passed: 1, failures: [] } : { passed: 0, failures: [name] };
}

/** Runs tests with the settings of `.mocharc.json`; the reporter says how they went. */
async function mocha(
	spec: string | readonly string[],
	env: NodeJS.ProcessEnv = process.env,
	timeout?: number,
	atEnd = false
): Promise<Count> {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-count-'));
	const counted = join(folder, 'count.json');
	try {
		const { code } = await show(
			[
				modules('mocha/bin/mocha.js'),
				`--reporter=${join(ROOT, 'src/command/count-reporter.cjs')}`,
				...(timeout ? [`--timeout=${timeout}`] : []),
				...(process.env.UNCINUS_TEST_MATCH ? ['--grep', process.env.UNCINUS_TEST_MATCH] : []),
				...(typeof spec === 'string' ? [spec] : spec)
			],
			{ ...env, UNCINUS_TEST_COUNT: counted },
			atEnd
		);
		// A run that ended before it could say how it went has failed.
		const named = typeof spec === 'string' ? spec : spec.join(' ');
		if (!existsSync(counted))
			return { passed: 0, failures: [`${named}: ended with ${code} before it could say how it went`] };
		const count = JSON.parse(readFileSync(counted, 'utf8')) as Count;
		return code !== 0 && !count.failures.length
			? { ...count, failures: [`${named}: ended with ${code} though nothing failed`] }
			: count;
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

/** What has to be stopped when the run itself is stopped. */
const grounds = new Set<string>();
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
	process.once(signal, () => {
		for (const pid of [...grounds].map(runningPid)) if (pid) process.kill(pid, 'SIGTERM');
		process.exit(130);
	});
// A reader that goes away (a closed pipe) ends the printing, not the cleaning up.
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => undefined);

/** The demo shop is put in once in a run, and copied for whoever needs one. */
let template: Promise<void> | null = null;
const templated = (): Promise<void> =>
	(template ??= (async () => {
		const folder = mkdtempSync(join(tmpdir(), 'uncinus-template-'));
		grounds.add(folder);
		await makeTemplate(folder, await freePort(3417));
		process.env.UNCINUS_DEMO_TEMPLATE = folder;
	})());

/** Grounds are made one after the other: making one tells this process where its database is. */
let making: Promise<unknown> = Promise.resolve();
/** A throw-away database with the demo shop in it; stopped and removed afterwards. */
async function onGround(work: (env: NodeJS.ProcessEnv) => Promise<Count>): Promise<Count> {
	const folder = mkdtempSync(join(tmpdir(), 'uncinus-test-'));
	grounds.add(folder);
	try {
		const made = making.then(async () => {
			await templated();
			copyTemplate(folder);
			const database = await startDatabase(folder, await freePort(3417));
			await shopOn(database, true);
			return { ...process.env, UNCINUS_TEST_DATA: folder, UNCINUS_LOG: 'silent' };
		});
		making = made.catch(() => undefined);
		return await work(await made);
	} finally {
		await stopDatabase(folder);
		grounds.delete(folder);
		rmSync(folder, { recursive: true, force: true });
	}
}

let browserReady: Promise<void> | null = null;
/** The browser installed and the application built; begun once, while other parts run. */
const readyForBrowser = (): Promise<void> =>
	(browserReady ??= (async () => {
		if (!find('chromium', '/usr/bin/chromium')) await installPackages('chromium');
		await build();
	})());

const sum = (counts: readonly Count[]): Count =>
	counts.reduce((a, b) => ({ passed: a.passed + b.passed, failures: [...a.failures, ...b.failures] }));

const RUN: Record<Part, () => Promise<Count>> = {
	format: () => one('format', [modules('prettier/bin/prettier.cjs'), '--check', '--log-level', 'warn', '.']),
	lint: async () =>
		sum([
			await one('lint', [modules('eslint/bin/eslint.js'), '.']),
			// A file or an export that nothing uses is in the way of whoever reads.
			await one('nothing unused', [modules('knip/bin/knip.js'), '--no-progress', '--no-tag-hints'])
		]),
	types: async () => {
		const all = [
			'--tsconfig',
			'./tsconfig.json',
			'--threshold',
			'warning',
			'--fail-on-warnings',
			'--output',
			'human'
		];
		return sum([
			await one('types', [modules('svelte-check/bin/svelte-check'), ...all]),
			// The core has to compile without a browser and without Node.
			await one('types of the core alone', [modules('typescript/bin/tsc'), '-p', 'tsconfig.core.json']),
			// It is built apart, so the types of the rest do not reach it.
			await one('types of the service worker', [modules('typescript/bin/tsc'), '-p', 'tsconfig.worker.json'])
		]);
	},
	core: () => mocha('tests/core/**/*.test.ts', process.env, 60_000, true),
	server: () => onGround((env) => mocha('tests/server/**/*.test.ts', env, 90_000, true)),
	doors: async () => {
		await build();
		return onGround((env) =>
			mocha('tests/doors/**/*.test.ts', { ...env, UNCINUS_TEST_PORT: '4473' }, 180_000, true)
		);
	},
	// Three nodes and two applications: beside much else they would wait for each other.
	cluster: async () => {
		await build();
		return mocha('tests/cluster/**/*.test.ts', { ...process.env, UNCINUS_LOG: 'silent' }, 600_000, true);
	},
	browser: async () => sum(await Promise.all(HALVES.map(browserTests)))
};

/**
 * One half of the browser tests, in a shop of its own with a database, an application and a browser, so that one
 * half waits while the other works.
 */
async function browserTests(half: Half): Promise<Count> {
	await readyForBrowser();
	const files = readdirSync(join(ROOT, 'tests/browser'))
		.filter((n) => n.endsWith('.test.ts'))
		.map((n) => `tests/browser/${n}`)
		.filter((n) => SECOND_HALF.includes(n) === (half === 'second'));
	const port = half === 'first' ? '4273' : '4373';
	return onGround((env) => mocha(files, { ...env, UNCINUS_TEST_PORT: port }, 300_000, half === 'second'));
}

/** Everything from lint to browser tests, and the closing line that says how it went. */
export async function test(only?: string, match?: string): Promise<void> {
	if (match) process.env.UNCINUS_TEST_MATCH = match;
	if (only && !PARTS.includes(only as Part))
		throw new Error(`There is no part ${only}. Use one of ${PARTS.join(', ')}.`);
	await show([modules('@sveltejs/kit/svelte-kit.js'), 'sync']);
	const total: Count = { passed: 0, failures: [] };
	const failed = new Set<string>();
	const run = async (name: string, work: () => Promise<Count>): Promise<void> => {
		say(`\n== ${name}`);
		const count = await work().catch((error: Error): Count => {
			say(`${name} did not run: ${error.message}`);
			return { passed: 0, failures: [`${name} did not run: ${error.message}`] };
		});
		total.passed += count.passed;
		total.failures.push(...count.failures);
		if (count.failures.length) failed.add(name.split(',')[0]!);
	};
	const asked = PARTS.filter((p) => (only ? p === only : !ON_DEMAND.includes(p)));
	const running = new Map(asked.filter((p) => !LAST.includes(p)).map((p) => [p, run(p, RUN[p])]));
	// The machine is kept busy to the end: the application is built while the slower parts still run; doors and browser tests begin when little else does.
	const last = asked.filter((p) => LAST.includes(p));
	if (last.length) {
		await Promise.all([running.get('format'), running.get('lint'), running.get('types')]);
		// Whoever needs it says why it failed.
		await (last.includes('browser') ? readyForBrowser() : build()).catch(() => undefined);
		await running.get('server');
		const half = (h: Half) => run(`browser, ${h} half`, () => browserTests(h));
		const second = last.includes('browser') ? half('second') : null;
		for (const part of last) await (part === 'browser' ? half('first') : run(part, RUN[part]));
		await second;
	}
	await Promise.all(running.values());
	if (process.env.UNCINUS_DEMO_TEMPLATE)
		rmSync(process.env.UNCINUS_DEMO_TEMPLATE, { recursive: true, force: true });
	if (total.failures.length) {
		process.stdout.write(`\nFailed:\n${total.failures.join('\n')}\n`);
		const again = [...failed].map((part) => `./uncinus test --only ${part}`);
		process.stdout.write(
			`\nRun again with: ${again.join('; ')} (--match with a few words of a title for one test)\n`
		);
	}
	process.stdout.write(`\n${total.passed} passed, ${total.failures.length} failed\n`);
	process.exitCode = total.failures.length ? 1 : 0;
}
