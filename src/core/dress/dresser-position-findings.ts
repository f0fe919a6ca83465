import { Findings } from '../calculation/verdict.js';
import type { Position } from './dresser-position-fields.js';

/** Where the diamond stands against where it should, in mm. */
interface Standing {
	/** Past centre, on the leaving side. */
	past: number;
	lo: number;
	hi: number;
	tolerance: number;
	ingoing: boolean;
	radiusErrorUm: number;
	formErrorUm: number | null;
}

/** What a place of the diamond is stopped or warned for. */
export function standingFindings(
	values: Position,
	{ past, lo, hi, tolerance, ingoing, radiusErrorUm, formErrorUm }: Standing
): Findings {
	const below = values.setup === 'surface-below';
	const fixture = values.setup === 'radius-dress';
	const atSide = values.setup === 'cylindrical-side';
	const lean = values.dragAngleDeg;
	return new Findings()
		.stop(
			'dresser-on-ingoing-side',
			ingoing,
			'The diamond stands on the entering side: the wheel would drag it under. Move it to the leaving side.'
		)
		.caution(
			'dresser-too-near-centre',
			below && past >= 0 && past < lo,
			`Very near centre. Stand ${lo.toFixed(1)} to ${hi.toFixed(1)} mm past it.`
		)
		.caution(
			'dresser-far-past-centre',
			below && past > hi,
			`Far past centre. Stand ${lo.toFixed(1)} to ${hi.toFixed(1)} mm past it.`
		)
		.caution(
			'dresser-off-centre',
			fixture && !ingoing && Math.abs(past) > tolerance,
			`Off centre: the radius comes out ${(formErrorUm ?? 0).toFixed(1)} µm out of form.`
		)
		.caution(
			'size-shift-only',
			atSide && past > tolerance,
			`Off the height of the centre: the wheel comes out ${radiusErrorUm.toFixed(1)} µm larger on the radius, its form stays.`
		)
		.stop(
			'diamond-points-against-rotation',
			lean < 0,
			'The tip leans into the rotation: it would dig in. Lean it the way the rim moves.'
		)
		.caution(
			'drag-angle-small',
			values.setup !== 'radius-dress' && lean >= 0 && lean < 5,
			'Hardly any lean. 10 to 15 degrees is usual.'
		)
		.caution('drag-angle-large', lean > 20, 'A large lean. 10 to 15 degrees is usual.');
}
