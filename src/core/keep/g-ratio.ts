import { from0, mm, mm3, over0, um, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';
import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';

const WORK = [
	mm('workLengthMm', 'Of one part', { ...over0(100000), label: 'Ground, length' }),
	mm('workWidthMm', 'Of one part', { ...over0(100000), label: 'Ground, width' }),
	mm('workDepthMm', 'Off one part', { ...over0(1000), label: 'Ground off' })
] as const;
const NOISY = 0.3;

/** Work ground for each part of wheel worn, with what two readings of the diameter leave uncertain. */
export const gRatio = defineCalculation({
	id: 'keep.g-ratio',
	worse: { diameterErrorUm: 'up' },
	title: 'G ratio',
	about:
		'How much work a wheel grinds for what it wears, dressing kept apart, and the band that the readings leave.',
	source: 'Definition from grinding textbooks.',
	formulas: [
		'wear = D before - D after - 2 dress',
		'G = work/(pi/4 (D^2 - (D - wear)^2) width)',
		'uncertain = sqrt(2) x one reading/wear'
	],
	fields: [
		mm3('workVolumeMm3', 'In all; or the sizes of a part', { ...over0(1e12), label: 'Work ground' }),
		...WORK,
		whole('partCount', 'Ground between the two readings', { min: 1, max: 1e6, default: 1, label: 'Parts' }),
		mm('diameterBeforeMm', 'Measured', { ...WHEEL_DIAMETER_MM, required: true, label: 'Wheel before' }),
		mm('diameterAfterMm', 'Measured', { ...WHEEL_DIAMETER_MM, required: true, label: 'Wheel after' }),
		mm('wheelWidthMm', 'That grinds', { ...over0(10000), required: true, label: 'Wheel, width' }),
		um('dressLossUm', 'Off the radius, by dressing meanwhile', {
			...from0(1e6),
			default: 0,
			label: 'Dressed off'
		}),
		um('diameterErrorUm', 'Of one reading', { ...from0(10000), default: 2, label: 'Reading within' })
	],
	outputs: [
		{ name: 'gRatio', about: 'G ratio', main: true },
		{ name: 'gLow', about: 'At least' },
		{ name: 'gHigh', about: 'At most' },
		{ name: 'gRatioWithDressing', about: 'With the dressing' },
		{ name: 'workVolumeMm3', unit: 'mm3', about: 'Work ground' },
		{ name: 'wheelWearVolumeMm3', unit: 'mm3', about: 'Wheel worn' },
		{ name: 'radialWearUm', unit: 'um', about: 'Worn off the radius' },
		{ name: 'radialWearPerPartUm', unit: 'um', about: 'A part' },
		{ name: 'relativeUncertainty', about: 'Uncertain by the share' }
	],
	example: {
		workLengthMm: 60,
		workWidthMm: 12,
		workDepthMm: 0.5,
		partCount: 20,
		diameterBeforeMm: 250,
		diameterAfterMm: 249.9,
		wheelWidthMm: 15,
		dressLossUm: 20
	},
	compute(values) {
		if (values.workVolumeMm3 === null) {
			if (WORK.every((f) => values[f.name] === null))
				throw new InputFault(
					'workVolumeMm3',
					'missing',
					'Work ground is missing. Enter its volume, or length, width and depth of a part.'
				);
			needed(values, WORK, 'Length, width and depth of a part are needed, or the volume.');
		}
		const workVolumeMm3 =
			values.workVolumeMm3 ??
			values.workLengthMm! * values.workWidthMm! * values.workDepthMm! * values.partCount;
		const [d1, d2] = [values.diameterBeforeMm, values.diameterAfterMm];
		const wearMm = d1 - d2 - (2 * values.dressLossUm) / 1000;
		if (wearMm <= 1e-12)
			throw new InputFault(
				'diameterAfterMm',
				'not-measurable',
				'Nothing is left of the difference once the dressing is taken out. Grind more parts, then measure again.'
			);
		const ring = (mmOff: number) => (Math.PI / 4) * (d1 ** 2 - (d1 - mmOff) ** 2) * values.wheelWidthMm;
		const wheelWearVolumeMm3 = ring(wearMm);
		const gRatio = workVolumeMm3 / wheelWearVolumeMm3;
		const relativeUncertainty = (Math.SQRT2 * values.diameterErrorUm) / 1000 / wearMm;
		const radialWearUm = 500 * wearMm;
		const findings = new Findings().caution(
			'wear-too-small-to-measure',
			relativeUncertainty > NOISY + 1e-9,
			'The wear is hardly more than the readings are sure of. Grind more parts before you measure.'
		);
		return {
			workVolumeMm3,
			wheelWearVolumeMm3,
			gRatio,
			gRatioWithDressing: workVolumeMm3 / ring(d1 - d2),
			radialWearUm,
			radialWearPerPartUm: radialWearUm / values.partCount,
			relativeUncertainty,
			gLow: gRatio / (1 + relativeUncertainty),
			gHigh: relativeUncertainty >= 1 ? null : gRatio / (1 - relativeUncertainty),
			...findings.judged()
		};
	}
});
