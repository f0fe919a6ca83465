import { handleApi } from '$lib/server/http/answer';
import { listenTogether } from '$lib/server/instruments/hub';
import { type InstrumentRow, instrumentByCode } from '$lib/server/instruments/instruments';
import { watchSession } from '$lib/server/people/watch-session';

/** What an instrument says, as it says it, for as long as the page listens and its person is signed in. */
export async function GET({ params, locals }) {
	let instrument: InstrumentRow | undefined;
	const failed = await handleApi(async () => {
		instrument = await instrumentByCode(params.code);
		return {};
	});
	if (!instrument) return failed;
	const i = instrument;
	const ends: (() => void)[] = [];
	const stop = () => {
		for (const end of ends.splice(0)) end();
	};
	const encoder = new TextEncoder();
	const body = new ReadableStream({
		start(c) {
			const close = () => {
				stop();
				try {
					c.close();
				} catch {
					// The reader has gone already.
				}
			};
			ends.push(watchSession(locals.token!, close));
			ends.push(
				listenTogether(i, (told) => {
					try {
						c.enqueue(encoder.encode(`data: ${JSON.stringify(told)}\n\n`));
					} catch {
						stop();
						return;
					}
					if (told.state === 'dropped' || told.state === 'unreachable') close();
				})
			);
		},
		cancel: stop
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' }
	});
}
