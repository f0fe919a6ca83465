import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { guidelinesNow } from '$lib/server/shop/guidelines';
import { machines, mounts } from '$lib/server/shop/machines';
import { routes } from '$lib/server/shop/route-templates';
import { loadSetup } from '$lib/server/setups/setups';
import { openByMachine } from '$lib/server/setups/setup-list';

/** The job of a setup, to be told again for another machine. */
async function jobOf(from: string | null) {
	if (from === null || !/^\d{1,9}$/.test(from)) return null;
	const loaded = await loadSetup(Number(from));
	return loaded ? { ...loaded.facts.brief, units: loaded.facts.units } : null;
}

export async function load({ locals, url }) {
	if (locals.user!.role === 'viewer')
		error(403, { message: 'You may look but not record. Ask a lead for another role.' });
	const open = await openByMachine();
	return {
		machines: (await machines()).map((machine) => ({ ...machine, open: open.get(machine.id) ?? [] })),
		mounts: await mounts(),
		routes: await routes(),
		guidelines: await guidelinesNow(),
		draft: await draftOf(locals.user!.id, 'setup-new'),
		machine: /^\d{1,9}$/.test(url.searchParams.get('machine') ?? '')
			? Number(url.searchParams.get('machine'))
			: null,
		route: url.searchParams.get('route'),
		// The job of another setup, to be done elsewhere.
		job: await jobOf(url.searchParams.get('from'))
	};
}
