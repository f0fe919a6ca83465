/** Whose screen this is: what is kept in the browser is kept for them, and nobody else finds it in their own form. */
let person = 0;
export function nowBelongsTo(id: number): void {
	person = id;
}
/** Whether it is known whose screen this is. */
export const known = (): boolean => person !== 0;
/** A name under which something of this person is kept in this browser. */
export const own = (name: string): string => `${name}:${person}`;
