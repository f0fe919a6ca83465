import { handleApi, idOf, keyOf } from '$lib/server/http/answer';
import { arrived } from '$lib/server/http/arriving';
import { keepRecording } from '$lib/server/recordings/recordings';

/** Keeps a recording of this wheel's ring: the WAV is the whole body, where it came from stands in the address. */
export const POST = ({ params, url, request, locals }) =>
	handleApi(async () => {
		const q = url.searchParams;
		const setupId = q.get('setup') ? idOf(q.get('setup')!, 'setup') : null;
		const key = keyOf({ key: q.get('key') });
		return keepRecording(
			params.number,
			{
				bytes: await arrived(request),
				handOver: true,
				source: q.get('source') ?? '',
				setupId,
				key
			},
			locals.user!
		);
	});
