import { json } from '@sveltejs/kit';
import { row } from '$lib/server/storage/pool';

/** Whether the application and its database answer. */
export async function GET() {
	await row('SELECT 1 AS ok');
	return json({ ok: true });
}
