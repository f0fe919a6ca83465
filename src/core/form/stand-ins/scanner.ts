import { gauss, mulberry32 } from '../../numeric/random.js';
import { turnDeg } from '../profile/chain.js';
import { type Point, type Segment, endOf, lengthOf, pointAt } from '../profile/segment.js';

/** What a made-up face differs by from the form that was meant. */
export interface Scan {
	/** Points along the face. */
	count: number;
	/** The nose is larger than was thought: everything comes deeper by so much. */
	noseErrorUm: number;
	shiftZMm: number;
	shiftXMm: number;
	turnDeg: number;
	/** Worn off a convex corner; it fades away from it. */
	wearUm: number;
	/** Of the scanner. */
	sigmaUm: number;
	seed: number;
}
/** How far wear reaches from its corner. */
const WORN_MM = 0.25;
const SHARP_DEG = 0.5;

/** Corners that wear: sharp convex ones, and the middle of convex arcs. */
const corners = (chain: readonly Segment[]): Point[] => [
	...chain.flatMap((segment) =>
		segment.kind === 'arc' && segment.side === 'convex' ? [pointAt(segment, 0.5)] : []
	),
	...chain
		.slice(1)
		.flatMap((segment, i) => (turnDeg(chain[i]!, segment) > SHARP_DEG ? [endOf(chain[i]!)] : []))
];

/** Into the abrasive, at a share of the way along a segment. */
function inward(segment: Segment, share: number): Point {
	const [p, q] = [pointAt(segment, Math.max(0, share - 1e-6)), pointAt(segment, Math.min(1, share + 1e-6))];
	const d = Math.hypot(q.zMm - p.zMm, q.xMm - p.xMm);
	return { zMm: -(q.xMm - p.xMm) / d, xMm: (q.zMm - p.zMm) / d };
}

/**
 * The profile scanner of the trainer: points of a made-up face along the form, the same for the same seed. Without any difference and
 * without noise it gives the form itself.
 */
export function scanned(chain: readonly Segment[], o: Scan): Point[] {
	const random = mulberry32(o.seed);
	const all = chain.reduce((l, segment) => l + lengthOf(segment), 0);
	const worn = corners(chain);
	const a = (o.turnDeg * Math.PI) / 180;
	return Array.from({ length: o.count }, (_, k) => {
		let along = (all * (k + 0.5)) / o.count;
		let i = 0;
		while (i < chain.length - 1 && along > lengthOf(chain[i]!)) along -= lengthOf(chain[i++]!);
		const segment = chain[i]!;
		const share = Math.min(1, along / lengthOf(segment));
		const p = pointAt(segment, share);
		const near = worn.reduce((m, c) => Math.min(m, Math.hypot(c.zMm - p.zMm, c.xMm - p.xMm)), Infinity);
		const deeperMm =
			(o.noseErrorUm + o.wearUm * Math.exp(-((near / WORN_MM) ** 2)) + o.sigmaUm * gauss(random)) / 1000;
		const n = inward(segment, share);
		const [z, x] = [p.zMm + deeperMm * n.zMm, p.xMm + deeperMm * n.xMm];
		return {
			zMm: o.shiftZMm + Math.cos(a) * z - Math.sin(a) * x,
			xMm: o.shiftXMm + Math.sin(a) * z + Math.cos(a) * x
		};
	});
}
