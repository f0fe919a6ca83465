import { type Segment, boundsOf, centreOf, tangentsOf } from './segment.js';

/** A curve that the middle of the tool may run on: x as a function of z between two z, from one kind of thing it touches. */
export type Piece = { from: number; to: number } & (
	| { kind: 'line'; slope: number; at0: number }
	/** `up`: the half of the circle towards the air; otherwise the half towards the abrasive. */
	| { kind: 'circle'; zc: number; xc: number; r: number; up: boolean }
);

const ROUNDING = 1e-14;

/** Depth of a piece at a z within it. */
export function depthAt(p: Piece, z: number): number {
	if (p.kind === 'line') return p.slope * z + p.at0;
	// Where a circle stands upright the last binary digit of z would be seen as some nanometres of depth.
	const beside = Math.abs(z - p.zc);
	const within = p.r - beside;
	const h = within <= ROUNDING * (p.r + Math.abs(p.zc)) ? 0 : Math.sqrt(within * (p.r + beside));
	return p.up ? p.xc - h : p.xc + h;
}

/** Both are the same curve, whatever stretch of it they are. */
export function sameCurve(a: Piece, b: Piece): boolean {
	if (a.kind === 'line' && b.kind === 'line') return a.slope === b.slope && a.at0 === b.at0;
	return (
		a.kind === 'circle' &&
		b.kind === 'circle' &&
		a.zc === b.zc &&
		a.xc === b.xc &&
		a.r === b.r &&
		a.up === b.up
	);
}

/** Everything a nose of radius `rho` could touch of one segment: its own curve, shifted to the air side, and the round about its ends. */
export function piecesOf(segment: Segment, rho: number): Piece[] {
	const round = (zc: number, xc: number): Piece => ({
		kind: 'circle',
		zc,
		xc,
		r: rho,
		up: true,
		from: zc - rho,
		to: zc + rho
	});
	const ends = [round(segment.z0Mm, segment.x0Mm), round(segment.z1Mm, segment.x1Mm)];
	const bounds = boundsOf(segment);
	if (bounds.zMax - bounds.zMin < 1e-12) return ends;
	if (segment.kind === 'line') {
		const [t] = tangentsOf(segment);
		const slope = t.xMm / t.zMm;
		const from = segment.z0Mm + rho * t.xMm;
		const at0 = segment.x0Mm - rho * t.zMm - slope * from;
		return [...ends, { kind: 'line', slope, at0, from, to: segment.z1Mm + rho * t.xMm }];
	}
	const centre = centreOf(segment);
	const r = segment.side === 'convex' ? segment.radiusMm + rho : segment.radiusMm - rho;
	if (r <= 0) return ends;
	const scaled = (z: number) => centre.zMm + ((z - centre.zMm) * r) / segment.radiusMm;
	return [
		...ends,
		{
			kind: 'circle',
			zc: centre.zMm,
			xc: centre.xMm,
			r,
			up: segment.side === 'convex',
			from: scaled(segment.z0Mm),
			to: scaled(segment.z1Mm)
		}
	];
}

/** Places along z where two curves may cross, whatever half of a circle is meant. */
export function crossings(a: Piece, b: Piece): number[] {
	if (a.kind === 'line' && b.kind === 'line')
		return a.slope === b.slope ? [] : [(b.at0 - a.at0) / (a.slope - b.slope)];
	if (a.kind === 'circle' && b.kind === 'circle') return circleWithCircle(a, b);
	const [line, circle] =
		a.kind === 'line'
			? [a, b as Piece & { kind: 'circle' }]
			: [b as Piece & { kind: 'line' }, a as Piece & { kind: 'circle' }];
	// Foot of the perpendicular from the middle, then half the chord along the line.
	const n = 1 + line.slope ** 2;
	const off = line.slope * circle.zc + line.at0 - circle.xc;
	const foot = circle.zc - (line.slope * off) / n;
	const square = circle.r * circle.r - (off * off) / n;
	if (square < 0) return square > -1e-12 ? [foot] : [];
	const half = Math.sqrt(square / n);
	return [foot - half, foot + half];
}

function circleWithCircle(a: Piece & { kind: 'circle' }, b: Piece & { kind: 'circle' }): number[] {
	const [dz, dx] = [b.zc - a.zc, b.xc - a.xc];
	const d = Math.hypot(dz, dx);
	if (d < 1e-12) return [];
	const along = (d * d + (a.r - b.r) * (a.r + b.r)) / (2 * d);
	const square = a.r * a.r - along * along;
	const foot = a.zc + (along * dz) / d;
	if (square < 0) return square > -1e-12 ? [foot] : [];
	const half = (Math.sqrt(square) * dx) / d;
	return half >= 0 ? [foot - half, foot + half] : [foot + half, foot - half];
}
