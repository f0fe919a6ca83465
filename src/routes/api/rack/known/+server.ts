import { handleApi, bodyOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { mayWrite } from '$lib/server/people/permission';
import { MAX_ASKED } from '$core/shop/rack-file';
import { knownNumbers } from '$lib/server/wheels/rack-import';

const LONGEST = 40;

/** Which of these numbers are on the rack already; for whoever may take in a list. */
export const POST = ({ request, locals }) =>
	handleApi(async () => {
		mayWrite(locals.user);
		const { numbers } = await bodyOf(request);
		if (
			!Array.isArray(numbers) ||
			numbers.length > MAX_ASKED ||
			numbers.some((n) => typeof n !== 'string' || n.length > LONGEST)
		)
			throw new InputFault('numbers', 'not-a-list', 'Send the numbers as a list of texts.');
		return { known: await knownNumbers(numbers as string[]) };
	});
