import { request } from 'node:http';
import { expect } from 'chai';
import { row } from '../../src/lib/server/storage/pool.js';
import { ask, base, cookieOf } from './fixtures.js';

/** A request whose head is written by hand; the answer's status and how long it took. */
function raw(
	path: string,
	headers: Record<string, string | number>,
	body: Buffer | null = null,
	method = 'POST'
): Promise<{ status: number; ms: number; text: string }> {
	const { hostname, port } = new URL(base());
	const begun = performance.now();
	return new Promise((done, fail) => {
		const r = request({ hostname, port, path, method, headers }, (answer) => {
			let text = '';
			answer.on('data', (d) => (text += String(d)));
			answer.on('end', () => done({ status: answer.statusCode!, ms: performance.now() - begun, text }));
		});
		r.on('error', (e: NodeJS.ErrnoException) =>
			/EPIPE|ECONNRESET/.test(e.code ?? '') ? undefined : fail(e)
		);
		if (body) r.write(body);
		r.end();
	});
}

describe('who is let in', () => {
	it('a name this server does not have, an origin that cannot be read, a page of another site: refused', async () => {
		const cookie = await cookieOf('Ines Falk');
		const json = { 'content-type': 'application/json', cookie };
		for (const host of ['example.org', '127.0.0.1.example.org', '127.0.0.1:1', '[::1'])
			expect((await raw('/', { host, cookie }, null, 'GET')).status, `host ${host}`).to.be.within(400, 403);
		for (const origin of [
			'x',
			'null',
			'http://example.org',
			'https://127.0.0.1',
			'http://127.0.0.1:1',
			'file://'
		])
			expect(
				(await raw('/api/practice/ring', { ...json, origin }, Buffer.from('{}'))).status,
				origin
			).to.equal(403);
		expect(
			(await raw('/api/practice/ring', { ...json, 'sec-fetch-site': 'cross-site' }, Buffer.from('{}'))).status
		).to.equal(403);
		for (const host of [new URL(base()).host, `localhost:${new URL(base()).port}`])
			expect((await raw('/health', { host }, null, 'GET')).status, host).to.equal(200);
	});
	it('whatever is answered carries the headers of this house', async () => {
		const cookie = await cookieOf('Ines Falk');
		const answers = {
			page: await ask('/', { cookie }),
			'not found': await ask('/nothing', { cookie }),
			redirect: await ask('/'),
			refused: await ask('/api/wheels', { body: {} }),
			foreign: await ask('/sign-in', { method: 'POST', headers: { origin: 'http://example.org' } }),
			'too large': await ask('/sign-in', { body: 'x'.repeat(9000) }),
			export: await ask('/api/rack/export.csv', { cookie }),
			// Nothing of it is answered from the browser once its person has signed out.
			recording: await ask('/api/recordings/1', { cookie })
		};
		for (const [what, { headers }] of Object.entries(answers)) {
			const h = (name: string) => headers.get(name) ?? '';
			expect(h('x-content-type-options'), what).to.equal('nosniff');
			expect(h('x-frame-options'), what).to.equal('DENY');
			expect(h('referrer-policy'), what).to.equal('same-origin');
			expect(h('content-security-policy'), what).to.match(/frame-ancestors 'none'/);
			expect(h('permissions-policy'), what).to.match(/microphone=\(self\).*geolocation=\(\)/);
			expect(h('cache-control'), what).to.match(/no-store/);
		}
		const csp = answers.page.headers.get('content-security-policy')!;
		expect(csp).to.match(/script-src 'self' 'nonce-[^']+'/);
		expect(csp).not.to.match(/script-src[^;]*unsafe/);
	});
	it('behind TLS the cookie is bound to this host and to TLS, and so is who may write', async () => {
		const { startApplication, endChild } = await import('../../src/command/application.js');
		const { addressFromEnvironment } = await import('../../src/lib/server/storage/pool.js');
		const { freePort } = await import('../../src/command/system.js');
		const port = await freePort(4573);
		const app = await startApplication(addressFromEnvironment(), port, true, true, {
			ORIGIN: 'https://grinding.example'
		});
		try {
			const who = (await row<{ id: number }>("SELECT id FROM users WHERE name = 'Ines Falk'"))!;
			const r = await fetch(`http://127.0.0.1:${port}/sign-in`, {
				method: 'POST',
				redirect: 'manual',
				headers: { origin: 'https://grinding.example' },
				body: new URLSearchParams({ userId: String(who.id), pin: '135972' })
			});
			const set = r.headers.get('set-cookie')!;
			expect(set).to.match(/^__Host-uncinus=/);
			expect(set)
				.to.match(/Secure/i)
				.and.match(/HttpOnly/i)
				.and.match(/SameSite=Strict/i);
			expect(r.headers.get('strict-transport-security')).to.match(/max-age=\d{6,}/);
			const other = await fetch(`http://127.0.0.1:${port}/sign-in`, {
				method: 'POST',
				headers: { origin: 'http://grinding.example' }
			});
			expect(other.status, 'not by TLS').to.equal(403);
		} finally {
			await endChild(app);
		}
	});
});

