import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { wheelVersions } from '$lib/server/wheels/correct-wheel';
import { ledger } from '$lib/server/wheels/ledger';
import { wheelByNumber } from '$lib/server/wheels/wheels';
import { picturesOfWheel } from '$lib/server/wheels/pictures';
import { ringsOf } from '$lib/server/recordings/recordings';
import { logLines } from '$lib/server/storage/log';

export async function load({ params, locals }) {
	const wheel = params.number.length <= 20 ? await wheelByNumber(params.number) : undefined;
	if (!wheel) error(404, { message: `There is no wheel ${params.number.slice(0, 20)} on the rack.` });
	const [pictures, { pastRings }] = await Promise.all([picturesOfWheel(wheel.id), ringsOf(wheel)]);
	return {
		wheel,
		pictures,
		past: pastRings,
		ledger: await ledger(wheel.id),
		versions: await wheelVersions(wheel.id),
		records: await logLines({ wheel: wheel.number }, 8),
		lead: locals.user!.role === 'lead',
		mayWrite: locals.user!.role !== 'viewer',
		draft: await draftOf(locals.user!.id, `wheel-${wheel.number}`)
	};
}
