import { between, choice, group, list, mm, over0 } from '../../calculation/field/index.js';
import { InputFault } from '../../calculation/fault.js';
import type { Values } from '../../calculation/fields.js';
import { SLACK } from '../../numeric/rounding.js';
import { areaUnder } from './integrals.js';
import {
	type Point,
	type Segment,
	boundsOf,
	chordOf,
	endOf,
	flankDeg,
	lengthOf,
	shownSegment,
	startOf,
	tangentsOf
} from './segment.js';

const MAX_MM = 5000;
const MAX_SEGMENTS = 500;
const MIN_LENGTH_MM = 1e-6;
/** Of a turn at a joint: less is smooth. */
const SHARP_DEG = 0.5;
const place = <const N extends string>(name: N, about: string) =>
	mm(name, about, { ...between(-MAX_MM, MAX_MM), required: true, fine: true });

const SEGMENT = group('segment', 'A line or an arc, left to right', [
	choice('kind', 'Straight or round', ['line', 'arc'], { required: true }),
	place('z0Mm', 'Along the axis, where it begins'),
	place('x0Mm', 'Depth into the wheel, where it begins'),
	place('z1Mm', 'Along the axis, where it ends'),
	place('x1Mm', 'Depth into the wheel, where it ends'),
	mm('radiusMm', 'Of an arc', { ...over0(1e6), fine: true, label: 'Radius' }),
	choice('side', 'Of an arc: its centre in the abrasive or in the air', ['convex', 'concave'])
] as const);

/** The chain of a profile, as every calculation of a form takes it. */
export const SEGMENTS = list('segments', 'Section of the face, left to right', SEGMENT, {
	required: true,
	minItems: 1,
	maxItems: MAX_SEGMENTS
});
export type RawSegment = Values<(typeof SEGMENT)['fields']>;

/**
 * Segments that can exist.
 * @throws InputFault `zero-length` on a segment, `missing` or `radius-too-small` on the radius of an arc
 */
export function chainOf(raw: readonly RawSegment[]): Segment[] {
	return raw.map((segment, k) => {
		const at = `segments.${k}`;
		const { z0Mm, x0Mm, z1Mm, x1Mm } = segment;
		const line: Segment = { kind: 'line', z0Mm, x0Mm, z1Mm, x1Mm };
		if (chordOf(line) < MIN_LENGTH_MM)
			throw new InputFault(at, 'zero-length', `Segment ${k + 1} has no length. Move its end or take it out.`);
		if (segment.kind === 'line') return line;
		if (segment.radiusMm === null)
			throw new InputFault(
				`${at}.radiusMm`,
				'missing',
				`Segment ${k + 1} is an arc without a radius. Enter it.`
			);
		if (segment.side === null)
			throw new InputFault(
				`${at}.side`,
				'missing',
				`Segment ${k + 1} is an arc without a side. Say whether it is convex or concave.`
			);
		if (chordOf(line) > 2 * segment.radiusMm + MIN_LENGTH_MM)
			throw new InputFault(
				`${at}.radiusMm`,
				'radius-too-small',
				`Segment ${k + 1}: a radius of ${segment.radiusMm} mm does not reach over ${chordOf(line).toFixed(4)} mm. Enter ${(chordOf(line) / 2).toFixed(4)} mm or more.`
			);
		return { ...line, kind: 'arc', radiusMm: segment.radiusMm, side: segment.side };
	});
}

/** How far the tangent turns at a joint, in degrees; into the abrasive is positive: a convex corner. */
export function turnDeg(before: Segment, after: Segment): number {
	const [a, b] = [tangentsOf(before)[1], tangentsOf(after)[0]];
	const cross = a.zMm * b.xMm - a.xMm * b.zMm;
	return (Math.atan2(cross, a.zMm * b.zMm + a.xMm * b.xMm) * 180) / Math.PI;
}

/** Gap between a segment and the one after it, in mm. */
export const gapMm = (before: Segment, after: Segment): number =>
	Math.hypot(after.z0Mm - before.z1Mm, after.x0Mm - before.x1Mm);

