import { ABRASIVE_FAMILIES } from '$core/spec/families';
import { COUNTED, RACK_SORTS, type RackSort, rackFamilies, rackPage } from '$lib/server/wheels/rack';
import { today } from '$lib/server/storage/today';

const STATES = ['available', 'mounted', 'quarantined', 'scrapped'];
const oneOf = <T extends string>(text: string | null, list: readonly T[]): T | '' =>
	list.includes(text as T) ? (text as T) : '';

/** The rack as the address asks for it. */
export async function load({ url, locals }) {
	const p = url.searchParams;
	const query = {
		search: (p.get('q') ?? '').trim().slice(0, 60),
		state: oneOf(p.get('state'), STATES),
		family: oneOf(p.get('family'), ABRASIVE_FAMILIES),
		sort: oneOf(p.get('sort'), RACK_SORTS) || ('number' as RackSort),
		down: p.get('down') === '1',
		page: /^\d{1,6}$/.test(p.get('page') ?? '') ? Math.max(1, Number(p.get('page'))) : 1
	};
	const [page, families] = await Promise.all([rackPage(query), rackFamilies()]);
	return {
		mayWrite: locals.user!.role !== 'viewer',
		query,
		...page,
		more: page.total > COUNTED && !!(query.search || query.state || query.family),
		families,
		today: await today()
	};
}
