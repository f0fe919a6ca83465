import { error } from '@sveltejs/kit';
import { picturesOfRecord } from '$lib/server/pictures';
import { pageNumber } from '$lib/server/page';
import { recordById } from '$lib/server/records';

export async function load({ params }) {
	const record = await recordById(pageNumber(params.id));
	if (!record) error(404, { message: `There is no record ${params.id}.` });
	return { record, pictures: await picturesOfRecord(record.id) };
}