/** Segments that are taken for joined. */
export const JOINED_MM = 0.001;
/** @throws InputFault `gap` on the later segment of a gap */
export function mustJoin(chain: readonly Segment[]): void {
	const k = chain.findIndex((segment, i) => i > 0 && gapMm(chain[i - 1]!, segment) > JOINED_MM);
	if (k > 0)
		throw new InputFault(
			`segments.${k}`,
			'gap',
			`Segment ${k + 1} begins ${gapMm(chain[k - 1]!, chain[k]!).toFixed(4)} mm off the end of the one before. Join them.`
		);
}

/** True where a segment runs back along the axis somewhere. */
export const runsBack = (segment: Segment): boolean =>
	segment.z1Mm < segment.z0Mm - SLACK || tangentsOf(segment).some((tangent) => tangent.zMm < -SLACK);

const least = (list: readonly number[]): number | null => (list.length ? Math.min(...list) : null);

export interface Summary {
	widthMm: number;
	depthMm: number;
	minXMm: number;
	maxXMm: number;
	lengthMm: number;
	counts: { lines: number; arcs: number };
	start: Point;
	end: Point;
	/** Of the smallest hollow, 0 for a sharp one, null where there is none. */
	minConcaveRadiusMm: number | null;
	minConvexRadiusMm: number | null;
	maxFlankDeg: number;
	sectionAreaMm2: number;
}

/** What a chain measures. */
export function summaryOf(chain: readonly Segment[]): Summary {
	const bounds = chain.map(boundsOf);
	const of = (key: 'zMin' | 'zMax' | 'xMin' | 'xMax', pick: (...v: number[]) => number) =>
		bounds.reduce((value, b) => pick(value, b[key]), bounds[0]![key]);
	const [minXMm, maxXMm] = [of('xMin', Math.min), of('xMax', Math.max)];
	const arcs = chain.filter((segment) => segment.kind === 'arc');
	const turns = chain.slice(1).map((segment, i) => turnDeg(chain[i]!, segment));
	const radii = (side: 'convex' | 'concave', sharp: (turn: number) => boolean) =>
		least([
			...arcs.filter((arc) => arc.side === side).map((arc) => arc.radiusMm),
			...turns.filter(sharp).map(() => 0)
		]);
	return {
		widthMm: of('zMax', Math.max) - of('zMin', Math.min),
		depthMm: maxXMm - minXMm,
		minXMm,
		maxXMm,
		lengthMm: chain.reduce((sum, segment) => sum + lengthOf(segment), 0),
		counts: { lines: chain.length - arcs.length, arcs: arcs.length },
		start: startOf(chain[0]!),
		end: endOf(chain.at(-1)!),
		minConcaveRadiusMm: radii('concave', (t) => t < -SHARP_DEG),
		minConvexRadiusMm: radii('convex', (t) => t > SHARP_DEG),
		maxFlankDeg: chain.reduce((m, segment) => Math.max(m, ...tangentsOf(segment).map(flankDeg)), 0),
		sectionAreaMm2: chain.reduce((sum, segment) => sum + areaUnder(segment), 0)
	};
}

/** A chain as results show it, with what it measures. */
export const shownChain = (chain: readonly Segment[]) => ({
	segments: chain.map(shownSegment),
	...summaryOf(chain)
});

/** Names of what a chain measures, for the outputs of those that make or read one. */
export const SUMMARY_OUTPUTS = [
	{ name: 'segments', fine: true, about: 'Section of the face' },
	{ name: 'widthMm', unit: 'mm', fine: true, about: 'Width' },
	{ name: 'depthMm', unit: 'mm', fine: true, about: 'Depth' },
	{ name: 'lengthMm', unit: 'mm', fine: true, about: 'Length along the profile' },
	{ name: 'minConcaveRadiusMm', unit: 'mm', fine: true, about: 'Smallest hollow' },
	{ name: 'minConvexRadiusMm', unit: 'mm', fine: true, about: 'Smallest corner' },
	{ name: 'maxFlankDeg', unit: 'deg', about: 'Steepest flank' },
	{ name: 'sectionAreaMm2', unit: 'mm2', about: 'Area of the section' }
] as const;
