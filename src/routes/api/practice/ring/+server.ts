import { handleApi, bodyOf } from '$lib/server/http/answer';
import { answerRound } from '$lib/server/people/practice';

/** One answer of the ear trainer. */
export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const { seed, answered } = await bodyOf(request);
		return answerRound(seed, answered, locals.user!);
	});
