import { json } from '@sveltejs/kit';
import { CALCULATIONS, answer } from '$core/calculations';
import { answering, bodyOf } from '$lib/server/door/answer';
import { Refused } from '$lib/server/door/refused';

const MOST_WHEELS = 200;
const DEFAULT_WHEELS = 200;

/** Runs one calculation: the body is its input; the same answers and errors as the command. */
export const POST = ({ params, request }) =>
	answering(async () => {
		const input = await bodyOf(request);
		// One request may not hold up everybody: what takes long is for the command, or for a bench's own worker.
		if (
			CALCULATIONS.find((c) => c.id === params.id)?.heavy &&
			Number(input.wheels ?? DEFAULT_WHEELS) > MOST_WHEELS
		)
			throw new Refused(
				413,
				'too-heavy',
				`Over ${MOST_WHEELS} wheels take too long here. Use the bench, or the command on the machine.`,
				'wheels'
			);
		return answer(params.id, input);
	}).then(async (r) => {
		const body = await r.clone().json();
		return 'error' in body && r.status === 200 ? json(body, { status: 400 }) : r;
	});
