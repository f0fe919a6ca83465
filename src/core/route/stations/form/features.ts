import { type Segment, flankDeg, tangentsOf } from '../../../form/profile/segment.js';
import type { FormingMethod } from './forming-method.js';

/** One thing a fixture is set for: a flank, or an arc. Alike ones are set once. */
export interface Feature {
	/** Number of its first segment. */
	index: number;
	/** How many segments it makes. */
	count: number;
	kind: 'flank' | 'arc';
	/** Of a flank, from the axis; rising to the right is minus, as x grows into the wheel. */
	angleDeg: number;
	radiusMm: number | null;
	side: 'convex' | 'concave' | null;
}
const NEARLY = 1e4;
const near = (value: number): number => Math.round(value * NEARLY);

/** What has to be set for a form on a fixture: its flanks on a sine dresser, its arcs on a radius dresser. */
export function featuresOf(chain: readonly Segment[], way: FormingMethod): Feature[] {
	const kind = way === 'sine' ? 'flank' : way === 'radius' ? 'arc' : null;
	const found = new Map<string, Feature>();
	chain.forEach((segment, index) => {
		const [before] = tangentsOf(segment);
		const steep = flankDeg(before);
		if (segment.kind === 'line' ? kind !== 'flank' || steep < 1e-6 : kind !== 'arc') return;
		const key =
			segment.kind === 'line'
				? `line ${near(steep)} ${Math.sign(segment.x1Mm - segment.x0Mm)}`
				: `arc ${near(segment.radiusMm)} ${segment.side}`;
		const known = found.get(key);
		if (known) known.count++;
		else
			found.set(key, {
				index,
				count: 1,
				kind: segment.kind === 'line' ? 'flank' : 'arc',
				angleDeg: segment.kind === 'line' ? steep * Math.sign(segment.x1Mm - segment.x0Mm) : 0,
				radiusMm: segment.kind === 'arc' ? segment.radiusMm : null,
				side: segment.kind === 'arc' ? segment.side : null
			});
	});
	return [...found.values()];
}

/** What a feature is called. @example featureWords({ index: 1, count: 1, kind: 'flank', angleDeg: 23, radiusMm: null, side: null }) // "Flank 23°, falling to the right" */
export function featureWords(f: Feature, radius: (mm: number) => string = (mm) => `${mm} mm`): string {
	if (f.kind === 'flank')
		return `Flank ${Number(Math.abs(f.angleDeg).toFixed(3))}°, ${f.angleDeg > 0 ? 'falling' : 'rising'} to the right`;
	return `${f.side === 'convex' ? 'Round' : 'Hollow'} of ${radius(f.radiusMm ?? 0)}`;
}
