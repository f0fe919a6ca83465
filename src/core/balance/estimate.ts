import { DEG, type Vec, add, vec } from '../numeric/angles.js';

/** What is believed of the bare unbalance: a plane vector in g mm with its covariance. */
export interface Belief {
	x: number;
	y: number;
	xx: number;
	xy: number;
	yy: number;
}

/** Nothing known but that it is not larger than some `sigmaGmm` in any direction. */
export const startFrom = (at: Vec, sigmaGmm: number): Belief => ({
	...at,
	xx: sigmaGmm ** 2,
	xy: 0,
	yy: sigmaGmm ** 2
});

/** One linear measurement `h . U = y` with standard deviation `s`. Returns its innovation in standard deviations. */
function measure(b: Belief, h: Vec, y: number, s: number): number {
	const px = b.xx * h.x + b.xy * h.y;
	const py = b.xy * h.x + b.yy * h.y;
	const value = h.x * px + h.y * py + s * s;
	const off = y - (h.x * b.x + h.y * b.y);
	const [kx, ky] = [px / value, py / value];
	b.x += kx * off;
	b.y += ky * off;
	b.xx -= kx * px;
	b.xy -= kx * py;
	b.yy -= ky * py;
	return Math.abs(off) / Math.sqrt(value);
}

/** What one release showed, with the weights that were on. */
export interface Seen {
	W: Vec;
	sigmaMomentGmm: number;
	stays: boolean;
	restAngleDeg: number | null;
	unbalanceGmm: number | null;
	sigmaUnbalanceGmm: number | null;
}

/** What a set of weights pulls together, in g mm towards face angles. */
export const weightsOf = (list: readonly { massG: number; radiusMm: number; angleDeg: number }[]): Vec =>
	list.reduce<Vec>((s, w) => add(s, vec(w.massG * w.radiusMm, w.angleDeg)), { x: 0, y: 0 });

/** Learns from one release, in place. Returns the largest innovation and whether it would rest the other way up. */
export function learn(b: Belief, o: Seen): { innovation: number; reversed: boolean } {
	if (o.stays)
		return {
			innovation: Math.max(
				measure(b, { x: 1, y: 0 }, -o.W.x, o.sigmaMomentGmm),
				measure(b, { x: 0, y: 1 }, -o.W.y, o.sigmaMomentGmm)
			),
			reversed: false
		};
	const d = { x: Math.cos(o.restAngleDeg! * DEG), y: Math.sin(o.restAngleDeg! * DEG) };
	let innovation = measure(b, { x: d.y, y: -d.x }, -(o.W.x * d.y - o.W.y * d.x), o.sigmaMomentGmm);
	if (o.unbalanceGmm !== null)
		innovation = Math.max(
			innovation,
			measure(b, d, o.unbalanceGmm - (o.W.x * d.x + o.W.y * d.y), o.sigmaUnbalanceGmm!)
		);
	return { innovation, reversed: (b.x + o.W.x) * d.x + (b.y + o.W.y) * d.y < -2 * o.sigmaMomentGmm };
}

/** Standard deviations along the long and the short axis of the ellipse, and the direction of the long one. */
export function ellipse(b: Belief): { majorGmm: number; minorGmm: number; majorAngleDeg: number } {
	const mid = (b.xx + b.yy) / 2;
	const half = Math.hypot((b.xx - b.yy) / 2, b.xy);
	return {
		majorGmm: Math.sqrt(Math.max(0, mid + half)),
		minorGmm: Math.sqrt(Math.max(0, mid - half)),
		majorAngleDeg: Math.atan2(2 * b.xy, b.xx - b.yy) / 2 / DEG
	};
}

/** A share of the friction that is left in a reading which averages over a swing. */
const FRICTION_LEFT = 0.25;
/** A release read off its turning marks, as it is learnt from: direction and amount, each as uncertain as the marks and the stand leave it. */
export function fromMarkedRelease(
	found: { heavyAngleDeg: number; unbalanceGmm: number; headingErrorDeg: number; uncertaintyGmm: number },
	frictionGmm: number
) {
	return {
		restAngleDeg: found.heavyAngleDeg,
		unbalanceGmm: found.unbalanceGmm,
		sigmaMomentGmm: found.unbalanceGmm * found.headingErrorDeg * DEG + FRICTION_LEFT * frictionGmm,
		sigmaUnbalanceGmm: found.uncertaintyGmm + FRICTION_LEFT * frictionGmm
	};
}
