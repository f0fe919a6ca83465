import { idOf } from '$lib/server/door/answer';
import { fileAnswer } from '$lib/server/door/file';
import { runJob } from '$lib/server/heavy/heavy';

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
