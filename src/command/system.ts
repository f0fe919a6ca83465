import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { createServer } from 'node:net';

export const say = (text: string): void => {
	process.stderr.write(`${text}\n`);
};

const SYSTEM_WORDS: Readonly<Record<string, string>> = {
	ENOSPC: 'The disk is full',
	EDQUOT: 'The disk is full for this user',
	EROFS: 'The disk can only be read',
	EACCES: 'That may not be written by this user',
	EPERM: 'That may not be written by this user'
};
/** How a database says that there is no room. */
const FULL = new Set(['ER_DISK_FULL', 'ER_RECORD_FILE_FULL']);
/** A failure in words: what the system calls a code is said as what it means, with the place it happened at. */
export function inWords(error: Error): string {
	const { code, path } = error as NodeJS.ErrnoException;
	if (FULL.has(code ?? ''))
		return `The disk is full, so the database cannot keep anything (${error.message}). What was kept stays; make room on its disk and start again.`;
	const words = SYSTEM_WORDS[code ?? ''];
	return words ? `${words}${path ? `: ${path}` : ''}. Nothing was changed there.` : error.message;
}

/** Runs a program with its output shown; rejects with its exit code in words. */
export function run(
	program: string,
	args: string[],
	options: {
		env?: NodeJS.ProcessEnv;
		quiet?: boolean;
		cwd?: string;
		/** Ctrl-C does not reach it. */ apart?: boolean;
	} = {}
): Promise<void> {
	return new Promise((done, fail) => {
		const child = spawn(program, args, {
			stdio: options.quiet ? ['ignore', 'ignore', 'pipe'] : ['ignore', 2, 2],
			env: options.env ?? process.env,
			cwd: options.cwd,
			detached: options.apart
		});
		let errors = '';
		child.stderr?.on('data', (d) => {
			errors = (errors + String(d)).slice(-4000);
		});
		child.on('error', fail);
		child.on('close', (code) =>
			code === 0 ? done() : fail(new Error(`${program} ${args[0] ?? ''} ended with ${code}. ${errors}`))
		);
	});
}

/** First of several places a program may be in, or null. */
export function find(...names: string[]): string | null {
	for (const name of names) {
		if (name.startsWith('/') ? existsSync(name) : false) return name;
		const found = spawnSync('sh', ['-c', `command -v ${name}`])
			.stdout?.toString()
			.trim();
		if (found) return found;
	}
	return null;
}

/** Installs Debian packages, through sudo when not root. */
export function installPackages(...names: string[]): Promise<void> {
	// One after the other: the packager takes one order at a time.
	const done = installing.then(() => install(names));
	installing = done.catch(() => undefined);
	return done;
}
let installing: Promise<void> = Promise.resolve();
let listsFresh = false;

/** One that was left to itself by a start that was broken off is waited for. */
const LOCK_WAIT = 'DPkg::Lock::Timeout=300';

async function install(names: string[]): Promise<void> {
	say(`Installing ${names.join(', ')} ...`);
	const root = process.getuid?.() === 0;
	if (!root && !find('sudo'))
		throw new Error(
			`${names.join(', ')} must be installed. Run as root, or install them yourself and start again.`
		);
	const apt = (...args: string[]) =>
		run(root ? 'apt-get' : 'sudo', [...(root ? [] : ['-n', 'apt-get']), '-o', LOCK_WAIT, ...args], {
			env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
			quiet: true,
			// Broken off in the middle it would leave packages half unpacked.
			apart: true
		});
	if (!listsFresh) await apt('update');
	listsFresh = true;
	await apt('install', '-y', '--no-install-recommends', ...names);
}

/** The wanted port, or the next free one on loopback. */
export function freePort(from: number): Promise<number> {
	return new Promise((done) => {
		const probe = createServer();
		probe.once('error', () => done(freePort(from + 1)));
		probe.listen(from, '127.0.0.1', () => probe.close(() => done(from)));
	});
}

export function alive(pid: number): boolean {
	try {
		process.kill(pid, 0);
		return true;
	} catch {
		return false;
	}
}

/** Waits until a test holds, asking again shortly after each no; rejects with the given words when it never does. */
export async function until(
	test: () => Promise<boolean> | boolean,
	words: string,
	timeoutMs = 30_000
): Promise<void> {
	const end = Date.now() + timeoutMs;
	while (!(await test())) {
		if (Date.now() > end) throw new Error(words);
		await new Promise((r) => setTimeout(r, 60));
	}
}
