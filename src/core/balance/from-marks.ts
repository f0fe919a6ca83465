import { deg, from0, kgM2, list as listField, number, over0, seconds } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360, wrap180 } from '../numeric/angles.js';
import { angle, journal, kg } from './shared-fields.js';
import { G0 } from './stand-physics.js';
import { agm } from './swing.js';

const WIDEST_DEG = 170;

/** Signed ways from mark to mark; they go to and fro and do not grow by more than chalk allows. @throws InputFault */
function halfSwings(marks: readonly number[], readErrorDeg: number): number[] {
	const d = marks.slice(1).map((mark, i) => wrap180(mark - marks[i]!));
	const bad = d.findIndex(
		(x, i) =>
			Math.abs(x) > WIDEST_DEG ||
			(i > 0 && (x * d[i - 1]! >= 0 || Math.abs(x) > Math.abs(d[i - 1]!) + 4 * readErrorDeg + 1e-9))
	);
	if (bad >= 0)
		throw new InputFault(
			`turningAnglesDeg.${bad + 1}`,
			'not-a-swing',
			`Mark ${bad + 2} does not follow from the swing before it. A swing goes to and fro and dies; leave out a mark only from an end.`
		);
	return d;
}

/** Unbalance from as many turning marks as one likes and a single stopwatch reading: what a gentle push makes possible. */
export const fromMarks = defineCalculation({
	id: 'balance.from-marks',
	worse: { timeS: 'down', timeErrorS: 'up' },
	title: 'Unbalance from many marks',
	about:
		'Give the wheel a gentle push so that it always swings, chalk every turning point, and stop the watch at the last. Nine marks halve what three leave uncertain.',
	source:
		'As for one swing: disc rolling without slip, exact pendulum period for every half swing; the middle of the swing is the mean over all neighbouring marks.',
	formulas: [
		'heavy side = mean of (b_k + 2 b_k+1 + b_k+2)/4',
		'T0 = 2 time/sum 1/agm(1, cos(A_k/2)), A_k = |b_k+1 - b_k|/2',
		'U = (J + m rho^2)/(g T0^2/(4 pi^2) + 2 rho)'
	],
	limits: [
		'2000 made-up wheels, nine marks and a push of about 10 degrees a second: balanced in 2.03 releases on average, nine in ten in two.'
	],
	fields: [
		{ ...kg('massKg', 'Everything that rolls'), required: true },
		kgM2('inertiaKgM2', 'About the axis', { ...over0(5000), required: true }),
		journal,
		listField(
			'turningAnglesDeg',
			'Face angles at the bottom at turning points, all in a row',
			{ ...angle('mark', 'Face angle'), required: true },
			{ minItems: 3, maxItems: 41, required: true, label: 'Turning marks' }
		),
		seconds('timeS', 'One reading of the stopwatch', {
			...over0(3600),
			required: true,
			label: 'First to last mark'
		}),
		deg('readErrorDeg', 'Of a chalk mark', { ...from0(20), default: 3, advanced: true }),
		seconds('timeErrorS', 'Of the stopwatch', { ...from0(60), default: 0.2, advanced: true }),
		number('inertiaErrorShare', 'Guideline', {
			...from0(1),
			default: 0.02,
			advanced: true,
			label: 'Inertia known to a share of'
		})
	],
	outputs: [
		{ name: 'unbalanceGmm', unit: 'gmm', about: 'Unbalance', main: true },
		{ name: 'heavyAngleDeg', unit: 'deg', about: 'Heavy side' },
		{ name: 'lightAngleDeg', unit: 'deg', about: 'Light side' },
		{ name: 'uncertaintyGmm', unit: 'gmm', about: 'Amount uncertain by' },
		{ name: 'headingErrorDeg', unit: 'deg', about: 'Direction uncertain by' },
		{ name: 'frictionGmm', unit: 'gmm', about: 'Hidden by friction' },
		{ name: 'deadBandDeg', unit: 'deg', about: 'May rest this far off' },
		{ name: 'amplitudeDeg', unit: 'deg', about: 'First amplitude' },
		{ name: 'smallPeriodS', unit: 's', about: 'Small-swing period' }
	],
	example: {
		massKg: 8.2,
		inertiaKgM2: 0.078,
		arborRadiusMm: 14,
		turningAnglesDeg: [96, 172, 104, 164, 112],
		timeS: 38.6
	},
	compute(values) {
		const d = halfSwings(values.turningAnglesDeg, values.readErrorDeg);
		const unwrapped = d.reduce<number[]>(
			(list, x) => [...list, list.at(-1)! + x],
			[values.turningAnglesDeg[0]!]
		);
		const middles = unwrapped.slice(2).map((b, i) => (unwrapped[i]! + 2 * unwrapped[i + 1]! + b) / 4);
		const heavyAngleDeg = fold360(middles.reduce((s, m) => s + m, 0) / middles.length);
		const smallPeriodS =
			(2 * values.timeS) / d.reduce((s, x) => s + 1 / agm(1, Math.cos((Math.abs(x) / 4) * DEG)), 0);
		const rho = values.arborRadiusMm / 1000;
		const unbalanceGmm =
			(1e6 * (values.inertiaKgM2 + values.massKg * rho ** 2)) /
			((G0 * smallPeriodS ** 2) / (4 * Math.PI ** 2) + 2 * rho);
		const deadBandDeg = Math.max(0, (Math.abs(d[0]!) - Math.abs(d.at(-1)!)) / (d.length - 1) / 4);
		const uncertaintyGmm = unbalanceGmm * (values.inertiaErrorShare + (2 * values.timeErrorS) / values.timeS);
		const headingErrorDeg = values.readErrorDeg * Math.sqrt(1 / d.length);
		const findings = new Findings()
			.caution(
				'swing-too-large',
				Math.abs(d[0]!) / 2 > 60,
				'Swings wider than 60 degrees time badly. Wait until it swings less.'
			)
			.caution(
				'timing-coarse',
				(2 * values.timeErrorS) / values.timeS > 0.1,
				'The stopwatch is too coarse for so short a time. Mark more turning points.'
			)
			.caution('too-few-marks', values.turningAnglesDeg.length < 5, 'Five marks or more make it good.');
		return {
			unbalanceGmm,
			heavyAngleDeg,
			lightAngleDeg: fold360(heavyAngleDeg + 180),
			uncertaintyGmm,
			headingErrorDeg,
			frictionGmm: unbalanceGmm * Math.sin(deadBandDeg * DEG),
			deadBandDeg,
			amplitudeDeg: Math.abs(d[0]!) / 2,
			smallPeriodS,
			...findings.judged()
		};
	}
});
