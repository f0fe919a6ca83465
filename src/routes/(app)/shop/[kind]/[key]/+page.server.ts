import { error } from '@sveltejs/kit';
import { draftOf } from '$lib/server/storage/drafts';
import { dresserLog } from '$lib/server/shop/dresser-log';
import { machineById } from '$lib/server/shop/machines';
import { Refused } from '$lib/server/refused';
import { shopKind, shopItemByKey, shopItems } from '$lib/server/shop/shop';

export async function load({ params, locals }) {
	try {
		const kind = shopKind(params.kind);
		const found = params.key === 'new' ? null : await shopItemByKey(kind, params.key);
		if (params.key !== 'new' && !found)
			error(404, { message: `There is no ${kind.one} ${params.key.slice(0, 20)}.` });
		const machine = kind.id === 'machines' && found ? await machineById(found.id) : null;
		const codes = async (k: string) =>
			kind.id === 'machines'
				? (await shopItems(shopKind(k))).map((t) => ({ id: t.id, code: String(t.code) }))
				: [];
		const [mounts, dressers] = [await codes('mounts'), await codes('dressers')];
		return {
			kindId: kind.id,
			found,
			mounts,
			dressers,
			mount: mounts.find((mount) => mount.id === machine?.mountId)?.code ?? '',
			dresser: dressers.find((dresser) => dresser.id === machine?.dresserId)?.code ?? '',
			log: kind.id === 'dressers' && found ? await dresserLog(String(found.code)) : null,
			mayWrite: locals.user!.role !== 'viewer',
			lockedOut: machine?.lockedOut ?? false,
			lead: locals.user!.role === 'lead',
			draft: await draftOf(locals.user!.id, `shop-${kind.id}-${params.key}`.slice(0, 80))
		};
	} catch (e) {
		if (e instanceof Refused) error(404, { message: e.message });
		throw e;
	}
}
