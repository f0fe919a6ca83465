import { idOf } from '$lib/server/http/answer';
import { EXPORT_TYPES, exportKind, fileAnswer } from '$lib/server/http/file';
import { Refused } from '$lib/server/refused';
import { setupFile } from '$lib/server/setups/setup-file';
import { loadSetup } from '$lib/server/setups/setups';

/** Everything kept of a setup, to take away: JSON whole, CSV one value a line. */
export const GET = ({ params }) =>
	fileAnswer(async () => {
		const kind = exportKind(params.kind);
		if (!kind) throw new Refused(404, 'not-found', 'Export is JSON or CSV.');
		const setupId = idOf(params.id, 'setup');
		const found = await loadSetup(setupId);
		if (!found) throw new Refused(404, 'no-setup', `There is no setup ${setupId}.`);
		return {
			bytes: setupFile(found.facts, kind),
			type: EXPORT_TYPES[kind],
			name: `setup-${setupId}.${kind}`
		};
	});
