import { defineCalculation } from '../calculation/define.js';
import { between, from0, list, mm, over0, um, whole } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { SLACK } from '../numeric/rounding.js';
import { WRONG_STACK_UM } from './blocks/stack-error.js';

const block = (about: string) => mm('block', about, { ...over0(1000), fine: true });
const sum = (list: readonly number[]): number => list.reduce((s, b) => s + b, 0);

/** What the blocks that were really wrung come to, against the height that is wanted. */
export const wrung = defineCalculation({
	id: 'form.wrung',
	worse: { targetMm: 'none', toleranceUm: 'down' },
	title: 'Blocks as wrung',
	about: 'The difference that both stacks make as they stand, and how far it is from the one wanted.',
	source: 'First principles; the film between blocks is left out.',
	formulas: ['difference = upper stack + wear blocks - lower stack', 'error = difference - wanted'],
	fields: [
		list('blocksMm', 'In the order they are wrung', block('One of the upper stack'), {
			required: true,
			minItems: 1,
			maxItems: 12,
			label: 'Blocks of the upper stack'
		}),
		list('baseBlocksMm', 'Under the lower pin', block('One of the lower stack'), {
			default: [] as number[],
			maxItems: 12,
			label: 'Blocks of the lower stack'
		}),
		mm('wearBlockMm', 'Each; put at the ends', { ...from0(50), default: 0, label: 'Wear block' }),
		whole('wearBlockCount', 'At the ends', { ...between(0, 2), default: 0, label: 'Wear blocks' }),
		mm('targetMm', 'Difference of height', { ...over0(1000), required: true, label: 'Wanted' }),
		um('toleranceUm', 'Of the height', { ...from0(1000), default: 0.5, label: 'Allowed' })
	],
	outputs: [
		{ name: 'differenceMm', unit: 'mm', fine: true, about: 'Difference made', main: true },
		{ name: 'errorUm', unit: 'um', about: 'Off by' },
		{ name: 'totalMm', unit: 'mm', fine: true, about: 'Upper stack' },
		{ name: 'baseTotalMm', unit: 'mm', fine: true, about: 'Lower stack' }
	],
	example: { blocksMm: [25, 20.5, 1.21, 1.005], targetMm: 47.71588 },
	compute(values) {
		const all = [...values.blocksMm, ...values.baseBlocksMm];
		const twice = all.findIndex((b, i) => all.indexOf(b) !== i);
		if (twice >= 0) {
			const above = twice < values.blocksMm.length;
			throw new InputFault(
				above ? `blocksMm.${twice}` : `baseBlocksMm.${twice - values.blocksMm.length}`,
				'inconsistent',
				`The block of ${all[twice]} mm is in the stacks twice; a set has one of each. Take another one.`
			);
		}
		const totalMm = sum(values.blocksMm) + values.wearBlockMm * values.wearBlockCount;
		const baseTotalMm = sum(values.baseBlocksMm);
		const differenceMm = totalMm - baseTotalMm;
		const errorUm = 1000 * (differenceMm - values.targetMm);
		const wrong = Math.abs(errorUm) > WRONG_STACK_UM + SLACK * 1000;
		const off = `The stacks are ${Math.abs(errorUm).toFixed(1)} µm ${errorUm > 0 ? 'too high' : 'too low'}`;
		const findings = new Findings()
			.stop('wrong-stack', wrong, `${off}: this is another stack. Take the blocks that are named.`)
			.caution(
				'not-exact',
				!wrong && Math.abs(errorUm) > values.toleranceUm + SLACK * 1000,
				`${off}. Choose other blocks.`
			);
		return { differenceMm, errorUm, totalMm, baseTotalMm, ...findings.judged() };
	}
});
