import { EXPORT_TYPES, exportKind, fileAnswer } from '$lib/server/http/file';
import { Refused } from '$lib/server/refused';
import { runJob } from '$lib/server/jobs/run-job';

/** The whole rack to take away. */
export const GET = ({ params, locals }) =>
	fileAnswer(async () => {
		const kind = exportKind(params.kind);
		if (!kind) throw new Refused(404, 'not-found', 'Export is CSV or JSON.');
		return {
			bytes: await runJob(locals.user!.id, 'rack-file', { kind }),
			type: EXPORT_TYPES[kind],
			name: `rack.${kind}`
		};
	});
