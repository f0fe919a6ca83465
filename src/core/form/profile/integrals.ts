import { type Arc, type Segment, turningOf } from './segment.js';

/** Sums of sine and cosine over an arc from one angle to the other: what areas and bodies of revolution are made of. */
function over(arc: Arc) {
	const { centre, from, to } = turningOf(arc);
	const both = (f: (angle: number) => number): number => f(to) - f(from);
	return {
		centre,
		sin: both((t) => -Math.cos(t)),
		sin2: both((t) => (t - Math.sin(t) * Math.cos(t)) / 2),
		sin3: both((t) => -Math.cos(t) + Math.cos(t) ** 3 / 3),
		sinCos: both((t) => Math.sin(t) ** 2 / 2),
		sin2Cos: both((t) => Math.sin(t) ** 3 / 3)
	};
}

/** Area between a segment and the rim, in mm2: the integral of x dz, exact. */
export function areaUnder(segment: Segment): number {
	if (segment.kind === 'line') return ((segment.x0Mm + segment.x1Mm) / 2) * (segment.z1Mm - segment.z0Mm);
	const o = over(segment);
	return -segment.radiusMm * (o.centre.xMm * o.sin + segment.radiusMm * o.sin2);
}

/** Integral of the squared radius dz of a wheel whose rim has the radius given, in mm3; pi times it is the body left (Pappus). */
export function squaredRadius(segment: Segment, rimRadiusMm: number): number {
	if (segment.kind === 'line') {
		const [a, b] = [rimRadiusMm - segment.x0Mm, rimRadiusMm - segment.x1Mm];
		return ((a * a + a * b + b * b) / 3) * (segment.z1Mm - segment.z0Mm);
	}
	const o = over(segment);
	const [R, c] = [segment.radiusMm, rimRadiusMm - o.centre.xMm];
	return -R * (c * c * o.sin - 2 * c * R * o.sin2 + R * R * o.sin3);
}

/** Integral of the radius times the depth below the blank dz, in mm3, where z runs outward and z = 0 lies on `atZero`. */
export function radiusTimesDepth(segment: Segment, atZero: number, blankMm: number): number {
	if (segment.kind === 'line') {
		const [r0, r1] = [atZero + segment.z0Mm, atZero + segment.z1Mm];
		const [d0, d1] = [segment.x0Mm - blankMm, segment.x1Mm - blankMm];
		return ((2 * r0 * d0 + 2 * r1 * d1 + r0 * d1 + r1 * d0) / 6) * (segment.z1Mm - segment.z0Mm);
	}
	const o = over(segment);
	const [R, a, b] = [segment.radiusMm, atZero + o.centre.zMm, o.centre.xMm - blankMm];
	return -R * (a * b * o.sin + a * R * o.sin2 + b * R * o.sinCos + R * R * o.sin2Cos);
}

/** Length of a segment that lies deeper than a level, in mm. */
export function lengthBelow(segment: Segment, levelMm: number): number {
	if (segment.kind === 'line') {
		const [a, b] = [segment.x0Mm - levelMm, segment.x1Mm - levelMm];
		const length = Math.hypot(segment.z1Mm - segment.z0Mm, segment.x1Mm - segment.x0Mm);
		if (a <= 0 && b <= 0) return 0;
		if (a >= 0 && b >= 0) return length;
		return (length * Math.max(a, b)) / (Math.abs(a) + Math.abs(b));
	}
	// Deeper than the level where the sine of its angle is above this.
	const { centre, from, to } = turningOf(segment);
	const level = (levelMm - centre.xMm) / segment.radiusMm;
	return (
		segment.radiusMm *
		angleWhere(Math.min(from, to), Math.max(from, to), (t) => Math.sin(t) - level, [
			Math.asin(Math.max(-1, Math.min(1, level)))
		])
	);
}

/** Angle within [low, high] where f is positive; its zeros are `first`, and pi minus it, and whole turns from them. */
function angleWhere(low: number, high: number, f: (t: number) => number, zeros: [number]): number {
	const cuts = [low, high];
	for (const zero of [zeros[0], Math.PI - zeros[0]])
		for (let k = -2; k <= 2; k++) {
			const at = zero + 2 * Math.PI * k;
			if (at > low && at < high) cuts.push(at);
		}
	cuts.sort((p, q) => p - q);
	let sum = 0;
	for (let i = 1; i < cuts.length; i++)
		if (f((cuts[i - 1]! + cuts[i]!) / 2) > 0) sum += cuts[i]! - cuts[i - 1]!;
	return sum;
}

/** Length of a segment whose tangent is so steep that the cosine of its flank is under the share given, in mm. */
export function steepLength(segment: Segment, leastCosine: number): number {
	if (segment.kind === 'line') {
		const length = Math.hypot(segment.z1Mm - segment.z0Mm, segment.x1Mm - segment.x0Mm);
		return Math.abs(segment.z1Mm - segment.z0Mm) < leastCosine * length ? length : 0;
	}
	// Along an arc the tangent's z is the sine of its angle, but for the sign.
	const { from, to } = turningOf(segment);
	const [low, high] = [Math.min(from, to), Math.max(from, to)];
	const above = (sign: 1 | -1) =>
		angleWhere(low, high, (t) => sign * Math.sin(t) - leastCosine, [sign * Math.asin(leastCosine)]);
	return segment.radiusMm * (high - low - above(1) - above(-1));
}
