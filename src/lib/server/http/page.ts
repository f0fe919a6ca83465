import { error } from '@sveltejs/kit';

/** A number in a page's address, or the not-found page. */
export function pageNumber(text: string | undefined): number {
	if (!text || !/^\d{1,9}$/.test(text)) error(404, { message: 'There is nothing at this address.' });
	return Number(text);
}
