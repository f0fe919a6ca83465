import { get } from 'node:http';
import autocannon from 'autocannon';
import { chromium } from 'playwright-core';
import { signIn } from '../../lib/server/people/sign-in.js';
import { row } from '../../lib/server/db/pool.js';
import type { Ratio } from './ratio.js';
import { find } from '../system.js';

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
function wireBytes(url: string): Promise<number> {
	return new Promise((done, fail) =>
		get(url, { headers: { 'accept-encoding': 'br, gzip' } }, (r) => {
			let n = 0;
			r.on('data', (d: Buffer) => {
				n += d.length;
			});
			r.on('end', () => done(n));
		}).on('error', fail)
	);
}

/** Compressed bytes of every script a browser loads to show a page. */
async function scriptBytes(
	base: string,
	path: string,
	cookie: string
): Promise<{ count: number; sent: number }> {
	const browser = await chromium.launch({
		executablePath: find('chromium', '/usr/bin/chromium')!,
		args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
	});
	try {
		const context = await browser.newContext();
		const [name, value] = cookie.split('=') as [string, string];
		await context.addCookies([{ name, value, url: base }]);
		const page = await context.newPage();
		const scripts = new Set<string>();
		page.on('response', (r) => {
			if (r.request().resourceType() === 'script') scripts.add(r.url());
		});
		await page.goto(base + path, { waitUntil: 'networkidle' });
		const sizes = await Promise.all([...scripts].map(wireBytes));
		return { count: sizes.length, sent: sizes.reduce((a, n) => a + n, 0) };
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

/** The setup page against the emptiest page of the same server, and what it weighs. */
export async function benchPages(base: string): Promise<Ratio[]> {
	const cookie = await cookieOf();
	const empty = await throughput(`${base}/about`, cookie);
	const setup = await throughput(`${base}/setups/142/balance`, cookie);
	const bytes = await scriptBytes(base, '/setups/142/balance', cookie);
	const dress = await scriptBytes(base, '/setups/144/dress', cookie);
	return [
		{
			name: `setup page at ${CONNECTIONS} connections`,
			value: empty / setup,
			unit: 'times',
			aim: 'slower than',
			of: `a page without data (${empty.toFixed(0)} a second; the setup page ${setup.toFixed(0)})`
		},
		{
			name: 'script of a setup page, compressed',
			value: bytes.sent / 1000,
			unit: 'kB',
			aim: 'aim: at most 120',
			of: `${bytes.count} files, as a browser loads them`
		},
		{
			name: 'script of the Dress page, compressed',
			value: dress.sent / 1000,
			unit: 'kB',
			aim: 'aim: at most 120',
			of: `${dress.count} files, with one way of dressing open`
		}
	];
}
