import { json } from '@sveltejs/kit';
import { answer } from '$core/calculations';
import { answering, bodyOf } from '$lib/server/answer';

/** Runs one calculation: the body is its input; the same answers and errors as the command. */
export const POST = ({ params, request }) => answering(async () => answer(params.id, await bodyOf(request))).then(async (r) => {
	const body = await r.clone().json();
	return 'error' in body && r.status === 200 ? json(body, { status: 400 }) : r;
});
