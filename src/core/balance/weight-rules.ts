import { fold360, wrap180 } from '../numeric/angles.js';

/** The track with its rules: where weights may stand and how far each has travelled. */
export interface Track {
	u: number[];
	currentDeg: number[];
	minGapDeg: number;
	mayPass: boolean;
	forbidden: { from: number; width: number }[];
}

const EDGE = 1e-6;

/** Whether a weight may stand at a face angle: outside every forbidden stretch, or just at its end. */
export function allowedAngle(track: Track, angleDeg: number): boolean {
	return track.forbidden.every((z) => {
		const inside = fold360(angleDeg - z.from);
		return inside <= EDGE || inside >= z.width - EDGE;
	});
}

/** Indexes of the weights in the cyclic order in which they stand now. */
export function cyclicOrder(track: Track): number[] {
	return track.currentDeg
		.map((_, i) => i)
		.sort((a, b) => fold360(track.currentDeg[a]!) - fold360(track.currentDeg[b]!) || a - b);
}

/**
 * Signed travels to new angles, or null when a rule is broken. Weights in a closed track cannot overtake, so unless they may
 * pass, travels are the unwrapped movements that keep the order.
 */
export function travels(track: Track, order: readonly number[], angles: readonly number[]): number[] | null {
	const n = angles.length;
	for (let i = 0; i < n; i++) if (!allowedAngle(track, angles[i]!)) return null;
	const gapOk = (g: number) => g >= track.minGapDeg - EDGE;
	if (track.mayPass) {
		const sorted = angles.map(fold360).sort((a, b) => a - b);
		for (let i = 0; i < n; i++)
			if (!gapOk(i + 1 < n ? sorted[i + 1]! - sorted[i]! : sorted[0]! + 360 - sorted[i]!)) return null;
		return angles.map((angle, i) => wrap180(angle - track.currentDeg[i]!));
	}
	const unwrapped: number[] = [fold360(angles[order[0]!]!)];
	for (let k = 1; k < n; k++) {
		let gap = fold360(angles[order[k]!]! - angles[order[k - 1]!]!);
		if (360 - gap < EDGE) gap = 0;
		if (!gapOk(gap)) return null;
		unwrapped.push(unwrapped[k - 1]! + gap);
	}
	const closing = unwrapped[0]! + 360 - unwrapped[n - 1]!;
	if (closing < -EDGE || !gapOk(closing)) return null;
	let best: number[] | null = null;
	let bestSum = Infinity;
	for (const turn of [-360, 0, 360]) {
		let sum = 0;
		for (let k = 0; k < n; k++) sum += Math.abs(unwrapped[k]! + turn - fold360(track.currentDeg[order[k]!]!));
		if (sum < bestSum - 1e-12) {
			bestSum = sum;
			best = new Array<number>(n);
			for (let k = 0; k < n; k++)
				best[order[k]!] = unwrapped[k]! + turn - fold360(track.currentDeg[order[k]!]!);
		}
	}
	return best;
}
