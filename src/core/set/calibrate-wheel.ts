import { list, over0, um, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { dialFactor, dialReads, touched } from './dial.js';
import { SLACK } from '../numeric/rounding.js';

const readings = <const N extends string>(name: N, label: string, about: string) =>
	list(name, about, touched('reading', 'Reading', 'Of the slide'), {
		required: true,
		minItems: 1,
		maxItems: 20,
		label
	});

const mean = (l: readonly number[]): number => l.reduce((s, x) => s + x, 0) / l.length;
const range = (l: readonly number[]): number => Math.max(...l) - Math.min(...l);
/** Variance of the mean, or null where one reading tells nothing of it. */
function varianceOfMean(l: readonly number[]): number | null {
	if (l.length < 2) return null;
	const m = mean(l);
	return l.reduce((s, x) => s + (x - m) ** 2, 0) / (l.length - 1) / l.length;
}

/** The wheel touches a reference, a probe touches the same spot: the difference is where the wheel is. */
export const calibrateWheel = defineCalculation({
	id: 'set.calibrate-wheel',
	title: 'Calibrate the wheel',
	about:
		'Touch the reference with the wheel and with the probe, more than once: the offset, and from the scatter how far to trust it.',
	source: 'Means and standard errors (textbook).',
	formulas: ['offset = mean probe - mean touch', 'standard error = sqrt(s_t^2/n_t + s_p^2/n_p)'],
	fields: [
		readings('touchXMm', 'Wheel on the diameter, across', 'Slide with the wheel on the reference'),
		readings('touchZMm', 'Wheel on the face, along', 'Slide with the wheel on the reference'),
		readings('probeXMm', 'Probe on the diameter, across', 'On the same spot'),
		readings('probeZMm', 'Probe on the face, along', 'On the same spot'),
		dialReads('xReads'),
		um('scatterLimitUm', 'On the radius', {
			...over0(1000),
			guideline: true,
			default: 10,
			label: 'Scatter allowed'
		}),
		yesNo('wheelRemounted', 'Since then', { default: false, label: 'Wheel mounted again' }),
		yesNo('dressedSince', 'Since then', { default: false, label: 'Wheel dressed' }),
		yesNo('dresserChanged', 'Since then', { default: false, label: 'Another dresser' })
	],
	outputs: [
		{ name: 'offsetXMm', unit: 'mm', about: 'Offset across', main: true },
		{ name: 'offsetZMm', unit: 'mm', about: 'Offset along' },
		{ name: 'scatterUm', unit: 'um', about: 'Scatter, the largest' },
		{ name: 'scatter', about: 'Scatter of each' },
		{ name: 'standardErrorXUm', unit: 'um', about: 'Standard error across' },
		{ name: 'standardErrorZUm', unit: 'um', about: 'Standard error along' },
		{ name: 'voidBecause', about: 'Void because' }
	],
	example: {
		touchXMm: [88.412, 88.415],
		touchZMm: [20.03],
		probeXMm: [61.2, 61.203],
		probeZMm: [24.5]
	},
	compute(values) {
		const k = dialFactor(values.xReads);
		const scatter = {
			touchXUm: (1000 * range(values.touchXMm)) / k,
			touchZUm: 1000 * range(values.touchZMm),
			probeXUm: (1000 * range(values.probeXMm)) / k,
			probeZUm: 1000 * range(values.probeZMm)
		};
		const scatterUm = Math.max(...Object.values(scatter));
		const error = (a: readonly number[], b: readonly number[], factor: number) => {
			const [s, t] = [varianceOfMean(a), varianceOfMean(b)];
			return s === null || t === null ? null : (1000 * Math.sqrt(s + t)) / factor;
		};
		const voidBecause = [
			...(values.wheelRemounted ? ['wheel-remounted'] : []),
			...(values.dressedSince ? ['dressed-since'] : []),
			...(values.dresserChanged ? ['dresser-changed'] : [])
		];
		const single = [values.touchXMm, values.touchZMm, values.probeXMm, values.probeZMm].some(
			(l) => l.length < 2
		);
		const findings = new Findings()
			.stop(
				'calibration-void',
				voidBecause.length > 0,
				'The wheel is not where it was: touch the reference again. After a dress the zero may be carried on until the next touch.'
			)
			.caution(
				'readings-scatter',
				scatterUm > values.scatterLimitUm + SLACK,
				`The readings scatter by ${scatterUm.toFixed(1)} µm. Wipe, warm up, touch again.`
			)
			.caution('single-reading', single, 'One reading shows no scatter. Touch three times.');
		return {
			offsetXMm: mean(values.probeXMm) - mean(values.touchXMm),
			offsetZMm: mean(values.probeZMm) - mean(values.touchZMm),
			scatter,
			scatterUm,
			standardErrorXUm: error(values.touchXMm, values.probeXMm, k),
			standardErrorZUm: error(values.touchZMm, values.probeZMm, 1),
			voidBecause,
			...findings.judged()
		};
	}
});
