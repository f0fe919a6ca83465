import { choice, text, yesNo } from '../calculation/field/index.js';
import type { Field } from '../calculation/fields.js';

/** What the shop says of itself. */
export const THE_SHOP_FIELDS = [
	text('name', 'As it stands on cards and at the sign-in', {
		required: true,
		minLength: 2,
		maxLength: 60,
		label: 'Name of the shop'
	}),
	choice('units', 'Of new setups and of what the shop keeps', ['mm', 'inch'], {
		default: 'mm',
		label: 'Numbers in'
	}),
	text('timeZone', 'Days, shifts and printed times are told in it', {
		default: 'UTC',
		maxLength: 64,
		label: 'Time zone'
	}),
	yesNo('morningWanted', 'Before a machine starts, every day it does', {
		default: false,
		label: 'Morning sheet is asked for'
	})
] as const satisfies readonly Field[];
