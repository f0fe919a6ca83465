import { error } from '@sveltejs/kit';
import { wheelByNumber } from '$lib/server/wheels/wheels';

export async function load({ params, locals }) {
	if (locals.user!.role !== 'lead') error(403, { message: 'A lead corrects a wheel.' });
	const wheel = params.number.length <= 20 ? await wheelByNumber(params.number) : undefined;
	if (!wheel) error(404, { message: `There is no wheel ${params.number.slice(0, 20)} on the rack.` });
	return { wheel };
}
