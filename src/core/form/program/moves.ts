import { SLACK } from '../../numeric/rounding.js';
import { type Arc, type Segment, centreOf, pointAt, reversed, sweepOf } from '../profile/segment.js';
import { type Axes, QUARTER, inUnits, programmeX, word } from './words.js';

/** The path in the order it is run, arcs over a quarter turn in two where radius words are used. */
export function inRunOrder(
	path: readonly Segment[],
	direction: 'plus-z' | 'minus-z',
	arcFormat: 'IK' | 'R'
): Segment[] {
	const run = direction === 'plus-z' ? [...path] : [...path].reverse().map(reversed);
	return arcFormat === 'IK' ? run : run.flatMap(halved);
}

function halved(segment: Segment): Segment[] {
	if (segment.kind === 'line' || sweepOf(segment) <= QUARTER + SLACK) return [segment];
	const middle = pointAt(segment, 0.5);
	return [
		{ ...segment, z1Mm: middle.zMm, x1Mm: middle.xMm },
		{ ...segment, z0Mm: middle.zMm, x0Mm: middle.xMm }
	];
}

/** A convex arc is run clockwise, seen with Z to the right and X up. */
export const wordOf = (segment: Segment): 'g1' | 'g2' | 'g3' =>
	segment.kind === 'line' ? 'g1' : segment.side === 'convex' ? 'g2' : 'g3';

/** One block along the path, what remains above the form added. */
export function block(a: Axes, segment: Segment, remainingMm: number, arcFormat: 'IK' | 'R'): string {
	const to = `X${word(a, programmeX(a, segment.x1Mm - remainingMm))} Z${word(a, inUnits(a, segment.z1Mm))}`;
	const code = wordOf(segment).toUpperCase();
	if (segment.kind === 'line') return `${code} ${to}`;
	return `${code} ${to} ${arcFormat === 'R' ? `R${word(a, inUnits(a, segment.radiusMm))}` : toCentre(a, segment)}`;
}

/** From the start of an arc to its middle: I along X, always on the radius, K along Z. */
function toCentre(a: Axes, arc: Arc): string {
	const centre = centreOf(arc);
	return `I${word(a, inUnits(a, arc.x0Mm - centre.xMm))} K${word(a, inUnits(a, centre.zMm - arc.z0Mm))}`;
}
