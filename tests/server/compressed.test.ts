import { gunzipSync } from 'node:zlib';
import { expect } from 'chai';
import { compressed, takesGzip } from '../../src/lib/server/http/compressed.js';

const asked = (accept: string | null, method = 'GET') =>
	new Request('http://shop.example/', {
		method,
		headers: accept === null ? {} : { 'accept-encoding': accept }
	});
const page = (type = 'text/html', headers: Record<string, string> = {}) =>
	new Response('ring '.repeat(400), { headers: { 'content-type': type, ...headers } });

describe('answers made small on their way', () => {
	it('a page for who takes it so: the same text, marked, and no length that is not true', async () => {
		const r = compressed(asked('br, gzip'), page('text/html', { 'content-length': '2000', etag: '"x"' }));
		expect(r.headers.get('content-encoding')).to.equal('gzip');
		expect(r.headers.get('vary')).to.equal('accept-encoding');
		expect(r.headers.get('etag')).to.equal('W/"x"');
		expect(r.headers.has('content-length')).to.equal(false);
		const bytes = Buffer.from(await r.arrayBuffer());
		expect(bytes.length).to.be.below(200);
		expect(gunzipSync(bytes).toString()).to.equal('ring '.repeat(400));
	});
	it('nobody is sent what they cannot read, and caches are told', async () => {
		for (const accept of [null, 'br', 'gzip;q=0', 'identity']) {
			const r = compressed(asked(accept), page());
			expect(r.headers.has('content-encoding'), String(accept)).to.equal(false);
			expect(r.headers.get('vary')).to.equal('accept-encoding');
		}
		expect(takesGzip('gzip;q=0.5, br')).to.equal(true);
	});
	it('what is told bit by bit, is small already or was packed stays as it is', () => {
		for (const type of [
			'text/event-stream',
			'application/x-ndjson',
			'application/pdf',
			'image/png',
			'audio/wav'
		])
			expect(compressed(asked('gzip'), page(type)).headers.has('content-encoding'), type).to.equal(false);
		const packed = compressed(asked('gzip'), page('text/css', { 'content-encoding': 'br' }));
		expect(packed.headers.get('content-encoding')).to.equal('br');
		expect(compressed(asked('gzip', 'HEAD'), page()).headers.has('content-encoding')).to.equal(false);
		expect(compressed(asked('gzip'), new Response(null, { status: 304 })).status).to.equal(304);
	});
});