describe('how much is read', () => {
	it('more than a route takes is refused before it is read, and so is what does not say how long it is', async () => {
		const cookie = await cookieOf('Ines Falk');
		const huge = { 'content-length': 60_000_000, 'content-type': 'application/json', cookie };
		for (const path of [
			'/sign-in',
			'/api/setups',
			'/api/calc/spec.recommend',
			'/api/drafts/x',
			'/api/pictures?for=wheel-new'
		]) {
			// Only the head is sent: who answers now has not waited for the rest.
			const { status, ms } = await new Promise<{ status: number; ms: number }>((done, fail) => {
				const begun = performance.now();
				const { hostname, port } = new URL(base());
				const r = request(
					{ hostname, port, path, method: path.includes('drafts') ? 'PUT' : 'POST', headers: huge },
					(answer) => {
						done({ status: answer.statusCode!, ms: performance.now() - begun });
						r.destroy();
					}
				);
				r.on('error', (e: NodeJS.ErrnoException) => (e.code === 'ECONNRESET' ? undefined : fail(e)));
				r.flushHeaders();
			});
			expect(status, path).to.equal(413);
			expect(ms, path).to.be.below(5000);
		}
		const chunked = await raw(
			'/api/setups',
			{ 'transfer-encoding': 'chunked', 'content-type': 'application/json', cookie },
			Buffer.from('{}')
		);
		expect(chunked.status).to.equal(411);
		expect(
			(
				await raw(
					'/sign-in',
					{ 'content-type': 'application/x-www-form-urlencoded', 'content-length': 5000 },
					Buffer.alloc(5000, 'a')
				)
			).status
		).to.equal(413);
	});
	it('a calculation that asks for too much says so, and others go on meanwhile', async () => {
		const cookie = await cookieOf('Ines Falk');
		const taps = Array.from({ length: 200 }, (_, i) => ({ timeS: i / 10 }));
		const modes = Array.from({ length: 40 }, (_, i) => ({ frequencyHz: 900 + i, q: 90000 }));
		const refused = await ask('/api/calc/inspect.ring-synthesise', {
			cookie,
			body: { durationS: 30, sampleRateHz: 192000, taps, modes }
		});
		expect(refused.body.error, JSON.stringify(refused).slice(0, 300)).to.include({
			code: 'too-heavy',
			field: 'taps'
		});
		const many = await ask('/api/calc/balance.compare-spins', { cookie, body: { wheels: 5000 } });
		expect(many.status).to.equal(413);
		// One that takes a while, and somebody else's page beside it.
		const long = ask('/api/calc/balance.compare-spins', { cookie, body: { wheels: 150 } });
		const other = await ask('/rack', { cookie: await cookieOf('Tobias Renn') });
		expect(other.status).to.equal(200);
		expect((await long).status).to.equal(200);
	});
	it('of one person only so many wait', async () => {
		const cookie = await cookieOf('Ines Falk');
		const said = await Promise.all(
			Array.from({ length: 14 }, () =>
				ask('/api/calc/balance.compare-spins', { cookie, body: { wheels: 30 } })
			)
		);
		const statuses = new Set(said.map((s) => s.status));
		expect([...statuses].sort()).to.deep.equal([200, 429]);
		expect(said.find((s) => s.status === 429)!.body.error!.code).to.equal('busy');
	});
});
