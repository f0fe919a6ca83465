import type { Field } from '../calculation/fields.js';

type Named<L extends readonly Field[], N> = Extract<L[number], { name: N }>;
/** Fields of a calculation that a person enters at a bench, by name. */
export function pick<const L extends readonly Field[], const N extends readonly L[number]['name'][]>(
	fields: L,
	...names: N
): { readonly [K in keyof N]: Named<L, N[K]> } {
	// Each name is found because it comes from the list; the tuple keeps the order of the names.
	return names.map((n) => fields.find((field) => field.name === n)!) as readonly Field[] as {
		[K in keyof N]: Named<L, N[K]>;
	};
}

/** A field that a calculation can do without, and that a bench always asks for. */
export const required = <const F extends Field>(field: F): Omit<F, 'required'> & { required: true } => ({
	...field,
	required: true
});

/** A field that a calculation needs, and that a bench can find by another way when it is left empty. */
export const optional = <const F extends Field>(field: F) => {
	const {
		required: _asked,
		default: _start,
		...rest
	} = field as F & { required?: boolean; default?: unknown };
	return rest as unknown as Omit<F, 'required' | 'default'>;
};

/** Fields of a calculation but for those the shop already knows. */
export function without<const L extends readonly Field[], const N extends L[number]['name']>(
	fields: L,
	...names: N[]
): readonly Exclude<L[number], { name: N }>[] {
	return fields.filter(
		(field): field is Exclude<L[number], { name: N }> => !names.some((n) => n === field.name)
	);
}
