import { text } from '../calculation/field/index.js';
import { MIN_REASON } from '../calculation/reason.js';
import { type Field, labelOf } from '../calculation/fields.js';
import { quantity } from '../quantity/format.js';
import { without } from '../route/step-fields.js';
import { WHEEL_FIELDS } from './wheel.js';

/** What may be put right of a received wheel: what was read off it; what was measured since is corrected in its book. */
export const CORRECT_FIELDS = without(
	WHEEL_FIELDS,
	'number',
	'diameterMm',
	'rimDepthMm',
	'rimWidthMm',
	'madeOn'
);
export const WHY_CORRECTED = text('why', 'Kept with what stood there before', {
	required: true,
	minLetters: MIN_REASON,
	maxLength: 200,
	label: 'Why it is corrected'
});

/** What differs between a wheel as it stands and as it is said to be, in words: "Marked speed 40 m/s becomes 35 m/s". */
export function changesIn(
	before: Readonly<Record<string, unknown>>,
	after: Readonly<Record<string, unknown>>
): string[] {
	const shown = (field: Field, value: unknown) =>
		value === null || value === undefined || value === ''
			? 'nothing'
			: typeof value === 'number'
				? quantity(value, 'unit' in field ? field.unit : undefined)
				: String(value);
	return (CORRECT_FIELDS as readonly Field[])
		.filter((field) => (before[field.name] ?? null) !== (after[field.name] ?? null))
		.map(
			(field) =>
				`${labelOf(field)} ${shown(field, before[field.name])} becomes ${shown(field, after[field.name])}`
		);
}
