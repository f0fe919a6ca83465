import { randomUUID } from 'node:crypto';
import { type ClientRequest, request } from 'node:http';
import { expect } from 'chai';
import { row } from '../../src/lib/server/storage/pool.js';
import { ask, base, cookieOf } from './fixtures.js';

const MB = 1024 * 1024;

/** Opens a request that says how long its body is and sends a little of it; who answers has not waited for the rest. */
function slow(
	path: string,
	cookie: string,
	bytes: number
): { sent: ClientRequest; status: Promise<number | null> } {
	const { hostname, port } = new URL(base());
	const sent = request({
		hostname,
		port,
		path,
		method: 'POST',
		agent: false,
		headers: { cookie, origin: base(), 'content-length': bytes, 'content-type': 'audio/wav' }
	});
	const status = new Promise<number | null>((done) => {
		sent.on('response', (answer) => {
			answer.resume();
			done(answer.statusCode!);
		});
		sent.on('error', () => done(null));
	});
	sent.write(Buffer.alloc(1024));
	return { sent, status };
}

describe('slow and large bodies', () => {
	it('three hundred of one person do not hold up anybody: a few are read, the others are sent away at once', async () => {
		const cookie = await cookieOf('Ines Falk');
		const wheel = (await row<{ number: string }>(
			"SELECT number FROM wheels WHERE state = 'available' LIMIT 1"
		))!;
		const path = `/api/wheels/${wheel.number}/recordings?source=file&key=${randomUUID()}`;
		const all = Array.from({ length: 300 }, () => slow(path, cookie, 48 * MB - 1));
		try {
			const early: (number | null)[] = [];
			const sentAway = new Promise<void>((done) => {
				for (const a of all) void a.status.then((s) => early.push(s) === 297 && done());
			});
			const other = await cookieOf('Tobias Renn');
			const begun = performance.now();
			for (let i = 0; i < 5; i++) {
				expect((await ask('/health')).status).to.equal(200);
				expect((await ask('/rack', { cookie: other })).status).to.equal(200);
			}
			expect(performance.now() - begun, 'others go on').to.be.below(10_000);
			// All but the few that are read have their answer, though nothing more was sent.
			await sentAway;
			expect(new Set(early)).to.deep.equal(new Set([429]));
		} finally {
			for (const a of all) a.sent.destroy();
		}
		// The seats are free again.
		for (;;) {
			const r = slow(path, cookie, MB);
			r.sent.end(Buffer.alloc(MB - 1024));
			if ((await r.status) !== 429) break;
		}
	});
	it('who may only look sends nothing large: asked before it is read', async () => {
		const r = slow('/api/pictures?for=wheel-new', await cookieOf('Piet Aalders'), 20 * MB - 1);
		expect(await r.status).to.equal(403);
		r.sent.destroy();
	});
	it('what comes too slowly is given up', async function () {
		const r = slow('/api/the-shop', await cookieOf('Mara Okonjo'), 2000);
		expect(await r.status).to.be.oneOf([408, null]);
		r.sent.destroy();
	});
	it('forty thousand names in one group are refused before they are looked through', async () => {
		const cookie = await cookieOf('Ines Falk');
		const body = Object.fromEntries(Array.from({ length: 40_000 }, (_, i) => [`n${i}`, 1]));
		const r = await ask('/api/calc/true.runout', { cookie, body });
		expect(r.status).to.equal(400);
		expect(r.body.error!.code).to.equal('too-many-names');
	});
});
