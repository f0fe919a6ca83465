import { fail } from '@sveltejs/kit';
import { arrived } from './arriving.js';

/** The texts of a small form; what is no text (a file) is left out. Null where the body is no form at all. */
export async function textsOf(request: Request): Promise<Record<string, string> | null> {
	try {
		const bytes = await arrived(request);
		const type = request.headers.get('content-type') ?? '';
		const form = await new Response(bytes, { headers: { 'content-type': type } }).formData();
		return Object.fromEntries([...form].filter((e): e is [string, string] => typeof e[1] === 'string'));
	} catch {
		return null;
	}
}
/** What is answered to a body that is no form. */
export const noForm = () =>
	fail(400, { field: '', message: 'The form could not be read. Load the page again.', name: '', userId: '' });
