import { idOf } from '$lib/server/door/answer';
import { EXPORT_TYPES, exportKind, fileAnswer } from '$lib/server/door/file';
import { Refused } from '$lib/server/door/refused';
import { heavy } from '$lib/server/heavy/heavy';

/** Everything kept of a setup, to take away: JSON whole, CSV one value a line. */
export const GET = ({ params, locals }) =>
	fileAnswer(async () => {
		const kind = exportKind(params.kind);
		if (!kind) throw new Refused(404, 'not-found', 'Export is JSON or CSV.');
		const setupId = idOf(params.id, 'setup');
		return {
			bytes: await heavy(locals.user!.id, 'setup-file', { setupId, kind }),
			type: EXPORT_TYPES[kind],
			name: `setup-${setupId}.${kind}`
		};
	});
