import { bestRuns } from '$lib/server/people/practice-stand';

export async function load({ locals, url }) {
	const asked = Number(url.searchParams.get('seed'));
	return {
		best: await bestRuns(),
		me: locals.user!.name,
		seed:
			url.searchParams.has('seed') && Number.isInteger(asked) && asked >= 0 && asked <= 4294967295
				? asked
				: Math.floor(Math.random() * 4294967296)
	};
}
