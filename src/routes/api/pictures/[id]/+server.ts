import { handleApi, idOf } from '$lib/server/http/answer';
import { fileAnswer } from '$lib/server/http/file';
import { dropPicture, pictureBytes } from '$lib/server/wheels/pictures';

export const GET = ({ params, url, locals }) =>
	fileAnswer(async () => {
		const id = idOf(params.id, 'picture');
		return {
			bytes: await pictureBytes(id, url.searchParams.has('small'), locals.user!.id),
			type: 'image/jpeg',
			name: `picture-${id}.jpg`,
			inline: true
		};
	});
/** Takes back a picture that nothing was recorded with. */
export const DELETE = ({ params, locals }) =>
	handleApi(async () => {
		await dropPicture(idOf(params.id, 'picture'), locals.user!);
		return { ok: true };
	});
