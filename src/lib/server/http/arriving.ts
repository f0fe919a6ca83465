import { Refused } from '../refused.js';

/** Everything of a request has to be here after so long, and so much longer for each byte: slower than any network of a shop. */
const BEGIN_MS = 10_000;
const BYTES_A_MS = 200;

/**
 * The bytes of a request, put in place as they arrive: gathering pieces first would copy the whole at once and hold everybody up. How
 * many there may be was asked at the door.
 * @throws Refused 408 when they come too slowly
 */
export async function arrived(request: Request): Promise<Uint8Array<ArrayBuffer>> {
	const length = Number(request.headers.get('content-length') ?? 0);
	const reader = request.body?.getReader();
	if (!reader) return new Uint8Array(0);
	// Not cleaned first: what is read is what has arrived, and nothing else.
	const bytes = Buffer.allocUnsafeSlow(length);
	let [at, late] = [0, false];
	const end = setTimeout(
		() => {
			late = true;
			void reader.cancel().catch(() => undefined);
		},
		BEGIN_MS + length / BYTES_A_MS
	);
	try {
		for (;;) {
			const { done, value } = (await reader.read()) as ReadableStreamReadResult<Uint8Array>;
			if (done) break;
			bytes.set(value, at);
			at += value.length;
		}
	} catch (error) {
		if (!late) throw error;
	} finally {
		clearTimeout(end);
	}
	if (late)
		throw new Refused(
			408,
			'too-slow',
			'What was sent came too slowly. Try again where the network is better.'
		);
	return bytes.subarray(0, at);
}
/** The same as text. @throws Refused 408 */
export const arrivedText = async (request: Request): Promise<string> =>
	new TextDecoder().decode(await arrived(request));
