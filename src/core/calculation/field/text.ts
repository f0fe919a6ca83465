import type { DateField, TextField } from '../fields.js';

type Rest<F extends { kind: string; name: string; about: string }> = Partial<
	Omit<F, 'kind' | 'name' | 'about'>
>;

/** Words, as somebody writes them. */
export function text<const N extends string, const O extends Rest<TextField> = object>(
	name: N,
	about: string,
	options?: O
): { kind: 'text'; name: N; about: string } & NoInfer<O> {
	return { name, kind: 'text', about, ...(options ?? ({} as O)) };
}

/** A calendar date, yyyy-mm-dd. */
export function date<const N extends string, const O extends Rest<DateField> = object>(
	name: N,
	about: string,
	options?: O
): { kind: 'date'; name: N; about: string } & NoInfer<O> {
	return { name, kind: 'date', about, ...(options ?? ({} as O)) };
}
