import { defineCalculation } from '../calculation/define.js';
import { SUMMARY_OUTPUTS, shownChain } from './profile/chain.js';
import type { Segment } from './profile/segment.js';
import {
	chamfer,
	concaveRadius,
	cornerRadius,
	doubleAngle,
	flat,
	fullRadius,
	singleAngle
} from './shapes/edges.js';
import { freeText } from './shapes/free-text.js';
import { multiRib } from './shapes/multi-rib.js';
import { SHAPE_FIELDS, type Shape, type ShapeKind } from './shapes/shape-fields.js';

const MAKERS: Record<ShapeKind, (values: Shape) => Segment[]> = {
	flat,
	'single-angle': singleAngle,
	'double-angle': doubleAngle,
	'corner-radius': cornerRadius,
	'full-radius': fullRadius,
	'concave-radius': concaveRadius,
	chamfer,
	'multi-rib': multiRib,
	free: (values) => freeText(values.text)
};

/** A section of the wheel's face from a few measures, or point by point. */
export const buildProfile = defineCalculation({
	id: 'form.build-profile',
	title: 'Shape of the face',
	about:
		'The section of the wheel’s face as lines and arcs, from a named shape and its measures or from points, and what it measures.',
	source: 'First principles; shapes akin to those of ISO 603 and ISO 6104.',
	formulas: [
		'a round at a turn g takes r tan(g/2) of both lines',
		'ribs: flats = pitch - 2 depth tan(half angle)',
		'full radius: edge = R - sqrt(R^2 - W^2/4)'
	],
	fields: SHAPE_FIELDS,
	outputs: [
		{ name: 'depthMm', unit: 'mm', fine: true, about: 'Depth', main: true },
		...SUMMARY_OUTPUTS.filter((o) => o.name !== 'depthMm')
	],
	example: { shape: 'concave-radius', widthMm: 10, radiusMm: 2, depthMm: 1.2 },
	compute: (values) => shownChain(MAKERS[values.shape](values))
});
