import { idOf } from '$lib/server/door/answer';
import { fileAnswer } from '$lib/server/door/file';
import { runJob } from '$lib/server/heavy/heavy';

/** The release sheet with its evidence, to print. */
export const GET = ({ params, url, locals }) =>
	fileAnswer(async () => {
		const setupId = idOf(params.id, 'setup');
		return {
			bytes: await runJob(locals.user!.id, 'release-sheet', { setupId, origin: url.origin }),
			type: 'application/pdf',
			name: `release-${setupId}.pdf`,
			inline: true
		};
	});
