import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { nudge, spread } from './spins/by-feel.js';
import { computed } from './spins/computed.js';
import { countsOf } from './spins/counts.js';
import { madeUpWheel } from './spins/made-up-wheel.js';
import { SPIN_FIELDS, checkOffsets } from './spins/settings.js';

/** How many releases each way of working needs, over many made-up wheels. */
export const compareSpins = defineCalculation({
	id: 'balance.compare-spins',
	title: 'By feel against computed',
	about:
		'Many made-up wheels are balanced three ways on the same simulated stand with the same noise: one weight nudged by feel, a skilled pair by feel, and computed from marks and a stopwatch.',
	source:
		'Simulation with the rolling stand; the count stops by feel the moment the wheel is good enough, as if the person could know, while the computed way pays for its proof.',
	formulas: [
		'good when the resultant is within the grade at the top of a release',
		'median = element floor((N-1)/2), nine tenths = element ceil(0.9 N)-1'
	],
	heavy: true,
	fields: SPIN_FIELDS,
	outputs: [
		{ name: 'computed', about: 'Computed', main: true },
		{ name: 'spread', about: 'By feel, a skilled pair' },
		{ name: 'nudge', about: 'By feel, one weight' },
		{ name: 'nudgeRatio', about: 'One weight against computed' },
		{ name: 'spreadRatio', about: 'Pair against computed' },
		{ name: 'wheels', about: 'Wheels' }
	],
	example: { wheels: 20 },
	compute(values) {
		checkOffsets(values);
		const spins = { nudge: [] as number[], spread: [] as number[], computed: [] as number[] };
		for (let i = 0; i < values.wheels; i++) {
			const w = madeUpWheel(values, i);
			spins.nudge.push(nudge(values, w, i));
			spins.spread.push(spread(values, w, i));
			spins.computed.push(computed(values, w, i));
		}
		const [n, s, c] = [
			countsOf(spins.nudge, values.maxSpins),
			countsOf(spins.spread, values.maxSpins),
			countsOf(spins.computed, values.maxSpins)
		];
		return {
			wheels: values.wheels,
			nudge: n,
			spread: s,
			computed: c,
			nudgeRatio: n.medianSpins / c.medianSpins,
			spreadRatio: s.medianSpins / c.medianSpins,
			...new Findings().judged()
		};
	}
});
