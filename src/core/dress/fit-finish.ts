import { from0, group, list, over0, roughnessUm, whole } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { median } from '../numeric/median.js';
import { PRIOR_SCALE, PRIOR_X, REFERENCE_THICKNESS_UM, UNSURE_C, UNSURE_X, priorLogC } from './finish-law.js';
import { DEPTH, GRAIN, LEAD } from './overlap.js';
import { REMOVAL, WHEEL_SPEED } from './predict-finish.js';

/** Weight of the prior scatter; spread of chips too small to tell; usual exponents. */
const [PRIOR_WEIGHT, TELLS, MIN_X, MAX_X] = [2, 0.25, 0.05, 0.7];
/** Median deviation to standard deviation; deviations that stand out; least deviation, as a logarithm, that is more than scatter. */
const [TO_SIGMA, OUTLIER, MIN_LOG] = [1.4826, 3, 0.35];
const MIN_CUTS = 3;

interface Cut {
	leadUm: number;
	depthUm: number;
	specificRemovalMm2PerS: number;
	wheelSpeedMps: number;
	raUm: number;
}
const span = (list: readonly number[]): [number, number] => [Math.min(...list), Math.max(...list)];

/** Bayesian line through the cuts with the prior of the grain; conjugate normal and inverse gamma (textbook). */
function regress(u: readonly number[], y: readonly number[], m0: readonly [number, number]) {
	const [l1, l2] = [(PRIOR_SCALE / UNSURE_C) ** 2, (PRIOR_SCALE / UNSURE_X) ** 2];
	const sum = (f: (i: number) => number) => u.reduce((s, _, i) => s + f(i), 0);
	const n = u.length;
	const [a, b, d] = [l1 + n, sum((i) => u[i]!), l2 + sum((i) => u[i]! ** 2)];
	const [r1, r2] = [l1 * m0[0] + sum((i) => y[i]!), l2 * m0[1] + sum((i) => u[i]! * y[i]!)];
	const det = a * d - b * b;
	const [v11, v12, v22] = [d / det, -b / det, a / det];
	const [logC, x] = [v11 * r1 + v12 * r2, v12 * r1 + v22 * r2];
	const an = PRIOR_WEIGHT + n / 2;
	const squares =
		sum((i) => y[i]! ** 2) +
		l1 * m0[0] ** 2 +
		l2 * m0[1] ** 2 -
		(a * logC ** 2 + 2 * b * logC * x + d * x ** 2);
	const bn = PRIOR_WEIGHT * PRIOR_SCALE ** 2 + Math.max(0, squares) / 2;
	return { logC, x, scaleLog: Math.sqrt(bn / an), dof: 2 * an, v11, v12, v22 };
}

/** Places of the cuts that are used. @throws InputFault where one is not there, or too few are left */
function keptOf(count: number, leaveOut: readonly number[]): number[] {
	leaveOut.forEach((at, i) => {
		if (at >= count)
			throw new InputFault(
				`leaveOut.${i}`,
				'above-maximum',
				`There is no cut ${at}; they are counted from 0 to ${count - 1}.`
			);
	});
	const kept = Array.from({ length: count }, (_, i) => i).filter((i) => !leaveOut.includes(i));
	if (kept.length < MIN_CUTS)
		throw new InputFault(
			'leaveOut',
			'too-many',
			`Only ${kept.length} cuts are left. At least ${MIN_CUTS} are needed; leave fewer out.`
		);
	return kept;
}

