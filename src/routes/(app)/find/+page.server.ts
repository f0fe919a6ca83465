import { CALCULATIONS } from '$core/calculations';
import { find } from '$lib/server/shop/find';

export async function load({ url }) {
	const text = (url.searchParams.get('q') ?? '').trim().slice(0, 60);
	const benches = text
		? CALCULATIONS.filter((calculation) =>
				`${calculation.id} ${calculation.title}`.toLowerCase().includes(text.toLowerCase())
			)
				.slice(0, 12)
				.map((calculation) => ({
					kind: 'bench',
					title: calculation.title,
					note: calculation.id,
					href: `/benches/${calculation.id}` as const
				}))
		: [];
	return { text, found: [...(await find(text)), ...benches] };
}
