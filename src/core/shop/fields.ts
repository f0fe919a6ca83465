import { mm, over0, text } from '../calculation/field/index.js';

/** The fields that several things of a shop share. */
export const CODE = text('code', 'As it is called in the shop', {
	required: true,
	maxLength: 20,
	pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$',
	patternSays: 'may hold letters, digits, dots and dashes only',
	label: 'Code'
});
export const size = <const N extends string>(name: N, label: string, about: string, max = 3000) =>
	mm(name, about, { ...over0(max), required: true, label });