/** Learns the finish law of a wheel from trial cuts. */
export const fitFinish = defineCalculation({
	id: 'dress.fit-finish',
	title: 'Learn from trial cuts',
	about:
		'From three or more trial cuts, what this wheel really gives: the law behind it, how sure it is, and which cut does not fit. Nothing is dropped by itself.',
	source: 'Bayesian linear regression with a conjugate prior (textbook), the prior from the grain.',
	formulas: [
		'ln Ra - 0.5 ln s - 0.25 ln a = ln C + x ln(h/0.1)',
		'weights of the prior: 0.35 for C, 0.15 for x'
	],
	fields: [
		{ ...GRAIN, required: true },
		list(
			'cuts',
			'At least three',
			group('cut', 'A trial cut', [
				{ ...LEAD, required: true },
				DEPTH,
				REMOVAL,
				WHEEL_SPEED,
				roughnessUm('raUm', 'Measured', { ...over0(100), required: true, label: 'Ra' })
			]),
			{ required: true, minItems: MIN_CUTS, maxItems: 500, label: 'Trial cuts' }
		),
		list('leaveOut', 'By their number, from 0', whole('cut', 'A cut', { ...from0(499), required: true }), {
			default: [] as number[],
			maxItems: 500,
			label: 'Cuts left out',
			advanced: true
		})
	],
	outputs: [
		{ name: 'r1', about: 'Classic constant R1', main: true },
		{ name: 'cAtReference', about: 'Constant at a chip of 0.1 um' },
		{ name: 'fit', about: 'The law' },
		{ name: 'ranges', about: 'Learnt from' },
		{ name: 'residualsLog', about: 'What each cut is off by, as a logarithm' },
		{ name: 'outliers', about: 'Cuts that stand out' },
		{ name: 'cutsUsed', about: 'Cuts used' }
	],
	example: {
		grainSizeUm: 170,
		cuts: [
			{ leadUm: 58, depthUm: 9, specificRemovalMm2PerS: 1.1, wheelSpeedMps: 33, raUm: 0.29 },
			{ leadUm: 95, depthUm: 14, specificRemovalMm2PerS: 2.2, wheelSpeedMps: 33, raUm: 0.52 },
			{ leadUm: 120, depthUm: 20, specificRemovalMm2PerS: 3.8, wheelSpeedMps: 32, raUm: 0.77 }
		]
	},
	compute(values) {
		const kept = keptOf(values.cuts.length, values.leaveOut);
		const cuts: readonly Cut[] = values.cuts;
		const thickness = cuts.map((cut) => cut.specificRemovalMm2PerS / cut.wheelSpeedMps);
		const u = thickness.map((h) => Math.log(h / REFERENCE_THICKNESS_UM));
		const y = cuts.map(
			(cut) => Math.log(cut.raUm) - 0.5 * Math.log(cut.leadUm) - 0.25 * Math.log(cut.depthUm)
		);
		const used = <T>(all: readonly T[]): T[] => kept.map((i) => all[i]!);
		const fit = regress(used(u), used(y), [priorLogC(values.grainSizeUm), PRIOR_X]);
		const residualsLog = y.map((value, i) => value - fit.logC - fit.x * u[i]!);
		// The median is not drawn along by the cut that is wrong, as a mean is.
		const middle = median(used(residualsLog));
		const sigma = TO_SIGMA * median(used(residualsLog).map((r) => Math.abs(r - middle)));
		const limit = Math.max(OUTLIER * sigma, MIN_LOG);
		const outliers = kept.filter((i) => Math.abs(residualsLog[i]! - middle) > limit);
		const [thin, thick] = span(used(thickness));
		const findings = new Findings()
			.caution(
				'exponent-not-identified',
				Math.log(thick / thin) < TELLS,
				'All cuts took chips of about the same size: how roughness grows with it is not learnt.'
			)
			.caution(
				'outlier-cut',
				outliers.length > 0,
				`Cut ${outliers.map((outlier) => outlier + 1).join(', ')} stands out. Measure it again, or leave it out; nothing is dropped by itself.`
			)
			.caution(
				'scatter',
				sigma > MIN_LOG,
				'The cuts scatter too much to learn from. Cut and measure again, with the same care each time.'
			)
			.caution('exponent-unusual', fit.x < MIN_X || fit.x > MAX_X, 'An unusual law: check the entries.');
		return {
			fit,
			r1: Math.exp(fit.logC) * REFERENCE_THICKNESS_UM ** -fit.x,
			cAtReference: Math.exp(fit.logC),
			ranges: {
				leadUm: span(used(cuts).map((c) => c.leadUm)),
				depthUm: span(used(cuts).map((c) => c.depthUm)),
				thicknessUm: [thin, thick]
			},
			residualsLog,
			outliers,
			cutsUsed: kept.length,
			...findings.judged()
		};
	}
});
