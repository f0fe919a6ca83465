import { redirect } from '@sveltejs/kit';

export async function load({ parent, params }) {
	const { decision } = await parent();
	redirect(303, `/setups/${params.id}/${decision.current}`);
}
