import { type Segment, flankDeg, tangentsOf } from '$core/form/profile/segment';

const deg = (value: number): string => `${Number(value.toFixed(2))}°`;
const FLAT_DEG = 0.005;
const WALL_DEG = 89.995;

/** What a segment is, in words: flat, flank 23° falling, wall, round or hollow. */
export function segmentWords(segment: Segment): string {
	if (segment.kind === 'arc') return segment.side === 'convex' ? 'round' : 'hollow';
	const steep = flankDeg(tangentsOf(segment)[0]);
	if (steep < FLAT_DEG) return 'flat';
	if (steep > WALL_DEG) return segment.x1Mm > segment.x0Mm ? 'wall down' : 'wall up';
	return `flank ${deg(steep)} ${segment.x1Mm > segment.x0Mm ? 'down' : 'up'}`;
}
