import { answering } from '$lib/server/door/answer';
import { type InstrumentRow, instrumentByCode, listenTo } from '$lib/server/instruments/instruments';

/** What an instrument says, as it says it, for as long as the page listens. */
export async function GET({ params }) {
	let instrument: InstrumentRow | null = null;
	const failed = await answering(async () => {
		instrument = await instrumentByCode(params.code);
		return {};
	});
	if (!instrument) return failed;
	const i = instrument as InstrumentRow;
	let stop = () => undefined as void;
	const encoder = new TextEncoder();
	const body = new ReadableStream({
		start(c) {
			stop = listenTo(i, (told) => {
				try {
					c.enqueue(encoder.encode(`data: ${JSON.stringify(told)}\n\n`));
					if (told.state === 'dropped' || told.state === 'unreachable') c.close();
				} catch {
					stop();
				}
			});
		},
		cancel() {
			stop();
		}
	});
	return new Response(body, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' }
	});
}
