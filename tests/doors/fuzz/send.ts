import { request } from 'node:http';
import type { Knock } from './knock.js';

/** Sends it; the status, or 0 where the connection ended without an answer. */
export function send(base: string, k: Knock, cookie: string): Promise<{ status: number; text: string }> {
	const { hostname, port } = new URL(base);
	return new Promise((done) => {
		const r = request(
			{
				hostname,
				port,
				method: k.method,
				path: k.path.replace(/[^\x21-\x7e]/g, (c) => encodeURIComponent(c)),
				headers: {
					...k.headers,
					...(cookie ? { cookie } : {}),
					...(k.body ? { 'content-length': k.body.length } : {})
				}
			},
			(answer) => {
				let text = '';
				// A stream of an instrument never ends by itself.
				if (answer.headers['content-type'] === 'text/event-stream') answer.destroy();
				answer.on('data', (d) => (text.length < 2000 ? (text += String(d)) : undefined));
				answer.on('close', () => done({ status: answer.statusCode ?? 0, text }));
			}
		);
		r.on('error', (e) => done({ status: 0, text: e.message }));
		r.end(k.body ?? undefined);
	});
}
