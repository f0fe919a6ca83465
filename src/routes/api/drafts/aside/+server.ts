import { handleApi, bodyOf } from '$lib/server/http/answer';
import { InputFault } from '$lib/server/refused';
import { setDraftsAside } from '$lib/server/storage/drafts';

/** Takes what somebody typed at one bench out of its way; it is kept under another name. */
export const POST = ({ request, locals }) =>
	handleApi(async () => {
		const { prefix } = await bodyOf(request);
		if (typeof prefix !== 'string' || !/^setup-\d{1,9}-[a-z-]{2,20}-$/.test(prefix))
			throw new InputFault('prefix', 'pattern', 'Say which bench of which setup it is.');
		return { moved: await setDraftsAside(locals.user!.id, prefix) };
	});
