import { comparePushed } from '../../src/core/balance/compare-pushed.js';
import { compareSpins } from '../../src/core/balance/compare-spins.js';
import { calculation } from '../../src/core/calculations.js';
import { angleOf, len, vec } from '../../src/core/numeric/angles.js';
import { mulberry32 } from '../../src/core/numeric/random.js';
import type { Ratio } from './ratio.js';
import { medianMs } from './median.js';

const WHEELS = 2000;
type Counts = { medianSpins: number; p90Spins: number; meanSpins: number; notReached: number };
const WAYS = {
	nudge: 'by feel, one weight nudged',
	spread: 'by feel, a skilled pair',
	computed: 'computed, five marks',
	nineMarks: 'computed, nine marks',
	pushed: 'computed, nine marks and a push'
} as const;

/** Releases each way of balancing takes, over many made-up wheels on the same stand with the same noise. */
function spinsTable(seed = 1): Record<keyof typeof WAYS, Counts> {
	const feel = compareSpins.run({ seed, wheels: WHEELS });
	const own = comparePushed.run({ seed, wheels: WHEELS });
	return {
		nudge: feel.nudge,
		spread: feel.spread,
		computed: feel.computed,
		nineMarks: own.nineMarks,
		pushed: own.pushed
	};
}
const tableLine = (name: string, c: Counts): string =>
	`${name.padEnd(34)} median ${String(c.medianSpins).padStart(2)}   nine in ten ${String(c.p90Spins).padStart(2)}   mean ${c.meanSpins.toFixed(2).padStart(5)}   not reached ${c.notReached}`;

/** Four weights with stretches where none may stop, against the same sum of plain vectors; 720 readings against reading them once. */
export async function benchBalance(): Promise<Ratio[]> {
	process.stdout.write(
		`\nReleases until balanced, ${WHEELS} made-up wheels, seed 1:\n${Object.entries(spinsTable())
			.map(([k, c]) => tableLine(WAYS[k as keyof typeof WAYS], c))
			.join('\n')}\n\n`
	);
	const rng = mulberry32(7);
	const cases = Array.from({ length: 40 }, () => ({
		unbalanceGmm: 1100 * rng(),
		heavyAngleDeg: 360 * rng(),
		trackRadiusMm: 60,
		weights: Array.from({ length: 4 }, () => ({ massG: 8 + 6 * rng(), currentAngleDeg: 360 * rng() })),
		forbidden: Array.from({ length: 3 }, () => {
			const fromAngleDeg = 360 * rng();
			return { fromAngleDeg, toAngleDeg: fromAngleDeg + 20 };
		}),
		minGapDeg: 12
	}));
	const times: number[] = [];
	for (const c of cases)
		times.push(
			await medianMs(() => {
				calculation('balance.weights').run(c);
			}, 3)
		);
	times.sort((a, b) => a - b);
	const worst = times.at(-1)!;
	const pairs = cases.map((c) => ({ ...c, weights: c.weights.slice(0, 2) }));
	const two =
		(await medianMs(() => {
			for (const pair of pairs) calculation('balance.weights').run(pair);
		}, 5)) / cases.length;
	const readingsUm = Array.from({ length: 720 }, (_, k) => 40 * Math.cos((k * Math.PI) / 360) + 3 * rng());
	const round = await medianMs(() => {
		calculation('true.runout').run({ readingsUm });
	}, 9);
	const bare = await medianMs(() => {
		let v = { x: 0, y: 0 };
		for (let h = 0; h < 6; h++)
			readingsUm.forEach((r, k) => {
				const p = vec(r, (h + 1) * k * 0.5);
				v = { x: v.x + p.x, y: v.y + p.y };
			});
		return void (len(v) + angleOf(v));
	}, 9);
	return [
		{
			name: 'four weights against two',
			value: times[times.length >> 1]! / two,
			unit: 'times',
			aim: 'aim: at most 50',
			of: `the middle of ${cases.length} cases; the slowest ${(worst / two).toFixed(0)} times`
		},
		{
			name: 'four weights, three forbidden stretches',
			value: worst / 20,
			unit: 'of 20 ms',
			aim: 'aim: under 1',
			of: `the slowest of ${cases.length} cases, ${worst.toFixed(1)} ms; median ${times[times.length >> 1]!.toFixed(1)} ms`
		},
		{
			name: 'run-out of 720 readings',
			value: round / bare,
			unit: 'times',
			aim: 'no visible pause',
			of: `six sums over the readings (${bare.toFixed(2)} ms; analysed in ${round.toFixed(2)} ms)`
		}
	];
}
