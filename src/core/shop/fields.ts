import { mm, type over0, text } from '../calculation/field/index.js';

/** The fields that several things of a shop share. */
export const CODE = text('code', 'As it is called in the shop', {
	required: true,
	maxLength: 20,
	pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$',
	patternSays: 'may hold letters, digits, dots and dashes only',
	label: 'Code'
});
/** A size the shop has to know of a thing it keeps, in mm. */
export const size = <const N extends string>(
	name: N,
	label: string,
	about: string,
	range: ReturnType<typeof over0>
) => mm(name, about, { ...range, required: true, label });
