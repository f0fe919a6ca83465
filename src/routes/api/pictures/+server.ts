import { handleApi } from '$lib/server/http/answer';
import { arrived } from '$lib/server/http/arriving';
import { draftPictures, draftPlace, keepPicture } from '$lib/server/wheels/pictures';

/** Keeps a picture for what is being looked at; the file is the whole body. */
export const POST = ({ url, request, locals }) =>
	handleApi(async () => {
		const place = draftPlace(url.searchParams.get('for'));
		return keepPicture(place, await arrived(request), locals.user!);
	});
/** The pictures taken for something and not recorded yet. */
export const GET = ({ url, locals }) =>
	handleApi(async () => ({
		pictures: await draftPictures(locals.user!.id, draftPlace(url.searchParams.get('for')))
	}));
