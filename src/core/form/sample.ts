import { defineCalculation } from '../calculation/define.js';
import { between, um } from '../calculation/field/index.js';
import { SLACK } from '../numeric/rounding.js';
import { SEGMENTS, chainOf } from './profile/chain.js';
import { type Point, type Segment, endOf, pointAt, startOf, sweepOf } from './profile/segment.js';

/** Points of a chain whose chords stay within a tolerance of its arcs, in mm. */
export function pointsOf(chain: readonly Segment[], toleranceMm: number): Point[] {
	const points = [startOf(chain[0]!)];
	for (const segment of chain) {
		if (segment.kind === 'line') points.push(endOf(segment));
		else {
			const step =
				toleranceMm >= segment.radiusMm ? Math.PI / 2 : 2 * Math.acos(1 - toleranceMm / segment.radiusMm);
			const n = Math.max(1, Math.ceil(sweepOf(segment) / step - SLACK));
			for (let i = 1; i < n; i++) points.push(pointAt(segment, i / n));
			points.push(endOf(segment));
		}
	}
	return points;
}

const short = (mm: number): string => String(Number(mm.toFixed(6)));
/** The chain as a path of a drawing, depth downward. */
export function svgPathOf(chain: readonly Segment[]): string {
	const first = chain[0]!;
	const parts = chain.map((segment) =>
		segment.kind === 'line'
			? `L${short(segment.z1Mm)} ${short(segment.x1Mm)}`
			: `A${short(segment.radiusMm)} ${short(segment.radiusMm)} 0 0 ${segment.side === 'convex' ? 1 : 0} ${short(segment.z1Mm)} ${short(segment.x1Mm)}`
	);
	return `M${short(first.z0Mm)} ${short(first.x0Mm)}${parts.join('')}`;
}

/** A form as points, as a table and as a drawing. */
export const sample = defineCalculation({
	id: 'form.sample',
	title: 'Points of a form',
	about: 'The form as points within a tolerance of its arcs, as a table, and as the path of a drawing.',
	source: 'First principles: the sagitta of a chord.',
	formulas: ['n = ceil(sweep/(2 acos(1 - tolerance/R)))'],
	fields: [
		SEGMENTS,
		um('chordToleranceUm', 'Between chord and arc', {
			...between(0.01, 1000),
			default: 1,
			label: 'Chord may be off'
		})
	],
	outputs: [
		{ name: 'pointCount', about: 'Points', main: true },
		{ name: 'polylineLengthMm', unit: 'mm', fine: true, about: 'Length along them' },
		{ name: 'points', fine: true, about: 'Points' },
		{ name: 'csv', about: 'Table' },
		{ name: 'svgPath', about: 'Path of a drawing' }
	],
	example: {
		segments: [
			{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
			{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
		],
		chordToleranceUm: 20
	},
	compute(values) {
		const chain = chainOf(values.segments);
		const points = pointsOf(chain, values.chordToleranceUm / 1000);
		return {
			pointCount: points.length,
			polylineLengthMm: points
				.slice(1)
				.reduce((l, p, i) => l + Math.hypot(p.zMm - points[i]!.zMm, p.xMm - points[i]!.xMm), 0),
			points,
			csv: `zMm,xMm\n${points.map((point) => `${point.zMm.toFixed(6)},${point.xMm.toFixed(6)}\n`).join('')}`,
			svgPath: svgPathOf(chain)
		};
	}
});
