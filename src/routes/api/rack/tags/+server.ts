import { error } from '@sveltejs/kit';
import { wheelTags } from '$lib/server/print/wheel-tags';
import { wheelByNumber } from '$lib/server/wheels/wheels';

const MOST_TAGS = 200;

/** Tags to print for the wheels named in `n`. */
export async function GET({ url }) {
	const numbers = url.searchParams.getAll('n').slice(0, MOST_TAGS);
	const wheels = (await Promise.all(numbers.map((n) => wheelByNumber(n)))).filter((w) => w !== undefined);
	if (!wheels.length) error(404, { message: 'There is no such wheel to print a tag for.' });
	return new Response(new Uint8Array(await wheelTags(wheels, url.origin)), {
		headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="tags.pdf"` }
	});
}
