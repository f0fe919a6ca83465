import {
	between,
	choice,
	deg,
	from0,
	group,
	list,
	mm,
	number,
	over0,
	um,
	yesNo,
	umPerMm
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import type { Values } from '../calculation/fields.js';
import { MIN_BITE } from '../form/flank-bite.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK, ceilCount, floorKind } from '../numeric/rounding.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

const SOURCES = ['measured', 'points', 'g-ratio'] as const;

const FIELDS = [
	choice('source', 'Where the wear is known from', SOURCES, { required: true, label: 'Wear is' }),
	umPerMm('lossUmPerMm', 'Of the form, for each mm ground', { ...over0(10000), label: 'Wear' }),
	list(
		'measurements',
		'Ground so far, and what the form had lost by then',
		group(
			'measurement',
			'One look',
			[
				mm('groundMm', 'Infeed since the form was dressed', {
					...over0(1e6),
					required: true,
					label: 'Ground'
				}),
				um('lossUm', 'Of the form', { ...from0(100000), required: true, label: 'Lost' })
			],
			{ required: true }
		),
		{ maxItems: 200, label: 'Measured' }
	),
	number('gRatio', 'Work ground for each part of wheel worn', { ...over0(100000), label: 'G ratio' }),
	mm('wheelDiameterMm', 'As it measures now', { ...WHEEL_DIAMETER_MM, label: 'Wheel' }),
	mm('workLengthMm', 'Ground, along the feed', { ...over0(100000), label: 'Length of the work' }),
	number('cornerFactor', 'Corners wear faster than flats', {
		...between(1, 20),
		default: 2,
		guideline: true,
		label: 'Corner factor'
	}),
	um('formToleranceUm', 'Of the form', { ...over0(10000), required: true, label: 'Form tolerance' }),
	number('useOfTolerance', 'Share of it that wear may take', {
		...over0(1),
		default: 0.8,
		guideline: true,
		label: 'Use of the tolerance'
	}),
	um('redressUm', 'Straight in', { ...between(0.1, 10000), required: true, label: 'Redress' }),
	mm('partDepthMm', 'Infeed for one part', { ...over0(1000), required: true, label: 'Depth of a part' }),
	um('cleanUpUm', 'Beyond what has worn', { ...from0(1000), default: 0, label: 'Clean up' }),
	deg('maxFlankDeg', 'That must come clean', { ...from0(89), default: 0, label: 'Steepest flank' }),
	yesNo('dressBeforeFinish', 'In each part, whatever is left', {
		default: false,
		label: 'Redress before the finish cut'
	}),
	um('usableRadiusUm', 'Left on the wheel', { ...over0(1e7), label: 'Abrasive left' })
] as const;
type Given = Values<typeof FIELDS>;

/** When the form has to be dressed again: by what wears off its corners, between parts or inside one. */
export const redressInterval = defineCalculation({
	id: 'keep.redress-interval',
	worse: {
		lossUmPerMm: 'none',
		formToleranceUm: 'none',
		useOfTolerance: 'none',
		redressUm: 'down',
		partDepthMm: 'none',
		cleanUpUm: 'up',
		maxFlankDeg: 'up'
	},
	title: 'When to redress the form',
	about:
		'How far a form may be ground before its corners leave the tolerance, how many parts that is, and what a redress must take off at least.',
	source: 'First principles; the corner factor and the share of the tolerance are guidelines.',
	formulas: [
		'k = sum(x y)/sum(x^2), or 1000 l corner/(pi D G)',
		'interval = use x tolerance/k',
		'least redress = loss/cos(steepest flank) + clean-up'
	],
	fields: FIELDS,
	outputs: [
		{ name: 'partsPerRedress', about: 'Parts between redresses', main: true },
		{ name: 'intervalMm', unit: 'mm', about: 'Infeed between redresses' },
		{ name: 'mode', about: 'Redressed' },
		{ name: 'redressesPerPart', about: 'Redresses for a part' },
		{ name: 'infeedPerRedressMm', unit: 'mm', about: 'Infeed for each' },
		{ name: 'lossAtRedressUm', unit: 'um', about: 'Worn by then' },
		{ name: 'minRedressUm', unit: 'um', about: 'A redress takes at least' },
		{ name: 'radiusUsedPerPartUm', unit: 'um', about: 'Wheel used for a part' },
		{ name: 'lossUmPerMm', unit: 'um/mm', about: 'Wear' },
		{ name: 'standardErrorUmPerMm', unit: 'um/mm', about: 'Its standard error' },
		{ name: 'pointCount', about: 'Measured' },
		{ name: 'partsPerWheel', about: 'Parts left in the wheel' },
		{ name: 'infeedPerWheelMm', unit: 'mm', about: 'Infeed left in the wheel' }
	],
	example: {
		source: 'measured',
		lossUmPerMm: 2.5,
		formToleranceUm: 20,
		redressUm: 30,
		partDepthMm: 1.5,
		cleanUpUm: 5
	},
	compute(values) {
		const wear = wearOf(values);
		const k = wear.lossUmPerMm;
		const intervalMm = (values.useOfTolerance * values.formToleranceUm) / k;
		const p = floorKind(intervalMm / values.partDepthMm);
		const inside = p < 1 || values.dressBeforeFinish;
		const n = Math.max(1, ceilCount(values.partDepthMm, intervalMm));
		const infeedPerRedressMm = inside ? values.partDepthMm / n : p * values.partDepthMm;
		const lossAtRedressUm = k * infeedPerRedressMm;
		const cosine = Math.cos((values.maxFlankDeg * Math.PI) / 180);
		const minRedressUm = lossAtRedressUm / cosine + values.cleanUpUm;
		const partsPerWheel =
			values.usableRadiusUm === null
				? null
				: inside
					? floorKind(values.usableRadiusUm / (n * values.redressUm))
					: (floorKind(values.usableRadiusUm / values.redressUm) + 1) * p;
		const findings = new Findings()
			.caution(
				'tolerance-lost-within-one-part',
				p < 1,
				`The form leaves its tolerance inside one part: redress ${n} times in each.`
			)
			.caution(
				'redress-shallower-than-wear',
				values.redressUm < minRedressUm - SLACK,
				`A redress of ${values.redressUm} µm does not reach under the wear: take ${minRedressUm.toFixed(1)} µm or more.`
			)
			.caution(
				'flank-needs-axial-shift',
				cosine < MIN_BITE,
				'The steepest flank gets less than a fifth of a redress straight in. Shift along the axis as well.'
			);
		return {
			...wear,
			intervalMm,
			partsPerRedress: p,
			mode: inside ? 'inside-part' : 'between-parts',
			redressesPerPart: inside ? n : 1 / p,
			infeedPerRedressMm,
			lossAtRedressUm,
			minRedressUm,
			radiusUsedPerPartUm: inside ? n * values.redressUm : values.redressUm / p,
			partsPerWheel,
			infeedPerWheelMm: partsPerWheel === null ? null : partsPerWheel * values.partDepthMm,
			...findings.judged()
		};
	}
});

interface Wear {
	lossUmPerMm: number;
	standardErrorUmPerMm: number | null;
	pointCount: number | null;
}

/** Wear for each mm ground, from where it is known. @throws InputFault on what is missing for it */
function wearOf(values: Given): Wear {
	const need = (value: number | null, field: string, label: string): number => {
		if (value === null) throw new InputFault(field, 'missing', `${label} is missing. Enter it.`);
		return value;
	};
	const plain = { standardErrorUmPerMm: null, pointCount: null };
	if (values.source === 'measured')
		return { lossUmPerMm: need(values.lossUmPerMm, 'lossUmPerMm', 'Wear, µm per mm,'), ...plain };
	if (values.source === 'points') return fitted(values.measurements ?? []);
	const g = need(values.gRatio, 'gRatio', 'G ratio');
	const d = need(values.wheelDiameterMm, 'wheelDiameterMm', 'Wheel diameter');
	const l = need(values.workLengthMm, 'workLengthMm', 'Length of the work');
	return { lossUmPerMm: (1000 * l * values.cornerFactor) / (Math.PI * d * g), ...plain };
}

/** The line through nothing ground, nothing lost, that lies nearest to what was measured. */
function fitted(points: readonly { groundMm: number; lossUm: number }[]): Wear {
	if (!points.length)
		throw new InputFault('measurements', 'missing', 'Nothing was measured yet. Enter a look at the form.');
	const xx = points.reduce((s, p) => s + p.groundMm ** 2, 0);
	const k = points.reduce((s, p) => s + p.groundMm * p.lossUm, 0) / xx;
	if (!(k > 0))
		throw new InputFault(
			'measurements',
			'no-loss',
			'No loss was measured: grind further before the interval is reckoned from it.'
		);
	const rest = points.reduce((s, p) => s + (p.lossUm - k * p.groundMm) ** 2, 0);
	const n = points.length;
	return {
		lossUmPerMm: k,
		standardErrorUmPerMm: n < 2 ? null : Math.sqrt(rest / (n - 1) / xx),
		pointCount: n
	};
}
