import { idOf } from '$lib/server/http/answer';
import { fileAnswer } from '$lib/server/http/file';
import { runJob } from '$lib/server/jobs/run-job';

/** The setup on one page, to print. */
export const GET = ({ params, url, locals }) =>
	fileAnswer(async () => {
		const setupId = idOf(params.id, 'setup');
		return {
			bytes: await runJob(locals.user!.id, 'card', { setupId, origin: url.origin }),
			type: 'application/pdf',
			name: `setup-${setupId}.pdf`,
			inline: true
		};
	});
