import { type Segment, chordOf } from './segment.js';
import { turnDeg } from './chain.js';

/** A corner of a profile of straight lines, rounded or not; or the end of an arc from the corner before. */
export interface Corner {
	z: number;
	x: number;
	/** Round laid into the corner, in mm. */
	fillet?: number;
	/** The way here is an arc. */
	arc?: { radiusMm: number; side: 'convex' | 'concave' };
}
/** A round that takes more than there is: the corner it belongs to, and what is there. */
export class TooRound extends Error {
	constructor(
		readonly corner: number,
		readonly roomMm: number
	) {
		super('The round takes more of its lines than there is.');
	}
}

const MIN_MM = 1e-6;
const FORGIVEN_MM = 1e-9;

/**
 * The chain through corners, each round laid into its two lines: at a turn g it takes r tan(g/2) of both. Lines left with no length are
 * dropped. @throws TooRound where a round does not fit
 */
export function rounded(corners: readonly Corner[]): Segment[] {
	const ways: Segment[] = corners.slice(1).map((corner, i) => {
		const from = corners[i]!;
		const line = { z0Mm: from.z, x0Mm: from.x, z1Mm: corner.z, x1Mm: corner.x };
		return corner.arc ? { kind: 'arc', ...line, ...corner.arc } : { kind: 'line', ...line };
	});
	/** What the round at each corner takes of its lines, and how far the line turns there. */
	const takes = corners.map((corner, k) => {
		if (!corner.fillet || k === 0 || k === corners.length - 1) return { mm: 0, turn: 0 };
		const turn = turnDeg(ways[k - 1]!, ways[k]!);
		return { mm: corner.fillet * Math.tan((Math.abs(turn) * Math.PI) / 360), turn };
	});
	ways.forEach((way, i) => {
		const room = chordOf(way);
		if (takes[i]!.mm + takes[i + 1]!.mm > room + FORGIVEN_MM)
			throw new TooRound(takes[i]!.mm > takes[i + 1]!.mm ? i : i + 1, room);
	});
	const chain: Segment[] = [];
	const put = (segment: Segment) => {
		const last = chain.at(-1);
		if (last) [segment.z0Mm, segment.x0Mm] = [last.z1Mm, last.x1Mm];
		if (chordOf(segment) >= MIN_MM) chain.push(segment);
	};
	ways.forEach((way, i) => {
		const whole = chordOf(way);
		const [before, after] = [takes[i]!, takes[i + 1]!];
		const along = (mm: number): [number, number] => [
			way.z0Mm + (mm / whole) * (way.z1Mm - way.z0Mm),
			way.x0Mm + (mm / whole) * (way.x1Mm - way.x0Mm)
		];
		const [z0Mm, x0Mm] = before.mm ? along(before.mm) : [way.z0Mm, way.x0Mm];
		if (before.mm && corners[i]!.fillet) {
			const from = chain.at(-1);
			put({
				kind: 'arc',
				z0Mm: from?.z1Mm ?? z0Mm,
				x0Mm: from?.x1Mm ?? x0Mm,
				z1Mm: z0Mm,
				x1Mm: x0Mm,
				radiusMm: corners[i]!.fillet!,
				side: before.turn > 0 ? 'convex' : 'concave'
			});
		}
		const [z1Mm, x1Mm] = after.mm ? along(whole - after.mm) : [way.z1Mm, way.x1Mm];
		put({ ...way, z0Mm, x0Mm, z1Mm, x1Mm });
	});
	return chain;
}
