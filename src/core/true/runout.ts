import { from0, um, RIM_RUNOUT_END } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { ROUND_FIELDS, analyseRound } from './rim-readings.js';

/** Splits rim readings into eccentricity, which moving the wheel can cure, and shape, which only truing cures. */
export const runout = defineCalculation({
	id: 'true.runout',
	worse: { limitTirUm: 'down', stopTirUm: 'down' },
	title: 'Run-out of the rim',
	about:
		'Dial readings round the rim give how far it runs out, how far it is off centre and towards where, and what is not eccentricity.',
	source: 'Discrete Fourier series; least squares for uneven angles.',
	formulas: [
		'run-out = largest - smallest reading',
		'reading = mean + sum (a_n cos nt + b_n sin nt)',
		'off centre = hypot(a_1, b_1) towards atan2(b_1, a_1)',
		'shape = range of reading - mean - first harmonic'
	],
	fields: [
		...ROUND_FIELDS,
		um('limitTirUm', 'Run-out allowed', {
			...from0(10000),
			guideline: true,
			default: 25,
			inch: { default: 25.4 },
			label: 'Limit'
		}),
		um('stopTirUm', 'Something is wrong above this', {
			...RIM_RUNOUT_END,
			guideline: true,
			label: 'Look at the mounting above',
			advanced: true
		})
	],
	outputs: [
		{ name: 'tirUm', unit: 'um', about: 'Run-out', main: true },
		{ name: 'eccentricityUm', unit: 'um', about: 'Off centre' },
		{ name: 'eccentricTirUm', unit: 'um', about: 'Of the run-out, off centre' },
		{ name: 'highSpotAngleDeg', unit: 'deg', about: 'High spot' },
		{ name: 'residualTirUm', unit: 'um', about: 'Shape left over' },
		{ name: 'residualRmsUm', unit: 'um', about: 'Shape, root mean square' },
		{ name: 'meanUm', unit: 'um', about: 'Mean reading' },
		{ name: 'dominantOrder', about: 'Strongest harmonic' },
		{ name: 'harmonics', about: 'Lobes' }
	],
	example: { readingsUm: [212, 236, 251, 240, 214, 185, 166, 178] },
	compute(values) {
		const { tirUm, meanUm, first, harmonics, residualTirUm, residualRmsUm, dominantOrder } =
			analyseRound(values);
		const eccentricTirUm = 2 * first.amplitudeUm;
		const findings = new Findings()
			.stop(
				'check-mounting',
				tirUm > values.stopTirUm,
				'That is far more than play in the bore can explain. Take the wheel off and look.'
			)
			.caution(
				'runout-above-limit',
				tirUm > values.limitTirUm,
				`Runs out ${tirUm.toFixed(0)} µm, limit ${values.limitTirUm} µm.`
			)
			.caution(
				'lobes-dominate',
				tirUm > values.limitTirUm && residualTirUm > eccentricTirUm,
				'Mostly out of round: moving the wheel on its seat will not help, truing will.'
			);
		return {
			meanUm,
			eccentricityUm: first.amplitudeUm,
			highSpotAngleDeg: first.angleDeg,
			eccentricTirUm,
			tirUm,
			harmonics,
			residualTirUm,
			residualRmsUm,
			dominantOrder,
			...findings.judged()
		};
	}
});
