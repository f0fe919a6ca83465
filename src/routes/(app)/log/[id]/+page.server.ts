import { error } from '@sveltejs/kit';
import { picturesOfRecord } from '$lib/server/wheels/pictures';
import { pageNumber } from '$lib/server/http/page';
import { basisText } from '$core/route/basis';
import { basisOf } from '$core/route/stations/index';
import type { RecordContext } from '$core/route/record-context';
import { keptFacts } from '$lib/server/setups/kept-facts';
import { recordById } from '$lib/server/storage/records';

export async function load({ params }) {
	const record = await recordById(pageNumber(params.id));
	if (!record) error(404, { message: `There is no record ${params.id}.` });
	const [pictures, then] = await Promise.all([
		picturesOfRecord(record.id),
		keptFacts<RecordContext>(record.facts)
	]);
	const basis = basisOf(record);
	return { record, pictures, then, basis: basis && basisText(basis, 'mm') };
}
