import { SHAPE_FIELDS, type ShapeKind } from './shape-fields.js';

const ASKED: Readonly<Record<ShapeKind, readonly string[]>> = {
	flat: ['widthMm'],
	'single-angle': ['widthMm', 'angleDeg', 'highSide'],
	'double-angle': ['widthMm', 'angleLeftDeg', 'angleRightDeg', 'apexZMm', 'tipFlatMm', 'tipRadiusMm'],
	'corner-radius': ['widthMm', 'radiusMm', 'corners'],
	'full-radius': ['widthMm', 'radiusMm'],
	'concave-radius': ['widthMm', 'radiusMm', 'depthMm', 'centreZMm'],
	chamfer: ['widthMm', 'chamferMm', 'angleDeg', 'corners'],
	'multi-rib': [
		'pitchMm',
		'count',
		'includedAngleDeg',
		'depthMm',
		'crestRadiusMm',
		'rootRadiusMm',
		'crestWidthMm'
	],
	free: ['text']
};

/** Measures that a shape does not ask for; without a shape all of them. */
export function notAsked(shape: unknown): string[] {
	const own = ASKED[shape as ShapeKind] ?? [];
	return SHAPE_FIELDS.map((f) => f.name).filter((n) => n !== 'shape' && !own.includes(n));
}
