import type { BooleanField, ChoiceField } from '../fields.js';

type Rest<F extends { kind: string; name: string; about: string }> = Partial<
	Omit<F, 'kind' | 'name' | 'about'>
>;

/** One of a few words. */
export function choice<
	const N extends string,
	const C extends readonly string[],
	const O extends Rest<ChoiceField> = object
>(
	name: N,
	about: string,
	choices: C,
	options?: O
): { kind: 'choice'; name: N; about: string; choices: C } & NoInfer<O> {
	return { name, kind: 'choice', about, choices, ...(options ?? ({} as O)) };
}

/** Yes or no. */
export function yesNo<const N extends string, const O extends Rest<BooleanField> = object>(
	name: N,
	about: string,
	options?: O
): { kind: 'boolean'; name: N; about: string } & NoInfer<O> {
	return { name, kind: 'boolean', about, ...(options ?? ({} as O)) };
}

/** The names of a table as the words of a choice. A table has at least one, which its type cannot say. */
export const keysOf = <K extends string>(table: Readonly<Record<K, unknown>>): readonly [K, ...K[]] =>
	Object.keys(table) as unknown as readonly [K, ...K[]];
