import { error } from '@sveltejs/kit';
import { picturesOfRecord } from '$lib/server/wheels/pictures';
import { pageNumber } from '$lib/server/door/page';
import { recordById } from '$lib/server/db/records';

export async function load({ params }) {
	const record = await recordById(pageNumber(params.id));
	if (!record) error(404, { message: `There is no record ${params.id}.` });
	return { record, pictures: await picturesOfRecord(record.id) };
}
