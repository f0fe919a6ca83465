import { gzipSync, brotliCompressSync } from 'node:zlib';
import autocannon from 'autocannon';
import { signIn } from '../../lib/server/sign-in.js';
import { row } from '../../lib/server/pool.js';
import type { Ratio } from '../bench.js';

const CONNECTIONS = 50;
const SECONDS = 6;

const throughput = async (url: string, cookie: string): Promise<number> => {
	const run = await autocannon({ url, connections: CONNECTIONS, duration: SECONDS, headers: { cookie, accept: 'text/html' } });
	if (run.non2xx) throw new Error(`${url} answered ${run.non2xx} times with something else than the page.`);
	return run.requests.average;
};

/** Compressed bytes of every script a page names, the way a browser fetches them. */
async function scriptBytes(base: string, path: string, cookie: string): Promise<{ raw: number; sent: number }> {
	const html = await (await fetch(base + path, { headers: { cookie } })).text();
	const scripts = [...new Set([...html.matchAll(/(?:href|import\(|from )\s*=?\s*["']([^"']+\.js)["']/g)].map((m) => new URL(m[1]!, base + path).href))];
	let raw = 0;
	let sent = 0;
	for (const url of scripts) {
		const body = Buffer.from(await (await fetch(url)).arrayBuffer());
		raw += body.length;
		sent += Math.min(gzipSync(body).length, brotliCompressSync(body).length);
	}
	return { raw, sent };
}

/** A session for the measuring, opened like any other. */
async function cookieOf(): Promise<string> {
	const who = await row<{ id: number }>("SELECT id FROM users WHERE name = 'Ines Falk'");
	const done = await signIn(who!.id, '1359');
	if (!('token' in done)) throw new Error(done.problem);
	return `uncinus=${done.token}`;
}

/** The setup page against the emptiest page of the same server, and what it weighs. */
export async function benchPages(base: string): Promise<Ratio[]> {
	const cookie = await cookieOf();
	const empty = await throughput(`${base}/about`, cookie);
	const setup = await throughput(`${base}/setups/142/balance`, cookie);
	const bytes = await scriptBytes(base, '/setups/142/balance', cookie);
	return [
		{ name: `setup page at ${CONNECTIONS} connections`, value: empty / setup, unit: 'times', aim: 'slower than', of: `a page without data (${empty.toFixed(0)} a second; the setup page ${setup.toFixed(0)})` },
		{ name: 'script of a setup page, compressed', value: bytes.sent / 1000, unit: 'kB', aim: 'aim: at most 120', of: `${(bytes.raw / 1000).toFixed(0)} kB before` }
	];
}
