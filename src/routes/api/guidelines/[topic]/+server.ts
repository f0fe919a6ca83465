import { handleApi, bodyOf } from '$lib/server/http/answer';
import { TOPICS, type Topic, keepGuidelines } from '$lib/server/shop/guidelines';
import { InputFault, Refused } from '$lib/server/refused';

/** Keeps a new version of the shop's guideline figures; a null body goes back to the shipped ones. */
export const POST = ({ params, request, locals }) =>
	handleApi(async () => {
		if (!TOPICS.includes(params.topic as Topic))
			throw new Refused(404, 'not-found', 'There are no such figures.');
		const body = await bodyOf(request);
		if (typeof body.note !== 'string') throw new InputFault('note', 'missing', 'Say why the figures change.');
		if (typeof body.basedOn !== 'number')
			throw new InputFault(
				'basedOn',
				'missing',
				'The request does not say which version was looked at. Load the page again.'
			);
		return {
			version: await keepGuidelines(
				params.topic as Topic,
				body.body ?? null,
				body.note,
				body.basedOn,
				locals.user!,
				body.units === 'inch' ? 'inch' : 'mm'
			)
		};
	});
