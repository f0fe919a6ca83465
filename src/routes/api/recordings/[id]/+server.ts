import { idOf } from '$lib/server/http/answer';
import { fileAnswer } from '$lib/server/http/file';
import { recordingFile } from '$lib/server/recordings/recordings';

/** The recording as a WAV file. */
export const GET = ({ params }) =>
	fileAnswer(async () => {
		const { wav, name } = await recordingFile(idOf(params.id, 'recording'));
		return { bytes: wav, type: 'audio/wav', name };
	});
