import { idOf } from '$lib/server/http/answer';
import { fileAnswer } from '$lib/server/http/file';
import { runJob } from '$lib/server/jobs/run-job';

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
