import type { Field, TextField } from '../calculation/fields.js';

/** The fields that several things of a shop share. */
export const CODE = { name: 'code', kind: 'text', required: true, maxLength: 20, pattern: '^[A-Za-z0-9][A-Za-z0-9._-]*$', patternSays: 'may hold letters, digits, dots and dashes only', label: 'Code', about: 'As it is called in the shop' } as const satisfies TextField;
export const size = <const N extends string>(name: N, label: string, about: string, max = 3000) => ({ name, kind: 'number', unit: 'mm', min: 0, minOpen: true, max, required: true, label, about }) as const satisfies Field;
