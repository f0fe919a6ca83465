import { error } from '@sveltejs/kit';
import { chainOf } from '$core/form/profile/chain';
import { formById, versionsOf } from '$lib/server/shop/forms';

/** A form of the library with its versions; one of them is looked at. */
export async function load({ params, url }) {
	const versions = await versionsOf(params.name);
	if (!versions.length) error(404, `There is no form ${params.name.slice(0, 60)}.`);
	const asked = Number(url.searchParams.get('version'));
	const shown = versions.find((version) => version.version === asked) ?? versions[0]!;
	const { segments } = await formById(shown.id);
	return { name: params.name, versions, shown, chain: chainOf(segments) };
}
