import {
	between,
	choice,
	from0,
	mm,
	mmPerMin,
	over0,
	seconds,
	um,
	whole
} from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { Values } from '../calculation/fields.js';
import { SEGMENTS, type Summary } from './profile/chain.js';
import { OPTIONAL_TOOL } from './tool.js';

/** What the passes of a form are planned from. */
export const PASS_FIELDS = [
	SEGMENTS,
	OPTIONAL_TOOL,
	mm('wheelDiameterMm', 'As it measures now', { ...over0(2000), required: true }),
	mm('minDiameterMm', 'Where the abrasive ends', { ...over0(2000), label: 'Least diameter' }),
	mm('blankXMm', 'Where the rim is now, outside is minus', {
		...between(-100, 5000),
		default: 0,
		label: 'Blank at'
	}),
	um('roughDepthUm', 'Straight in', { ...between(0.1, 1000), required: true, label: 'Rough bite' }),
	um('finishDepthUm', 'Straight in', { ...between(0.1, 1000), required: true, label: 'Finish bite' }),
	whole('finishPasses', 'With the finish bite', { ...from0(50), default: 2, label: 'Finish passes' }),
	whole('sparkOutPasses', 'With no feed', { ...from0(20), default: 1, label: 'Idle passes' }),
	mmPerMin('feedMmPerMin', 'Of the middle of the tool', {
		...between(0.1, 10000),
		required: true,
		label: 'Feed'
	}),
	seconds('returnS', 'Back to the start of a pass', { ...from0(600), default: 5, label: 'Return' }),
	choice('surface', 'Rim of a wheel, or face of a cup', ['periphery', 'face'], { default: 'periphery' }),
	mm('rimWidthMm', 'Of a cup', { ...over0(1000), label: 'Rim width' }),
	mm('rimDepthMm', 'Of a cup', { ...over0(500), label: 'Rim depth' }),
	mm('rimDepthMinMm', 'Of a cup, where it is scrap', { ...from0(500), default: 0, label: 'Least rim depth' })
] as const;

/** @throws InputFault on the size that does not go with the form */
export function checkSizes(values: Values<typeof PASS_FIELDS>, form: Summary): void {
	const fault = (field: string, code: string, message: string) => new InputFault(field, code, message);
	if (values.finishDepthUm > values.roughDepthUm)
		throw fault(
			'finishDepthUm',
			'inconsistent',
			'The finish bite is larger than the rough one. Enter a smaller one.'
		);
	if (values.blankXMm > form.minXMm + 1e-9)
		throw fault(
			'blankXMm',
			'above-maximum',
			`The blank begins at ${values.blankXMm} mm, beneath the crest of the form at ${form.minXMm.toFixed(4)} mm. Enter that or less.`
		);
	if (values.surface === 'periphery') {
		if (form.maxXMm >= values.wheelDiameterMm / 2)
			throw fault(
				'wheelDiameterMm',
				'inconsistent',
				'The form is deeper than the radius of this wheel. Check both.'
			);
		return;
	}
	if (values.rimWidthMm === null)
		throw fault('rimWidthMm', 'missing', 'Rim width is missing. Enter it, a cup is dressed on it.');
	if (2 * values.rimWidthMm > values.wheelDiameterMm + 1e-9 || form.widthMm > values.rimWidthMm + 1e-9)
		throw fault(
			'rimWidthMm',
			'inconsistent',
			`A rim of ${values.rimWidthMm} mm does not go with this wheel and form. Check it.`
		);
	if (values.rimDepthMm !== null && values.rimDepthMinMm >= values.rimDepthMm)
		throw fault(
			'rimDepthMinMm',
			'inconsistent',
			'Least rim depth is not under the depth there is. Enter less.'
		);
}
