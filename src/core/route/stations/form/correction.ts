import type { compareMeasured } from '../../../form/compare-measured.js';
import type { Segment } from '../../../form/profile/segment.js';

type Arcs = ReturnType<typeof compareMeasured.run>['arcs'];

/** An arc of the form with the radius that it came out with. */
export interface CameOut {
	index: number;
	nominalRadiusMm: number;
	radiusMm: number;
}
/** The arcs that the coupon tells of. */
export const cameOut = (arcs: Arcs): CameOut[] =>
	arcs.flatMap(({ index, nominalRadiusMm, radiusMm }) =>
		radiusMm === null ? [] : [{ index, nominalRadiusMm, radiusMm }]
	);

/**
 * By how much the nose of the tool is larger than the path was written for, in um. The path keeps a programmed nose away from the form; a
 * larger one cuts a round outward too small and a hollow too large by the same amount. Null where no arc tells.
 */
export function noseCorrectionUm(chain: readonly Segment[], arcs: readonly CameOut[]): number | null {
	const each = arcs.flatMap((arc) => {
		const s = chain[arc.index];
		if (s?.kind !== 'arc') return [];
		return [(s.side === 'convex' ? -1 : 1) * 1000 * (arc.radiusMm - arc.nominalRadiusMm)];
	});
	return each.length ? each.reduce((sum, e) => sum + e, 0) / each.length : null;
}
