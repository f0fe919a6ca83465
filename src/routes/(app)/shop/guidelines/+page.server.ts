import { guidelineHistory, guidelineVersion, guidelinesNow } from '$lib/server/shop/guidelines';

export async function load({ locals }) {
	const [now, history, recommend, rank] = await Promise.all([
		guidelinesNow(),
		guidelineHistory(),
		guidelineVersion('recommend'),
		guidelineVersion('rank')
	]);
	return { now, history, versions: { recommend, rank }, lead: locals.user!.role === 'lead' };
}
