import type { Field, ListField, ObjectField } from '../fields.js';

type Rest<F extends { kind: string; name: string; about: string }> = Partial<
	Omit<F, 'kind' | 'name' | 'about'>
>;

/** Several of the same: readings, weights, chips. */
export function list<const N extends string, const I extends Field, const O extends Rest<ListField> = object>(
	name: N,
	about: string,
	item: I,
	options?: O
): { kind: 'list'; name: N; about: string; item: I } & NoInfer<O> {
	return { name, kind: 'list', about, item, ...(options ?? ({} as O)) };
}

/** Several fields that belong together under one name. */
export function group<
	const N extends string,
	const L extends readonly Field[],
	const O extends Rest<ObjectField> = object
>(
	name: N,
	about: string,
	fields: L,
	options?: O
): { kind: 'object'; name: N; about: string; fields: L } & NoInfer<O> {
	return { name, kind: 'object', about, fields, ...(options ?? ({} as O)) };
}
