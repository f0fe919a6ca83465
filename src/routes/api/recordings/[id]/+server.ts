import { answering, idOf } from '$lib/server/door/answer';
import { recordingFile } from '$lib/server/recordings/recordings';

/** The recording as a WAV file. */
export async function GET({ params }) {
	let file: { wav: Buffer; name: string } | null = null;
	const failed = await answering(async () => {
		file = await recordingFile(idOf(params.id, 'recording'));
		return {};
	});
	if (!file) return failed;
	const { wav, name } = file as { wav: Buffer; name: string };
	return new Response(new Uint8Array(wav), {
		headers: {
			'content-type': 'audio/wav',
			'content-disposition': `attachment; filename="${name}"`,
			'cache-control': 'private, max-age=86400, immutable'
		}
	});
}
