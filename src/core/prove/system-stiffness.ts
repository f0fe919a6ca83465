import { group, inUnit, list, over0, seconds, um } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { fitDecay } from './decay.js';

/** This near to an end of the search nothing was found; a third of the signal is noise (guidelines). */
const [NEAR_END, NOISY] = [0.01, 1 / 3];
export const MIN_POINTS = 4;
const time = seconds('tS', 'Since the feed stopped', { min: 0, max: 3600, required: true, label: 'After' });

/**
 * Share of what is bent away that one pass leaves, where passes follow each other by so long: exp(-t/tau).
 * @example Number(leftByPass(2, 3).toFixed(4)) // 0.2231
 */
export const leftByPass = (tauS: number, passTimeS: number): number => Math.exp(-passTimeS / tauS);

/** How quickly what was bent away springs back while it sparks out. */
export const systemStiffness = defineCalculation({
	id: 'prove.system-stiffness',
	title: 'Spark-out time of this machine',
	about:
		'Sizes, or the power, read a few times after the feed stopped: how long machine, wheel and work take to spring back, and so how long to spark out.',
	source:
		'First-order grinding system (textbook machine dynamics): the lag dies away as exp(-t/tau). Learnt, not assumed.',
	formulas: [
		'size = s + c exp(-t/tau), least squares',
		'lag while feeding = tau x infeed',
		'time to within = tau ln(|c|/within)'
	],
	fields: [
		list(
			'sizes',
			'Read while it sparks out',
			group('size', 'A reading', [
				time,
				um('sizeUm', 'Gauge, or over a master', { min: -1e5, max: 1e5, required: true, label: 'Size' })
			]),
			{ minItems: MIN_POINTS, maxItems: 500, label: 'Sizes' }
		),
		list(
			'power',
			'Read while it sparks out',
			group('reading', 'A reading', [
				time,
				inUnit('W')('watts', 'Net, or as shown', { min: 0, max: 1e6, required: true, label: 'Power' })
			]),
			{ minItems: MIN_POINTS, maxItems: 500, label: 'Powers' }
		),
		inUnit('um/s')('infeedUmPerS', 'Before it stopped', { ...over0(1000), label: 'Infeed' }),
		um('withinUm', 'Of the final size', { ...over0(1000), label: 'Wanted within' })
	],
	outputs: [
		{ name: 'tauS', unit: 's', about: 'Time constant', main: true },
		{ name: 'toleranceTimeS', unit: 's', about: 'Spark out for' },
		{ name: 'equilibriumLagUm', unit: 'um', about: 'Bent away while feeding' },
		{ name: 'cUm', unit: 'um', about: 'Bent away when the feed stopped, µm or W' },
		{ name: 'scatterUm', unit: 'um', about: 'Scatter, µm or W' }
	],
	example: {
		sizes: [
			{ tS: 0, sizeUm: 12.1 },
			{ tS: 1, sizeUm: 7.4 },
			{ tS: 2, sizeUm: 4.4 },
			{ tS: 4, sizeUm: 1.7 },
			{ tS: 7, sizeUm: 0.3 }
		],
		infeedUmPerS: 5,
		withinUm: 0.5
	},
	compute(values) {
		if (values.sizes === null && values.power === null)
			throw new InputFault(
				'sizes',
				'missing',
				'Sizes are missing. Enter what was read while it sparked out.'
			);
		if (values.sizes !== null && values.power !== null)
			throw new InputFault(
				'power',
				'inconsistent',
				'Sizes and powers were both given. Leave one of them out.'
			);
		if (values.power !== null && values.withinUm !== null)
			throw new InputFault(
				'withinUm',
				'inconsistent',
				'A power says nothing of a size. Leave this out, or read sizes.'
			);
		const points =
			values.sizes?.map((p) => [p.tS, p.sizeUm] as const) ??
			values.power!.map((p) => [p.tS, p.watts] as const);
		const fit = fitDecay(points);
		const size = Math.abs(fit.c);
		const findings = new Findings()
			.caution(
				'not-settling',
				fit.tau <= fit.least * (1 + NEAR_END) || fit.tau >= fit.most * (1 - NEAR_END),
				'It does not die away as bending does: read sooner after the feed stops, and for longer.'
			)
			.caution(
				'noisy',
				fit.scatter > NOISY * size,
				'The readings scatter as much as they change. Take more of them.'
			);
		return {
			tauS: fit.tau,
			cUm: fit.c,
			scatterUm: fit.scatter,
			toleranceTimeS:
				values.withinUm === null
					? null
					: size === 0
						? 0
						: Math.max(0, fit.tau * Math.log(size / values.withinUm)),
			equilibriumLagUm: values.infeedUmPerS === null ? null : fit.tau * values.infeedUmPerS,
			...findings.judged()
		};
	}
});
