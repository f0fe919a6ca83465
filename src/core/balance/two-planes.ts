import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import { choice, group, kg, list, over0, between, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { type Vec, add, angleOf, len, sub, vec } from '../numeric/angles.js';
import { over, times } from '../numeric/complex.js';
import { angle, gmm, stopMmPerS, vibration } from './shared-fields.js';
import { judgeTrial, trialForceN } from './trial-force.js';

/** Beyond this the planes cannot be told apart; a trial has to change a reading by this share (guidelines). */
const [ILL, WEAK] = [20, 0.2];
/** A matrix this close to singular tells nothing. */
const SINGULAR = 1e-9;
type Two<T> = readonly [T, T];

const reading = group(
	'reading',
	'Of one plane',
	[
		{ ...vibration('ampMmPerS', 'Read'), required: true, label: 'Vibration' },
		{ ...angle('phaseDeg', 'Read'), required: true, label: 'Phase' }
	],
	{ required: true }
);
const readings = <const N extends string>(name: N, label: string, about: string) =>
	list(name, about, reading, { minItems: 2, maxItems: 2, required: true, label });
const trial = <const N extends string>(name: N, label: string, about: string) => ({
	...gmm(name, about),
	min: 0,
	minOpen: true as const,
	required: true as const,
	label
});
const PLACE = group(
	'correction',
	'In one plane',
	[
		{ ...gmm('gmm', 'Put there'), required: true, label: 'Unbalance' },
		{ ...angle('angleDeg', 'Seen from the front'), required: true, label: 'At' }
	],
	{ required: true }
);

/** Static and couple unbalance at once: two planes, two readings, two trials. */
export const twoPlanes = defineCalculation({
	id: 'balance.two-planes',
	worse: { trial1Gmm: 'none', trial2Gmm: 'none', speedRpm: 'up', stopMmPerS: 'down' },
	title: 'Two planes',
	about:
		'A wide wheel or a pack can be in balance at rest and still wobble when it turns. Two meters, a trial in each plane, and both corrections come at once.',
	source: 'Influence coefficients in two planes (textbook); limits are guidelines.',
	formulas: [
		'A column k = (after trial k - initial)/trial k, complex',
		'corrections = -A^-1 initial',
		'residual = initial + A made',
		'condition = largest/smallest singular value of A'
	],
	fields: [
		readings('initial', 'As it is', 'Plane 1 at the back, plane 2 at the front'),
		readings('afterTrial1', 'With the trial in plane 1', 'Both planes again'),
		readings('afterTrial2', 'With the trial in plane 2', 'Trial 1 taken off before'),
		trial('trial1Gmm', 'Trial in plane 1', 'Mass times radius'),
		{ ...angle('trial1AngleDeg', 'Seen from the front'), required: true, label: 'Trial 1 at' },
		trial('trial2Gmm', 'Trial in plane 2', 'Mass times radius'),
		{
			...angle('trial2AngleDeg', 'Seen from the front, in this plane too'),
			required: true,
			label: 'Trial 2 at'
		},
		choice('phaseSense', 'With the face angles, or against them (phase lag)', ['with', 'against'], {
			default: 'with',
			label: 'Phase grows'
		}),
		list('made', 'What was really put there, plane 1 then plane 2', PLACE, {
			minItems: 2,
			maxItems: 2,
			label: 'Corrections made'
		}),
		rpm('speedRpm', 'All runs', { ...between(1, 200000), label: 'Speed' }),
		kg('rotorMassKg', 'Everything that turns; tells whether a trial is heavy', {
			...over0(5000),
			label: 'Turning mass'
		}),
		stopMmPerS
	],
	outputs: [
		{ name: 'corrections', about: 'Add, plane 1 then plane 2', main: true },
		{ name: 'residualMmPerS', unit: 'mm/s', about: 'Will be left, plane 1 then plane 2' },
		{ name: 'condition', about: 'How well the planes are told apart, 1 is best' },
		{ name: 'trialForceN', unit: 'N', about: 'The heavier trial pulls with' }
	],
	example: {
		initial: [
			{ ampMmPerS: 2.4, phaseDeg: 40 },
			{ ampMmPerS: 1.7, phaseDeg: 205 }
		],
		afterTrial1: [
			{ ampMmPerS: 3.1, phaseDeg: 72 },
			{ ampMmPerS: 1.9, phaseDeg: 222 }
		],
		afterTrial2: [
			{ ampMmPerS: 2.6, phaseDeg: 55 },
			{ ampMmPerS: 2.8, phaseDeg: 240 }
		],
		trial1Gmm: 400,
		trial1AngleDeg: 0,
		trial2Gmm: 400,
		trial2AngleDeg: 0
	},
	compute(values) {
		const sense = values.phaseSense === 'with' ? 1 : -1;
		const phasor = (r: { ampMmPerS: number; phaseDeg: number }): Vec => vec(r.ampMmPerS, sense * r.phaseDeg);
		const phasors = (list: readonly { ampMmPerS: number; phaseDeg: number }[]): Two<Vec> => [
			phasor(list[0]!),
			phasor(list[1]!)
		];
		const V0 = phasors(values.initial);
		const after: Two<Two<Vec>> = [phasors(values.afterTrial1), phasors(values.afterTrial2)];
		const trials: Two<Vec> = [
			vec(values.trial1Gmm, values.trial1AngleDeg),
			vec(values.trial2Gmm, values.trial2AngleDeg)
		];
		const change = (a: Two<Vec>): Two<Vec> => [sub(a[0], V0[0]), sub(a[1], V0[1])];
		const changes: Two<Two<Vec>> = [change(after[0]), change(after[1])];
		/** Reading of plane i from an unbalance in plane k. */
		const A = (i: 0 | 1, k: 0 | 1): Vec => over(changes[k][i], trials[k]);
		const condition = conditionOf([
			[A(0, 0), A(0, 1)],
			[A(1, 0), A(1, 1)]
		]);
		if (condition === null)
			throw new InputFault(
				'afterTrial2',
				'no-effect',
				'The two trials do the same, or nothing: these runs do not tell the planes apart. Use heavier trials, in planes further apart.'
			);
		const det = sub(times(A(0, 0), A(1, 1)), times(A(0, 1), A(1, 0)));
		const corrections = [
			over(sub(times(A(0, 1), V0[1]), times(A(1, 1), V0[0])), det),
			over(sub(times(A(1, 0), V0[0]), times(A(0, 0), V0[1])), det)
		].map((c) => ({ gmm: len(c), angleDeg: angleOf(c) }));
		const made = values.made?.map((m) => vec(m.gmm, m.angleDeg)) as Two<Vec> | undefined;
		const left = (i: 0 | 1) => len(add(V0[i], add(times(A(i, 0), made![0]), times(A(i, 1), made![1]))));
		const forceN =
			values.speedRpm === null
				? null
				: trialForceN(Math.max(values.trial1Gmm, values.trial2Gmm), values.speedRpm);
		const weak = changes.some((c) => len(c[0]) < WEAK * len(V0[0]) && len(c[1]) < WEAK * len(V0[1]));
		const findings = new Findings()
			.stop(
				'vibration-too-high',
				[...values.initial, ...values.afterTrial1, ...values.afterTrial2].some(
					(r) => r.ampMmPerS >= values.stopMmPerS
				),
				`${values.stopMmPerS} mm/s is reached. Do not run it like this; balance it roughly on the stand first.`
			)
			.caution(
				'ill-conditioned',
				condition > ILL,
				'The planes can hardly be told apart: a small error becomes a large weight. Move them further apart.'
			)
			.caution('trial-weak', weak, 'A trial hardly shows in either reading: use a heavier one.');
		judgeTrial(findings, forceN, values.rotorMassKg, 'The heavier trial');
		return {
			corrections,
			condition,
			residualMmPerS: made ? [left(0), left(1)] : null,
			trialForceN: forceN,
			...findings.judged()
		};
	}
});

/** 2-norm condition of a complex 2 by 2 matrix, from the real 4 by 4 that does the same; null where it is singular. */
function conditionOf(m: Two<Two<Vec>>): number | null {
	const real = new Matrix(4, 4);
	m.forEach((row, i) =>
		row.forEach((c, k) => {
			real.set(i, k, c.x);
			real.set(i + 2, k + 2, c.x);
			real.set(i, k + 2, -c.y);
			real.set(i + 2, k, c.y);
		})
	);
	const singular = new SingularValueDecomposition(real).diagonal;
	const [largest, smallest] = [Math.max(...singular), Math.min(...singular)];
	return smallest <= SINGULAR * largest ? null : largest / smallest;
}
