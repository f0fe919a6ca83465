import { error } from '@sveltejs/kit';
import { stateOf } from '$core/route/standing';
import { draftOf } from '$lib/server/db/drafts';
import { guidelinesNow } from '$lib/server/shop/guidelines';
import { machines, mounts } from '$lib/server/shop/machines';
import { routes } from '$lib/server/shop/route-templates';
import { liveSetups } from '$lib/server/setups/setup-list';
import { loadSetup } from '$lib/server/setups/setups';

export async function load({ locals, url }) {
	if (locals.user!.role === 'viewer')
		error(403, { message: 'You may look but not record. Ask a lead for another role.' });
	const busy = new Map(
		(await Promise.all((await liveSetups()).map((id) => loadSetup(id)))).map((s) => [
			s!.facts.machine.id,
			{ id: s!.facts.id, part: s!.facts.brief.part, state: stateOf(s!.facts) }
		])
	);
	return {
		machines: (await machines()).map((m) => ({ ...m, live: busy.get(m.id) ?? null })),
		mounts: await mounts(),
		routes: await routes(),
		guidelines: await guidelinesNow(),
		draft: await draftOf(locals.user!.id, 'setup-new'),
		machine: /^\d{1,9}$/.test(url.searchParams.get('machine') ?? '')
			? Number(url.searchParams.get('machine'))
			: null,
		route: url.searchParams.get('route')
	};
}
