import { answering, idOf } from '$lib/server/door/answer';
import { dropPicture, pictureBytes } from '$lib/server/wheels/pictures';

export async function GET({ params, url }) {
	let bytes: Buffer | null = null;
	const failed = await answering(async () => {
		bytes = await pictureBytes(idOf(params.id, 'picture'), url.searchParams.has('small'));
		return {};
	});
	return bytes
		? new Response(new Uint8Array(bytes), {
				headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=86400, immutable' }
			})
		: failed;
}
/** Takes back a picture that nothing was recorded with. */
export const DELETE = ({ params, locals }) =>
	answering(async () => {
		await dropPicture(idOf(params.id, 'picture'), locals.user!);
		return { ok: true };
	});
