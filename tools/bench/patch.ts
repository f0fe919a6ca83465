import { topography } from '../../src/core/dress/topography.js';
import { mulberry32 } from '../../src/core/numeric/random.js';
import { medianMs } from './median.js';
import type { Ratio } from './ratio.js';

/** A patch at its usual size, dressed in three passes. */
const PATCH = {
	grainSizeUm: 185,
	tipRadiusUm: 250,
	depthUm: 20,
	leadUm: 80,
	passes: 3,
	profiles: 8,
	seed: 1
};
const STEP_UM = 2;
/** Often enough that both are compiled for most of it, as they are in a worker that is asked again and again. */
const TIMES = 41;

/** The bare pass: every grain drawn and hit in every pass, every cell it reaches written once, and nothing decided. */
function barePass(grains: number, cells: number, reachCells: number): number {
	let sum = 0;
	for (let m = 0; m < PATCH.profiles; m++) {
		const rnd = mulberry32(m);
		const heights = new Float64Array(cells);
		for (let i = 0; i < grains; i++) {
			const z = rnd() * cells;
			const size = Math.sqrt(-2 * Math.log(rnd() + 1e-12)) * Math.cos(2 * Math.PI * rnd()) + rnd() + rnd();
			for (let pass = 0; pass < PATCH.passes; pass++) sum += rnd() * size - rnd();
			const end = Math.min(cells, Math.floor(z) + reachCells);
			for (let j = Math.max(0, Math.floor(z) - reachCells); j < end; j++)
				if (size - (j - z) ** 2 > heights[j]!) heights[j] = size;
		}
		sum += heights[cells >> 1]!;
	}
	return sum;
}

/** The simulated patch against a bare pass over its grains and its grid. */
export async function benchPatch(): Promise<Ratio[]> {
	const { grainsSimulated } = topography.run(PATCH);
	const cells = Math.floor(2000 / STEP_UM + 0.5);
	// A grain marks the work as far as its round tip and its flat reach.
	const reachCells = Math.round((0.2 * PATCH.grainSizeUm) / STEP_UM);
	const whole = await medianMs(() => void topography.run(PATCH), TIMES);
	const bare = await medianMs(() => void barePass(grainsSimulated, cells, reachCells), TIMES);
	return [
		{
			name: 'simulated patch of a wheel',
			value: whole / bare,
			unit: 'times',
			aim: 'aim: at most 4',
			of: `a bare pass over its ${grainsSimulated} grains and ${cells} cells, ${PATCH.profiles} profiles (${whole.toFixed(1)} ms)`
		}
	];
}
