import { answering, bodyOf } from '$lib/server/door/answer';
import { logger } from '$lib/server/door/logger';
import { DatabaseDown } from '$lib/server/db/pool';
import { type ImportLine, importWheels } from '$lib/server/wheels/rack-import';
import { InputFault, Refused } from '$lib/server/door/refused';

/** Takes a list of wheels, telling its progress a line at a time; when the reader goes away nothing is taken. */
export async function POST({ request, locals }) {
	let lines: ImportLine[] = [];
	const fault = await answering(async () => {
		const body = await bodyOf(request);
		if (!Array.isArray(body.lines) || body.lines.length === 0)
			throw new InputFault('lines', 'too-few', 'There is no wheel to take.');
		lines = body.lines as ImportLine[];
		return {};
	});
	if (!fault.ok) return fault;
	let gone = false;
	const encoder = new TextEncoder();
	const stream = new ReadableStream({
		async start(controller) {
			const say = (o: object) => {
				if (!gone) controller.enqueue(encoder.encode(`${JSON.stringify(o)}\n`));
			};
			try {
				const taken = await importWheels(
					lines,
					locals.user!,
					(done) => say({ done, of: lines.length }),
					() => gone
				);
				say({ taken });
			} catch (e) {
				if (e instanceof InputFault || e instanceof Refused) say({ error: e.toJSON() });
				else if (e instanceof DatabaseDown)
					say({
						error: {
							field: '',
							code: 'database-down',
							message: 'The database went away. Nothing was taken; try again in a moment.'
						}
					});
				else {
					logger.error({ err: e }, 'import');
					say({
						error: {
							field: '',
							code: 'unexpected',
							message: 'Something went wrong here, not with you. Nothing was taken; try again.'
						}
					});
				}
			}
			if (!gone) controller.close();
		},
		cancel() {
			gone = true;
		}
	});
	return new Response(stream, {
		headers: {
			'content-type': 'application/x-ndjson',
			'cache-control': 'no-store',
			'x-accel-buffering': 'no'
		}
	});
}
