import { answering, bodyOf } from '$lib/server/answer';
import { answerRound } from '$lib/server/practice';

/** One answer of the ear trainer. */
export const POST = ({ request, locals }) =>
	answering(async () => {
		const { seed, answered } = await bodyOf(request);
		return answerRound(seed, answered, locals.user!);
	});
