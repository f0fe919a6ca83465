import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { computed } from './spins/computed.js';
import { countsOf } from './spins/counts.js';
import { madeUpWheel } from './spins/made-up-wheel.js';
import { pushedSwing } from './spins/pushed.js';
import { SPIN_FIELDS, checkOffsets } from './spins/settings.js';

/** Our own way beside the computed one, on the same wheels with the same noise. */
export const comparePushed = defineCalculation({
	id: 'balance.compare-pushed',
	title: 'A push and nine marks against five marks',
	about:
		'What more marks and a gentle push at every release are worth: fewer releases, because none is lost on a wheel that stays or swings twice, and the first answer is nearer.',
	source: 'The same simulation, wheels and noise as the comparison by feel.',
	formulas: [
		'nine marks: direction uncertain by 1/sqrt(8) of a mark',
		'one stopwatch reading over all of them',
		'push of about 10 degrees a second, a quarter more or less'
	],
	heavy: true,
	fields: SPIN_FIELDS,
	outputs: [
		{ name: 'pushed', about: 'Pushed, nine marks', main: true },
		{ name: 'nineMarks', about: 'Not pushed, nine marks' },
		{ name: 'computed', about: 'Not pushed, five marks' },
		{ name: 'wheels', about: 'Wheels' }
	],
	example: { wheels: 20 },
	compute(values) {
		checkOffsets(values);
		const spins = { pushed: [] as number[], nineMarks: [] as number[], computed: [] as number[] };
		for (let i = 0; i < values.wheels; i++) {
			const w = madeUpWheel(values, i);
			spins.pushed.push(pushedSwing(values, w, i));
			spins.nineMarks.push(pushedSwing(values, w, i, false));
			spins.computed.push(computed(values, w, i));
		}
		return {
			wheels: values.wheels,
			pushed: countsOf(spins.pushed, values.maxSpins),
			nineMarks: countsOf(spins.nineMarks, values.maxSpins),
			computed: countsOf(spins.computed, values.maxSpins),
			...new Findings().judged()
		};
	}
});
