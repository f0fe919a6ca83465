import { defineCalculation } from '../calculation/define.js';
import { between, choice, list, number, over0, text, um } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { bestFit } from './measured/best-fit.js';
import { circleThrough } from './measured/circle.js';
import type { Nearest } from './measured/nearest.js';
import { measuredPoints } from './measured/points.js';
import { SEGMENTS, chainOf } from './profile/chain.js';
import { type Point, type Segment, sweepOf } from './profile/segment.js';

const MAX_POINTS = 20000;
const MAX_LEFT_OUT = 0.2;
/** Of an arc: points near its ends belong to the neighbours as well, and a short one tells no radius. */
const [ARC_FROM, ARC_TO, ARC_POINTS, ARC_DEG] = [0.05, 0.95, 5, 20];
const FREE = { none: 0, translation: 2, 'translation-rotation': 3 } as const;

/** What was measured on wheel or coupon against the form that was meant. */
export const compareMeasured = defineCalculation({
	id: 'form.compare-measured',
	title: 'Measured against meant',
	about:
		'Points of the wheel or of a coupon laid on the form by least squares: the worst place, the spread, and the radius of every arc as it came out.',
	source:
		'Gauss-Newton with minimum-norm steps; geometric circle fits (textbook numerics). A short arc gives a poor radius.',
	formulas: ['least sum of squared distances to the form', 'e > 0: abrasive stands too high'],
	heavy: true,
	fields: [
		SEGMENTS,
		list(
			'points',
			'z and x of each',
			list('point', 'z, x', number('value', 'In mm', between(-5000, 5000)), { minItems: 2, maxItems: 2 }),
			{ maxItems: MAX_POINTS, label: 'Points' }
		),
		text('csv', 'z,x on each line', { maxLength: 2_000_000, label: 'Or a table' }),
		choice('source', 'What was measured', ['wheel', 'coupon'], { default: 'wheel' }),
		choice('fit', 'How it may be laid on', ['none', 'translation', 'translation-rotation'], {
			default: 'translation'
		}),
		um('toleranceUm', 'Of the form', { ...over0(10000), label: 'Allowed' })
	],
	outputs: [
		{ name: 'maxAbsUm', unit: 'um', about: 'Worst', main: true },
		{ name: 'worst', fine: true, about: 'Worst place' },
		{ name: 'rmsUm', unit: 'um', about: 'Spread, root mean square' },
		{ name: 'peakToValleyUm', unit: 'um', about: 'Highest to lowest' },
		{ name: 'arcs', fine: true, about: 'Radii as they came out' },
		{ name: 'appliedZMm', unit: 'mm', fine: true, about: 'Moved along' },
		{ name: 'appliedXMm', unit: 'mm', fine: true, about: 'Moved in' },
		{ name: 'appliedRotationDeg', unit: 'deg', about: 'Turned' },
		{ name: 'rank', about: 'Directions told' },
		{ name: 'usedCount', about: 'Points used' },
		{ name: 'leftOutCount', about: 'Beyond the ends' }
	],
	example: {
		segments: [
			{ kind: 'line', z0Mm: 0, x0Mm: 0, z1Mm: 5, x1Mm: 0 },
			{ kind: 'line', z0Mm: 5, x0Mm: 0, z1Mm: 10, x1Mm: 5 }
		],
		points: [
			[1.02, 0.031],
			[2.52, 0.029],
			[4.02, 0.03],
			[6.02, 1.03],
			[7.52, 2.53],
			[9.02, 4.03]
		],
		toleranceUm: 2
	},
	compute(values) {
		const chain = chainOf(values.segments);
		if (values.source === 'coupon' && values.fit === 'none')
			throw new InputFault(
				'fit',
				'inconsistent',
				'A coupon has its own zero. Let it be moved, or moved and turned.'
			);
		const given = measuredPoints(values.points, values.csv).map((p) =>
			values.source === 'coupon' ? { ...p, xMm: -p.xMm } : p
		);
		const f = bestFit(chain, given, values.fit);
		const used = f.places.map((place, i) => ({ n: place, p: f.points[i]! })).filter((u) => !u.n.beyond);
		if (!used.length)
			throw new InputFault(
				'points',
				'no-overlap',
				'No point lies over the form. Check their zero and their unit.'
			);
		const errors = used.map((u) => 1000 * u.n.e);
		const worst = used.reduce((a, b) => (Math.abs(b.n.e) > Math.abs(a.n.e) ? b : a));
		const maxAbsUm = Math.abs(1000 * worst.n.e);
		const leftOutCount = given.length - used.length;
		const findings = new Findings()
			.caution(
				'form-out-of-tolerance',
				values.toleranceUm !== null && maxAbsUm > values.toleranceUm + SLACK,
				`The form is off by ${maxAbsUm.toFixed(1)} µm at ${worst.p.zMm.toFixed(3)} mm, ${values.toleranceUm} µm are allowed.`
			)
			.caution(
				'fit-not-unique',
				f.rank < FREE[values.fit],
				'These points do not tell every direction; what they do not tell was left where it was.'
			)
			.caution(
				'poor-overlap',
				leftOutCount > MAX_LEFT_OUT * given.length + SLACK,
				`${leftOutCount} of ${given.length} points lie beyond the form. Check their zero.`
			);
		return {
			usedCount: used.length,
			leftOutCount,
			rank: f.rank,
			appliedZMm: f.zMm,
			appliedXMm: f.xMm,
			appliedRotationDeg: (f.rotationRad * 180) / Math.PI,
			maxAbsUm,
			rmsUm: Math.sqrt(errors.reduce((s, e) => s + e * e, 0) / errors.length),
			peakToValleyUm: Math.max(...errors) - Math.min(...errors),
			worst: { zMm: worst.p.zMm, xMm: worst.p.xMm, errorUm: 1000 * worst.n.e },
			arcs: chain.flatMap((segment, i) => (segment.kind === 'arc' ? [arcCameOut(segment, i, used)] : [])),
			...findings.judged()
		};
	}
});

/** Radius of an arc as it came out; null where too few points, or too short a stretch, tell of it. */
function arcCameOut(s: Segment & { kind: 'arc' }, index: number, used: readonly { n: Nearest; p: Point }[]) {
	const own = used.filter((u) => u.n.segment === index && u.n.share >= ARC_FROM && u.n.share <= ARC_TO);
	const shares = own.map((u) => u.n.share);
	const spanDeg = own.length ? ((Math.max(...shares) - Math.min(...shares)) * sweepOf(s) * 180) / Math.PI : 0;
	const told = own.length >= ARC_POINTS && spanDeg >= ARC_DEG - SLACK;
	const circle = told ? circleThrough(own.map((u) => u.p)) : null;
	return {
		index,
		nominalRadiusMm: s.radiusMm,
		radiusMm: circle?.radiusMm ?? null,
		errorMm: circle ? circle.radiusMm - s.radiusMm : null,
		rmsUm: circle ? 1000 * circle.rmsMm : null,
		pointCount: own.length
	};
}
