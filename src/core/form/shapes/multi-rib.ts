import type { Corner } from '../profile/rounding.js';
import type { Segment } from '../profile/segment.js';
import { fits, needed, shaped } from './faults.js';
import type { Shape } from './shape-fields.js';

/** Ribs side by side, begun and ended in the middle of a root. A crest or root without a flat is one corner. */
export function multiRib(values: Shape): Segment[] {
	const p = needed(values.pitchMm, 'pitchMm', 'Pitch');
	const count = needed(values.count, 'count', 'Number of ribs');
	const half = (needed(values.includedAngleDeg, 'includedAngleDeg', 'Included angle') * Math.PI) / 360;
	const depth = needed(values.depthMm, 'depthMm', 'Depth');
	const across = depth * Math.tan(half);
	const flats = p - 2 * across;
	fits(
		flats >= -1e-9,
		'depthMm',
		`Ribs so deep run into each other at a pitch of ${p} mm. Enter less depth.`
	);
	const crest = values.crestWidthMm ?? Math.max(0, flats / 2);
	fits(
		crest <= flats + 1e-9,
		'crestWidthMm',
		`Only ${Math.max(0, flats).toFixed(4)} mm are left for flats. Enter less.`
	);
	const root = Math.max(0, flats - crest);
	roundsFit(values, { half, depth, crest, root });
	const corners: Corner[] = [{ z: 0, x: depth }];
	const [top, low] = [values.crestRadiusMm || undefined, values.rootRadiusMm || undefined];
	for (let k = 0; k < count; k++) {
		const [left, right] = [k * p, (k + 1) * p];
		if (root > 1e-9) corners.push({ z: left + root / 2, x: depth, fillet: low });
		corners.push({ z: left + root / 2 + across, x: 0, fillet: top });
		if (crest > 1e-9) corners.push({ z: right - root / 2 - across, x: 0, fillet: top });
		if (root > 1e-9) corners.push({ z: right - root / 2, x: depth, fillet: low });
		else if (k < count - 1) corners.push({ z: right, x: depth, fillet: low });
	}
	corners.push({ z: count * p, x: depth });
	return shaped(joined(corners), (c) => (corners[c]?.x === 0 ? 'crestRadiusMm' : 'rootRadiusMm'));
}

/** The root between two ribs is one line: the corner in its middle is none. */
const joined = (corners: readonly Corner[]): Corner[] =>
	corners.filter(
		(corner, i) => i === 0 || Math.hypot(corner.z - corners[i - 1]!.z, corner.x - corners[i - 1]!.x) > 1e-9
	);

/** @throws InputFault `does-not-fit` on the radius, or on the depth where both together leave no flank */
function roundsFit(values: Shape, o: { half: number; depth: number; crest: number; root: number }): void {
	const flank = o.depth / Math.cos(o.half);
	/** What a round takes of the flank: at a corner with a flat, and at one without. */
	const takes = (radius: number, flat: number) =>
		flat > 1e-9 ? radius * Math.tan((Math.PI / 2 - o.half) / 2) : radius / Math.tan(o.half);
	const [top, low] = [takes(values.crestRadiusMm, o.crest), takes(values.rootRadiusMm, o.root)];
	fits(
		o.crest <= 1e-9 || 2 * top <= o.crest + 1e-9,
		'crestRadiusMm',
		`The crest is ${o.crest.toFixed(4)} mm wide; its rounds would take ${(2 * top).toFixed(4)} mm. Enter less.`
	);
	fits(
		o.root <= 1e-9 || 2 * low <= o.root + 1e-9,
		'rootRadiusMm',
		`The root is ${o.root.toFixed(4)} mm wide; its rounds would take ${(2 * low).toFixed(4)} mm. Enter less.`
	);
	fits(
		top + low <= flank + 1e-9,
		'depthMm',
		`The rounds take ${(top + low).toFixed(4)} mm of a flank of ${flank.toFixed(4)} mm. Make it deeper, or the rounds smaller.`
	);
}
