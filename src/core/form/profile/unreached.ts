import { footOn } from './foot.js';
import { type Point, type Segment, pointAt } from './segment.js';
import type { OffsetPath } from './offset-path.js';

/** Shortest distance from a point to a segment, in mm. */
export const distanceTo = (segment: Segment, point: Point): number => footOn(segment, point).distance;

/** Looks a chain up by place, so that only what lies near a point is measured. */
function nearestTo(chain: readonly Segment[]) {
	const starts = chain.map((segment) => segment.z0Mm);
	/** The longest stretch along z, and how far an arc bulges beyond its ends. */
	const widest = chain.reduce((w, segment) => Math.max(w, Math.abs(segment.z1Mm - segment.z0Mm)), 0);
	return (point: Point, within: number): number => {
		let [low, high] = [0, starts.length];
		const from = point.zMm - within - widest;
		while (low < high) {
			const middle = (low + high) >> 1;
			if (starts[middle]! < from) low = middle + 1;
			else high = middle;
		}
		let best = Infinity;
		for (let i = low; i < chain.length && starts[i]! <= point.zMm + within; i++)
			best = Math.min(best, distanceTo(chain[i]!, point));
		return best;
	};
}

const STEPS = 24;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** A place of a form and how far it is from being touched, in mm. */
export interface Left {
	mm: number;
	zMm: number;
	xMm: number;
}

/** Of every segment the place that is farthest from being touched, in mm. */
export function leftPlaces(chain: readonly Segment[], path: OffsetPath, rho: number): Left[] {
	const distance = nearestTo(path.segments);
	const [start, end] = [path.segments[0]!, path.segments.at(-1)!];
	const left = (point: Point): number => {
		// What sits over the point bounds how far there is to look.
		const z = Math.max(start.z0Mm, Math.min(end.z1Mm, point.zMm));
		const over = path.at(z) ?? start.x0Mm;
		return distance(point, Math.hypot(point.zMm - z, point.xMm - over) + 1e-9) - rho;
	};
	return chain.map((segment) => {
		const at = (share: number) => left(pointAt(segment, share));
		const seen = Array.from({ length: STEPS + 1 }, (_, k) => at(k / STEPS));
		let [most, share] = [-Infinity, 0];
		seen.forEach((mm, k) => {
			if (mm > most) [most, share] = [mm, k / STEPS];
			// Every hump is looked at: the one that was met highest need not be the highest.
			if (mm <= 1e-9 || mm < (seen[k - 1] ?? -Infinity) || mm < (seen[k + 1] ?? -Infinity)) return;
			const hump = refined(at, k / STEPS);
			if (hump[0] > most) [most, share] = hump;
		});
		return { mm: Math.max(0, most), ...pointAt(segment, share) };
	});
}

/** The farthest any point of a form is from being touched, in mm, and where. */
export function unreached(chain: readonly Segment[], path: OffsetPath, rho: number): Left {
	const none = { mm: 0, zMm: chain[0]!.z0Mm, xMm: chain[0]!.x0Mm };
	if (rho === 0) return none;
	return leftPlaces(chain, path, rho).reduce((a, b) => (b.mm > a.mm ? b : a), none);
}

/** The top of a hump about a share (golden section). */
function refined(at: (share: number) => number, share: number): [number, number] {
	let [low, high] = [Math.max(0, share - 1 / STEPS), Math.min(1, share + 1 / STEPS)];
	for (let i = 0; i < 50; i++) {
		const [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)];
		if (at(a) < at(b)) low = a;
		else high = b;
	}
	const middle = (low + high) / 2;
	return [at(middle), middle];
}
