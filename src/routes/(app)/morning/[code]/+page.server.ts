import { error } from '@sveltejs/kit';
import { hourIn } from '$core/numeric/zone';
import { shiftAt } from '$core/set/shift';
import { draftOf } from '$lib/server/storage/drafts';
import { serverNowMs } from '$lib/server/storage/pool';
import { shopZone, today } from '$lib/server/storage/today';
import { limitsNow } from '$lib/server/shop/guidelines';
import { machines } from '$lib/server/shop/machines';
import { lastMorning } from '$lib/server/shop/morning';

export async function load({ params, locals }) {
	const machine = (await machines()).find((m) => m.code === params.code);
	if (!machine) error(404, { message: `There is no machine ${params.code.slice(0, 20)}.` });
	return {
		machine,
		today: await today(),
		shift: shiftAt(hourIn(await shopZone(), serverNowMs())),
		...(await lastMorning(machine.id)),
		limits: await limitsNow(),
		draft: await draftOf(locals.user!.id, `morning-${machine.code}`),
		mayWrite: locals.user!.role !== 'viewer'
	};
}
