import { handleApi, idOf } from '$lib/server/door/answer';
import { fileAnswer } from '$lib/server/door/file';
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
