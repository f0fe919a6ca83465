import { mulberry32 } from '../../numeric/random.js';

/** Zones across the width of a face, as a sensor along the traverse tells them apart. */
export const ZONES = 64;
const NOISE = 0.05;

/** A face as it comes under the dresser: heights of its zones above the lowest, in um. Repeatable from its seed. */
export function madeUpFace(seed: number, taperUm = 14, wavinessUm = 8): number[] {
	const random = mulberry32(seed);
	const [phase, waves] = [2 * Math.PI * random(), 1 + Math.floor(3 * random())];
	const leaning = random() < 0.5 ? 1 : -1;
	const heights = Array.from({ length: ZONES }, (_, i) => {
		const x = i / (ZONES - 1);
		return (
			taperUm * (leaning > 0 ? x : 1 - x) +
			(wavinessUm / 2) * (1 + Math.sin(2 * Math.PI * waves * x + phase)) +
			random()
		);
	});
	const lowest = Math.min(...heights);
	return heights.map((height) => height - lowest);
}

/** What one pass takes off each zone and leaves, and what it sounds like over the width. */
export interface Pass {
	/** Level of each zone: removal times lead, with the noise of the sensor. */
	levels: number[];
	/** Heights afterwards. */
	left: number[];
	/** Off the highest zone, in um. */
	takenUm: number;
	/** The smallest zone is at least half as loud as the mean of all. */
	even: boolean;
}

/**
 * One pass over the face with the dresser at `depthUm` below the place touched first. A holder that gives way by `flexUmPerUm` of its
 * bite takes only its share and leaves the rest for the next pass.
 */
export function passOver(
	heights: readonly number[],
	o: { topUm: number; depthUm: number; leadUm: number; flexUmPerUm?: number; seed: number }
): Pass {
	const random = mulberry32(o.seed);
	const share = 1 / (1 + (o.flexUmPerUm ?? 0));
	const removed = heights.map((height) => share * Math.max(0, height - (o.topUm - o.depthUm)));
	const levels = removed.map((r) => r * o.leadUm * (1 + NOISE * (2 * random() - 1)));
	return {
		levels,
		left: heights.map((height, i) => height - removed[i]!),
		takenUm: Math.max(...removed),
		even: soundsEven(levels)
	};
}

/** Even means that the smallest zone is at least half of the mean over the zones. @example soundsEven([2, 2, 1]) // true */
export function soundsEven(levels: readonly number[]): boolean {
	const mean = levels.reduce((s, x) => s + x, 0) / levels.length;
	return mean > 0 && Math.min(...levels) >= mean / 2;
}
