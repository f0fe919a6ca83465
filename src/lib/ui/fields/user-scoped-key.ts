import { PERSON_HEADER } from '$core/shop/person-header';

/** Whose screen this is: what is kept in the browser is kept for them, and nobody else finds it in their own form. */
let person = 0;
export function setCurrentUser(id: number): void {
	person = id;
}
/** Whether it is known whose screen this is. */
export const known = (): boolean => person !== 0;
/** A name under which something of this person is kept in this browser. */
export const userScopedKey = (name: string): string => `${name}:${person}`;
/** Headers of a request of this page: they say whose it is, so that it never goes in under another name. */
export const asWhom = (headers: Record<string, string> = {}): Record<string, string> =>
	known() ? { ...headers, [PERSON_HEADER]: String(person) } : headers;
