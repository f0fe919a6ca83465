import { answering, bodyOf } from '$lib/server/door/answer';
import { MOST_WHEELS, knownNumbers } from '$lib/server/wheels/rack-import';
import { InputFault } from '$lib/server/door/refused';

/** Which of these numbers are on the rack already. */
export const POST = ({ request }) =>
	answering(async () => {
		const { numbers } = await bodyOf(request);
		if (!Array.isArray(numbers) || numbers.length > MOST_WHEELS || numbers.some((n) => typeof n !== 'string'))
			throw new InputFault('numbers', 'not-a-list', 'Send the numbers as a list of texts.');
		return { known: await knownNumbers(numbers as string[]) };
	});
