import { between, choice, deg, from0, mm, over0, text, whole } from '../../calculation/field/index.js';
import type { Values } from '../../calculation/fields.js';

const SHAPES = [
	'flat',
	'single-angle',
	'double-angle',
	'corner-radius',
	'full-radius',
	'concave-radius',
	'chamfer',
	'multi-rib',
	'free'
] as const;
export type ShapeKind = (typeof SHAPES)[number];

const flank = { min: 0, minOpen: true, max: 89 } as const;
/** Measures of every shape; each asks for its own. */
export const SHAPE_FIELDS = [
	choice('shape', 'What the face is to be', SHAPES, { required: true }),
	mm('widthMm', 'Of the face', { ...between(0.1, 1000), label: 'Width' }),
	deg('angleDeg', 'From the axis', { ...flank, label: 'Angle' }),
	choice('highSide', 'Where the face stands out', ['left', 'right'], { default: 'left' }),
	deg('angleLeftDeg', 'From the axis', { ...flank, label: 'Left angle' }),
	deg('angleRightDeg', 'From the axis', { ...flank, label: 'Right angle' }),
	mm('apexZMm', 'From the left edge; the middle when left empty', { ...over0(1000), label: 'Apex' }),
	mm('tipFlatMm', 'On the ridge', { ...from0(1000), default: 0, label: 'Flat' }),
	mm('tipRadiusMm', 'On the ridge', { ...from0(500), default: 0, label: 'Round of the ridge' }),
	mm('radiusMm', 'Of corner, face or hollow', { ...over0(500), label: 'Radius' }),
	choice('corners', 'Which edges', ['left', 'right', 'both'], { default: 'both' }),
	mm('depthMm', 'Of hollow or ribs', { ...over0(500), label: 'Depth' }),
	mm('centreZMm', 'Of the hollow, from the left edge; the middle when left empty', {
		...from0(1000),
		label: 'Middle'
	}),
	mm('chamferMm', 'Along the axis', { ...over0(500), label: 'Chamfer' }),
	mm('pitchMm', 'From rib to rib', { ...between(0.01, 100), label: 'Pitch' }),
	whole('count', 'Of ribs', { ...between(1, 200), label: 'Ribs' }),
	deg('includedAngleDeg', 'Between the flanks', { ...over0(170), label: 'Included angle' }),
	mm('crestRadiusMm', 'Of each rib', { ...from0(100), default: 0, label: 'Round of the crest' }),
	mm('rootRadiusMm', 'Between the ribs', { ...from0(100), default: 0, label: 'Round of the root' }),
	mm('crestWidthMm', 'Half of the flats when left empty', { ...from0(100), label: 'Flat of the crest' }),
	text('text', 'z,x; z,x r0.4; z,x cv6; z,x cc2', { maxLength: 20000, label: 'By points' })
] as const;
export type Shape = Values<typeof SHAPE_FIELDS>;
