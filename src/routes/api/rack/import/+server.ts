import { handleApi } from '$lib/server/http/answer';
import { arrived } from '$lib/server/http/arriving';
import { runJob } from '$lib/server/jobs/run-job';
import { mayWrite } from '$lib/server/people/permission';

/** Takes a list of wheels, telling its progress a line at a time; when the reader goes away nothing is taken. */
export async function POST({ request, locals }) {
	let bytes: Uint8Array<ArrayBuffer> | undefined;
	const refused = await handleApi(async () => {
		mayWrite(locals.user);
		bytes = await arrived(request);
		return {};
	});
	if (!bytes) return refused;
	const given = bytes;
	const user = locals.user!;
	const gone = new AbortController();
	const encoder = new TextEncoder();
	const stream = new ReadableStream({
		async start(controller) {
			const say = (o: object) => {
				if (!gone.signal.aborted) controller.enqueue(encoder.encode(`${JSON.stringify(o)}\n`));
			};
			// Faults are worded by the one door there is; here they go into the stream that has begun.
			const told = await handleApi(async () => ({
				taken: await runJob(
					user.id,
					'import',
					{ bytes: given, user },
					{ tell: say, gone: gone.signal, transfer: [given.buffer] }
				)
			})).then(
				(response) => response.json(),
				() => ({
					error: {
						field: '',
						code: 'unexpected',
						message: 'Something went wrong here, not with you. Nothing was taken; try again.'
					}
				})
			);
			say(told as object);
			if (!gone.signal.aborted) controller.close();
		},
		cancel() {
			gone.abort();
		}
	});
	return new Response(stream, {
		headers: { 'content-type': 'application/x-ndjson', 'x-accel-buffering': 'no' }
	});
}
