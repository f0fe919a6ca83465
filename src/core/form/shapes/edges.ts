import { summaryOf } from '../profile/chain.js';
import type { Segment } from '../profile/segment.js';
import { fits, needed, shaped } from './faults.js';
import type { Shape } from './shape-fields.js';

const RAD = Math.PI / 180;
const line = (z0Mm: number, x0Mm: number, z1Mm: number, x1Mm: number): Segment => ({
	kind: 'line',
	z0Mm,
	x0Mm,
	z1Mm,
	x1Mm
});
const arc = (
	z0Mm: number,
	x0Mm: number,
	z1Mm: number,
	x1Mm: number,
	radiusMm: number,
	side: 'convex' | 'concave' = 'convex'
): Segment => ({ kind: 'arc', z0Mm, x0Mm, z1Mm, x1Mm, radiusMm, side });
const long = (segment: Segment): boolean =>
	Math.hypot(segment.z1Mm - segment.z0Mm, segment.x1Mm - segment.x0Mm) >= 1e-6;
const width = (values: Shape): number => needed(values.widthMm, 'widthMm', 'Width');

export const flat = (values: Shape): Segment[] => [line(0, 0, width(values), 0)];

export function singleAngle(values: Shape): Segment[] {
	const W = width(values);
	const depth = W * Math.tan(needed(values.angleDeg, 'angleDeg', 'Angle') * RAD);
	return values.highSide === 'left' ? [line(0, 0, W, depth)] : [line(0, depth, W, 0)];
}

/** A ridge: its flat centred on the apex, both ends rounded; without a flat the rounded apex is its crest. */
export function doubleAngle(values: Shape): Segment[] {
	const W = width(values);
	const apex = values.apexZMm ?? W / 2;
	fits(apex < W, 'apexZMm', `The apex lies beyond the face of ${W} mm. Enter less.`);
	const half = values.tipFlatMm / 2;
	fits(
		apex - half >= 0 && apex + half <= W,
		'tipFlatMm',
		'The flat reaches beyond the face. Enter a smaller one.'
	);
	const left = (apex - half) * Math.tan(needed(values.angleLeftDeg, 'angleLeftDeg', 'Left angle') * RAD);
	const right =
		(W - apex - half) * Math.tan(needed(values.angleRightDeg, 'angleRightDeg', 'Right angle') * RAD);
	const tip = values.tipRadiusMm || undefined;
	const crest = half
		? [
				{ z: apex - half, x: 0, fillet: tip },
				{ z: apex + half, x: 0, fillet: tip }
			]
		: [{ z: apex, x: 0, fillet: tip }];
	const edges = [
		...(apex > half ? [{ z: 0, x: left }] : []),
		...crest,
		...(apex + half < W ? [{ z: W, x: right }] : [])
	];
	const chain = shaped(edges, () => 'tipRadiusMm');
	if (half) return chain;
	const top = summaryOf(chain).minXMm;
	return chain.map((segment) => ({ ...segment, x0Mm: segment.x0Mm - top, x1Mm: segment.x1Mm - top }));
}

export function cornerRadius(values: Shape): Segment[] {
	const W = width(values);
	const R = needed(values.radiusMm, 'radiusMm', 'Radius');
	const [left, right] = [values.corners !== 'right', values.corners !== 'left'];
	fits(
		R * (Number(left) + Number(right)) <= W + 1e-9,
		'radiusMm',
		`The corners do not fit on ${W} mm. Enter a smaller radius.`
	);
	return [
		...(left ? [arc(0, R, R, 0, R)] : []),
		line(left ? R : 0, 0, right ? W - R : W, 0),
		...(right ? [arc(W - R, 0, W, R, R)] : [])
	].filter(long);
}

export function fullRadius(values: Shape): Segment[] {
	const W = width(values);
	const R = values.radiusMm ?? W / 2;
	fits(
		R >= W / 2 - 1e-9,
		'radiusMm',
		`A radius of ${R} mm does not reach over ${W} mm. Enter ${W / 2} mm or more.`
	);
	const edge = R - Math.sqrt(Math.max(0, R * R - (W * W) / 4));
	return [arc(0, edge, W, edge, R)];
}

export function concaveRadius(values: Shape): Segment[] {
	const W = width(values);
	const R = needed(values.radiusMm, 'radiusMm', 'Radius');
	const depth = values.depthMm ?? R;
	fits(depth <= R + 1e-9, 'depthMm', `A hollow of ${R} mm is at most that deep. Enter ${R} mm or less.`);
	const half = Math.sqrt(Math.max(0, R * R - (R - depth) ** 2));
	const centre = values.centreZMm ?? W / 2;
	fits(
		centre - half >= -1e-9 && centre + half <= W + 1e-9,
		values.centreZMm === null ? 'radiusMm' : 'centreZMm',
		`The hollow is ${(2 * half).toFixed(3)} mm wide and reaches beyond the face.`
	);
	return [
		line(0, 0, centre - half, 0),
		arc(centre - half, 0, centre + half, 0, R, 'concave'),
		line(centre + half, 0, W, 0)
	].filter(long);
}

export function chamfer(values: Shape): Segment[] {
	const W = width(values);
	const leg = needed(values.chamferMm, 'chamferMm', 'Chamfer');
	const depth = leg * Math.tan((values.angleDeg ?? 45) * RAD);
	const [left, right] = [values.corners !== 'right', values.corners !== 'left'];
	fits(
		leg * (Number(left) + Number(right)) <= W + 1e-9,
		'chamferMm',
		`The chamfers do not fit on ${W} mm. Enter less.`
	);
	return [
		...(left ? [line(0, depth, leg, 0)] : []),
		line(left ? leg : 0, 0, right ? W - leg : W, 0),
		...(right ? [line(W - leg, 0, W, depth)] : [])
	].filter(long);
}
