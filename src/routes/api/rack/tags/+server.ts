import { fileAnswer } from '$lib/server/http/file';
import { Refused } from '$lib/server/refused';
import { runJob } from '$lib/server/jobs/run-job';
import { wheelsByNumbers } from '$lib/server/wheels/wheels';

const MAX_TAGS = 200;

/** Tags to print for the wheels named in `n`. */
export const GET = ({ url, locals }) =>
	fileAnswer(async () => {
		const wheels = await wheelsByNumbers(url.searchParams.getAll('n').slice(0, MAX_TAGS));
		if (!wheels.length) throw new Refused(404, 'not-found', 'There is no such wheel to print a tag for.');
		return {
			bytes: await runJob(locals.user!.id, 'tags', { wheels, origin: url.origin }),
			type: 'application/pdf',
			name: 'tags.pdf',
			inline: true
		};
	});
