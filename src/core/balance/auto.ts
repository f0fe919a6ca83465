import { between, deg, over0, whole, unbalanceResponse } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { fold360, len, wrap180 } from '../numeric/angles.js';
import { type HeadState, balancingHead, residual } from './auto-head.js';
import { angle, gmm, seed, vibration } from './shared-fields.js';

/** The machine's own balancing head, simulated. */
export const auto = defineCalculation({
	id: 'balance.auto',
	worse: {
		unbalanceGmm: 'up',
		heavyAngleDeg: 'none',
		massGmm: 'none',
		sensitivityMmPerSPerGmm: 'up',
		stepDeg: 'down',
		minStepDeg: 'up',
		targetMmPerS: 'down',
		maxMeasurements: 'down',
		noiseMmPerS: 'up'
	},
	title: 'Automatic balancer, simulated',
	about:
		"A head with two driven masses that only sees how much it shakes, working itself down at speed: the stand-in of the machine's own.",
	source: 'Pattern search on the amplitude (first principles).',
	formulas: [
		'measured = h |U + u1 + u2|',
		'keep a move that shakes less, else the next; halve the step when none does'
	],
	fields: [
		{ ...gmm('unbalanceGmm', 'Hidden in the wheel'), required: true },
		{ ...angle('heavyAngleDeg', 'Hidden in the wheel'), required: true },
		{ ...gmm('massGmm', 'Each mass of the head'), minOpen: true, required: true, label: 'Each mass pulls' },
		unbalanceResponse('sensitivityMmPerSPerGmm', 'Of this machine', {
			...over0(10),
			required: true,
			label: 'A gram millimetre shakes it by'
		}),
		{ ...angle('start1AngleDeg', 'First mass'), default: 0, label: 'First mass from' },
		{ ...angle('start2AngleDeg', 'Second mass'), default: 180, label: 'Second mass from' },
		deg('stepDeg', 'First step', { ...between(0.01, 90), default: 20 }),
		deg('minStepDeg', 'Smallest step', { ...between(0.001, 10), default: 0.05, advanced: true }),
		{ ...vibration('targetMmPerS', 'Good enough'), default: 0.02, label: 'Target' },
		whole('maxMeasurements', 'Given up after', { ...between(1, 100000), default: 400, advanced: true }),
		{ ...vibration('noiseMmPerS', 'Of its sensor'), default: 0 },
		seed
	],
	outputs: [
		{ name: 'residualMmPerS', unit: 'mm/s', about: 'Shakes still', main: true },
		{ name: 'startMmPerS', unit: 'mm/s', about: 'Shook before' },
		{ name: 'residualGmm', unit: 'gmm', about: 'Left over' },
		{ name: 'converged', about: 'Reached its target' },
		{ name: 'measurements', about: 'Measurements' },
		{ name: 'mass1AngleDeg', unit: 'deg', about: 'First mass at' },
		{ name: 'mass2AngleDeg', unit: 'deg', about: 'Second mass at' },
		{ name: 'openingDeg', unit: 'deg', about: 'Between them' }
	],
	example: { unbalanceGmm: 310, heavyAngleDeg: 64, massGmm: 260, sensitivityMmPerSPerGmm: 0.005 },
	compute(values) {
		const head = balancingHead(values);
		const first = head.next();
		const startMmPerS = first.value.measuredMmPerS;
		let end: IteratorResult<HeadState, HeadState> = first;
		while (!end.done) end = head.next();
		const s = end.value;
		const residualGmm = len(residual(values, s));
		const residualMmPerS = values.sensitivityMmPerSPerGmm * residualGmm;
		const converged = s.measuredMmPerS <= values.targetMmPerS;
		const beyond = values.unbalanceGmm > 2 * values.massGmm && residualMmPerS > values.targetMmPerS;
		const findings = new Findings()
			.stop(
				'capacity-exceeded',
				beyond,
				'The head cannot make up for so much. Balance the wheel roughly on the stand first.'
			)
			.caution(
				'not-converged',
				!beyond && !converged,
				'The head did not reach its target. Let it try again, or look for what else shakes.'
			);
		return {
			converged,
			measurements: s.measurements,
			mass1AngleDeg: fold360(s.mass1AngleDeg),
			mass2AngleDeg: fold360(s.mass2AngleDeg),
			startMmPerS,
			residualMmPerS,
			residualGmm,
			openingDeg: Math.abs(wrap180(s.mass1AngleDeg - s.mass2AngleDeg)),
			...findings.judged()
		};
	}
});
