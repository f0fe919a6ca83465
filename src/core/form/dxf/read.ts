import type { Segment } from '../profile/segment.js';
import { drawnOf } from './entities.js';
import { dxfFault, groupsOf, partsOf } from './groups.js';
import { joined, normalised } from './joined.js';

const MM_PER_INCH = 25.4;
const UNITS: Readonly<Record<number, 'inch' | 'mm'>> = { 1: 'inch', 4: 'mm' };

export interface Read {
	chain: Segment[];
	unit: 'mm' | 'inch';
	/** The drawing did not say. */
	assumed: boolean;
	skipped: { type: string; count: number }[];
	closedGapMaxMm: number;
}

/** The face drawn in a file, in mm, left to right. @throws InputFault on `text` */
export function readDxf(
	text: string,
	o: {
		unit: 'auto' | 'mm' | 'inch';
		layer: string | null;
		origin: 'as-drawn' | 'normalise';
		joinToleranceMm: number;
	}
): Read {
	const parts = partsOf(groupsOf(text));
	const said = parts.unit === null ? undefined : UNITS[parts.unit];
	const unit = o.unit === 'auto' ? (said ?? 'mm') : o.unit;
	const { segments, skipped } = drawnOf(parts.entities, o.layer);
	if (!segments.length)
		throw dxfFault(
			'no-entities',
			'The drawing holds no line, arc or polyline there. Check the layer, or save it exploded.'
		);
	const k = unit === 'inch' ? MM_PER_INCH : 1;
	const scaled = segments.map((segment): Segment => {
		const line = {
			...segment,
			z0Mm: k * segment.z0Mm,
			x0Mm: k * segment.x0Mm,
			z1Mm: k * segment.z1Mm,
			x1Mm: k * segment.x1Mm
		};
		return line.kind === 'arc' ? { ...line, radiusMm: k * line.radiusMm } : line;
	});
	const { chain, closedGapMaxMm } = joined(scaled, o.joinToleranceMm);
	return {
		chain: o.origin === 'normalise' ? normalised(chain) : chain,
		unit,
		assumed: o.unit === 'auto' && said === undefined,
		skipped,
		closedGapMaxMm
	};
}
