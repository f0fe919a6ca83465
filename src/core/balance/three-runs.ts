import { group, list } from '../calculation/field/index.js';
import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, angleOf, fold360, len } from '../numeric/angles.js';
import { angle, grams, radius, stopMmPerS, vibration } from './shared-fields.js';

const MIN_SINGULAR = 0.05;
const MIN_P = 1e-12;

/** Unbalance from vibration without phase: the same trial weight at three places or more. */
export const threeRuns = defineCalculation({
	id: 'balance.three-runs',
	worse: { initialMmPerS: 'none', stopMmPerS: 'down' },
	title: 'Unbalance from vibration without phase',
	about:
		'A meter that shows only how much: one run as it is, then the same trial weight at three places. The run as it is is not needed for the answer, so it tests it.',
	source: 'Linear in three unknowns (first principles); least squares for more than three runs.',
	formulas: [
		'A_k^2 - A_0^2 = p + q_x cos b_k + q_y sin b_k',
		'p = h^2 t^2, q = 2 h^2 t U',
		'closure = h |U|/A_0'
	],
	fields: [
		{ ...vibration('initialMmPerS', 'As it is'), required: true, label: 'Vibration as it is' },
		{ ...grams('trialMassG', 'The same in every run'), required: true, label: 'Trial weight' },
		{ ...radius('trialRadiusMm', 'Of the trial'), required: true, label: 'Trial radius' },
		list(
			'runs',
			'At places well apart',
			group(
				'run',
				'One run',
				[
					{ ...angle('angleDeg', 'Where the trial was'), required: true, label: 'Trial at' },
					{ ...vibration('mmPerS', 'Read'), required: true, label: 'Vibration' }
				],
				{ required: true }
			),
			{ minItems: 3, maxItems: 24, required: true, label: 'Runs with the trial' }
		),
		{ ...radius('correctionRadiusMm', "The trial's when empty"), label: 'Weight radius' },
		stopMmPerS
	],
	outputs: [
		{ name: 'correctionMassG', unit: 'g', about: 'Add', main: true },
		{ name: 'correctionAngleDeg', unit: 'deg', about: 'At' },
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance' },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'sensitivityMmPerSPerGmm', unit: 'mm/s/gmm', about: 'A gram millimetre shakes it by' },
		{ name: 'closureRatio', about: 'Agrees with the run as it is, 1 = exactly' }
	],
	example: {
		initialMmPerS: 2.0,
		trialMassG: 5,
		trialRadiusMm: 80,
		runs: [
			{ angleDeg: 0, mmPerS: 2.9 },
			{ angleDeg: 120, mmPerS: 2.6 },
			{ angleDeg: 240, mmPerS: 0.75 }
		]
	},
	compute(values) {
		const rows = new Matrix(
			values.runs.map((run) => [1, Math.cos(run.angleDeg * DEG), Math.sin(run.angleDeg * DEG)])
		);
		const svd = new SingularValueDecomposition(rows);
		if (Math.min(...svd.diagonal) < MIN_SINGULAR)
			throw new InputFault(
				'runs',
				'no-information',
				'The trial was at nearly the same places: these runs do not tell it. Put it at three places well apart, 120 degrees is best.'
			);
		const [p, qx, qy] = svd
			.solve(Matrix.columnVector(values.runs.map((run) => run.mmPerS ** 2 - values.initialMmPerS ** 2)))
			.to1DArray() as [number, number, number];
		if (p <= MIN_P)
			throw new InputFault(
				'runs',
				'inconsistent',
				'These runs contradict each other: no unbalance explains them. Check that the weight held and the speed was the same, then run again.'
			);
		const t = values.trialMassG * values.trialRadiusMm;
		const h = Math.sqrt(p) / t;
		const U = { x: qx / (2 * h * h * t), y: qy / (2 * h * h * t) };
		const unbalanceGmm = len(U);
		const closureRatio = values.initialMmPerS === 0 ? null : (h * unbalanceGmm) / values.initialMmPerS;
		const heavyAngleDeg = angleOf(U);
		const findings = new Findings()
			.stop(
				'vibration-too-high',
				[values.initialMmPerS, ...values.runs.map((run) => run.mmPerS)].some((a) => a >= values.stopMmPerS),
				`${values.stopMmPerS} mm/s is reached. Do not run it like this; balance it roughly on the stand first.`
			)
			.caution(
				'inconsistent-readings',
				closureRatio !== null && Math.abs(closureRatio - 1) > 0.15,
				`The run as it is does not fit the others, ${closureRatio?.toFixed(2) ?? ''} instead of 1. Read again before moving anything.`
			);
		return {
			unbalanceGmm,
			heavyAngleDeg,
			correctionAngleDeg: fold360(heavyAngleDeg + 180),
			correctionMassG: unbalanceGmm / (values.correctionRadiusMm ?? values.trialRadiusMm),
			sensitivityMmPerSPerGmm: h,
			closureRatio,
			...findings.judged()
		};
	}
});
