import { get } from 'node:http';
import autocannon from 'autocannon';
import { chromium } from 'playwright-core';
import { signIn } from '../../src/lib/server/people/sign-in.js';
import { row } from '../../src/lib/server/storage/pool.js';
import type { Ratio } from './ratio.js';
import { find } from '../../src/command/system.js';

const CONNECTIONS = 50;
const SECONDS = 6;

const throughput = async (url: string, cookie: string): Promise<number> => {
	const run = await autocannon({
		url,
		connections: CONNECTIONS,
		duration: SECONDS,
		headers: { cookie, accept: 'text/html' }
	});
	if (run.non2xx) throw new Error(`${url} answered ${run.non2xx} times with something else than the page.`);
	return run.requests.average;
};

/** Bytes on the wire of one answer, as compressed as a browser gets it. */
function wireBytes(url: string, cookie = ''): Promise<number> {
	return new Promise((done, fail) =>
		get(url, { headers: { 'accept-encoding': 'br, gzip', cookie } }, (r) => {
			let n = 0;
			r.on('data', (d: Buffer) => {
				n += d.length;
			});
			r.on('end', () => done(n));
		}).on('error', fail)
	);
}

/** Compressed bytes of every script a browser loads to show a page, and how many style sheets. */
async function loadedFor(
	base: string,
	path: string,
	cookie: string
): Promise<{ count: number; sent: number; sheets: number }> {
	const browser = await chromium.launch({
		executablePath: find('chromium', '/usr/bin/chromium')!,
		args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
	});
	try {
		const context = await browser.newContext();
		const [name, value] = cookie.split('=') as [string, string];
		await context.addCookies([{ name, value, url: base }]);
		const page = await context.newPage();
		const [scripts, sheets] = [new Set<string>(), new Set<string>()];
		page.on('response', (response) => {
			const type = response.request().resourceType();
			if (type === 'script') scripts.add(response.url());
			if (type === 'stylesheet') sheets.add(response.url());
		});
		await page.goto(base + path, { waitUntil: 'networkidle' });
		const sizes = await Promise.all([...scripts].map((u) => wireBytes(u)));
		return { count: sizes.length, sent: sizes.reduce((a, n) => a + n, 0), sheets: sheets.size };
	} finally {
		await browser.close();
	}
}

/** A session for the measuring, opened like any other. */
export async function cookieOf(): Promise<string> {
	const who = await row<{ id: number }>("SELECT id FROM users WHERE name = 'Ines Falk'");
	const done = await signIn(who!.id, '135972', '127.0.0.1');
	if (!('token' in done)) throw new Error(done.problem);
	return `uncinus=${done.token}`;
}

/** A page of the demo shop, by the name it has here. */
const PAGES = [
	['setup page', '/setups/142/balance', 2.2],
	['setup page at Keep', '/setups/145/keep', 2.2],
	['log', '/log', 3]
] as const;
const MAX_KB = 20;
const MAX_SHEETS = 8;

/** Pages against the emptiest page of the same server, and what they weigh. */
export async function benchPages(base: string): Promise<Ratio[]> {
	const cookie = await cookieOf();
	const empty = await throughput(`${base}/about`, cookie);
	const lines: Ratio[] = [];
	for (const [name, path, aim] of PAGES) {
		const own = await throughput(base + path, cookie);
		lines.push({
			name: `${name} at ${CONNECTIONS} connections`,
			value: empty / own,
			unit: 'times',
			aim: `aim: at most ${aim}`,
			of: `a page without data (${empty.toFixed(0)} a second; this one ${own.toFixed(0)})`
		});
		lines.push({
			name: `${name}, bytes sent`,
			value: (await wireBytes(base + path, cookie)) / 1000,
			unit: 'kB',
			aim: `aim: at most ${MAX_KB}`,
			of: 'one answer, as compressed as a browser gets it'
		});
	}
	for (const [name, path] of [
		['a setup page', '/setups/142/balance'],
		['the Dress page', '/setups/144/dress']
	] as const) {
		const { count, sent, sheets } = await loadedFor(base, path, cookie);
		lines.push({
			name: `script of ${name}, compressed`,
			value: sent / 1000,
			unit: 'kB',
			aim: 'aim: at most 120',
			of: `${count} files, as a browser loads them`
		});
		lines.push({
			name: `style sheets of ${name}`,
			value: sheets,
			unit: '',
			aim: `aim: at most ${MAX_SHEETS}`,
			of: 'as a browser loads them'
		});
	}
	return lines;
}
