import { CALCULATIONS } from '$core/calculations';
import { find } from '$lib/server/shop/find';

export async function load({ url }) {
	const text = (url.searchParams.get('q') ?? '').trim().slice(0, 60);
	const benches = text
		? CALCULATIONS.filter((c) => `${c.id} ${c.title}`.toLowerCase().includes(text.toLowerCase()))
				.slice(0, 12)
				.map((c) => ({ kind: 'bench', title: c.title, note: c.id, href: `/benches/${c.id}` as const }))
		: [];
	return { text, found: [...(await find(text)), ...benches] };
}
