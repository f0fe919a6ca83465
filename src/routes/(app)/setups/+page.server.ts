import { setupList } from '$lib/server/setups/setup-list';

const STATES = ['under-way', 'released', 'stopped', 'finished'];

export async function load({ url }) {
	const search = (url.searchParams.get('q') ?? '').trim().slice(0, 60);
	const state = STATES.includes(url.searchParams.get('state') ?? '') ? url.searchParams.get('state')! : '';
	return { search, state, setups: await setupList(search, state) };
}
