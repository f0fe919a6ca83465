import { defineCalculation } from '../calculation/define.js';
import { between, choice, from0, list, mm, over0, um, whole } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { BLOCK_SETS, type BlockSet, mmOf, unitsOf } from './blocks/sets.js';
import { findStack } from './blocks/search.js';
import { GRADES, WRONG_STACK_UM, stackErrorUm } from './blocks/stack-error.js';

const size = mm('block', 'A block', { ...over0(1000), fine: true });
const sum = (l: readonly number[]): number => l.reduce((s, x) => s + x, 0);
const SETS = Object.keys(BLOCK_SETS) as BlockSet[];

/** Which blocks to wring for a height, with the fewest joints; those in use elsewhere are out. */
export const blockStack = defineCalculation({
	id: 'form.block-stack',
	title: 'Choose the blocks',
	about:
		'The blocks for a height from the set that is there: the fewest, then the nearest. For a raised lower pin its blocks are chosen first.',
	source:
		'First principles; customary nominal sizes of blocks to ISO 3650. The film between wrung blocks is left out.',
	formulas: ['height = target + base built - wear blocks', 'difference = total - base total'],
	heavy: true,
	fields: [
		choice('setId', 'Or its sizes below', SETS, { label: 'Set' }),
		list('blocksMm', 'One of each', size, { minItems: 1, maxItems: 150, label: 'Blocks there are' }),
		mm('targetMm', 'Difference of height wanted', { ...over0(1000), required: true, label: 'Wanted' }),
		um('toleranceUm', 'Of the height', { ...from0(1000), default: 0.5, label: 'Allowed' }),
		whole('maxBlocks', 'Wear blocks not counted', { ...between(1, 6), default: 6, label: 'Blocks at most' }),
		mm('wearBlockMm', 'Each; put at the ends', { ...from0(50), default: 0, label: 'Wear block' }),
		whole('wearBlockCount', 'At the ends', { ...between(0, 2), default: 0, label: 'Wear blocks' }),
		list('inUseMm', 'Elsewhere', size, { default: [] as number[], maxItems: 150, label: 'In use' }),
		list('baseBlocksMm', 'Under the lower pin already', size, { maxItems: 12, label: 'Base, its blocks' }),
		mm('baseMm', 'To build first under the lower pin', { ...over0(1000), label: 'Base, its height' }),
		choice('grade', 'Of the set, as its certificate says', GRADES, {
			numeric: true,
			default: '1',
			label: 'Grade of the blocks'
		})
	],
	outputs: [
		{ name: 'blocksMm', unit: 'mm', fine: true, about: 'Wring these, largest first', main: true },
		{ name: 'blockCount', about: 'Blocks' },
		{ name: 'wearBlockCount', about: 'Wear blocks' },
		{ name: 'totalMm', unit: 'mm', fine: true, about: 'Height of the stack' },
		{ name: 'errorUm', unit: 'um', about: 'Off by' },
		{ name: 'stackErrorUm', unit: 'um', about: 'The blocks themselves may be off by' },
		{ name: 'exact', about: 'Within what is allowed' },
		{ name: 'baseBlocksMm', unit: 'mm', fine: true, about: 'Base, its blocks' },
		{ name: 'baseTotalMm', unit: 'mm', fine: true, about: 'Height of the base' },
		{ name: 'differenceMm', unit: 'mm', fine: true, about: 'Difference' }
	],
	example: { setId: 'metric-103', targetMm: 47.715 },
	compute(values) {
		if (values.setId === null && values.blocksMm === null)
			throw new InputFault(
				'setId',
				'missing',
				'Set is missing. Pick one, or enter the blocks that are there.'
			);
		if (values.baseBlocksMm !== null && values.baseMm !== null)
			throw new InputFault(
				'baseMm',
				'inconsistent',
				'The base is given twice. Enter its blocks or its height, not both.'
			);
		const inUse = new Set(values.inUseMm.map(unitsOf));
		const there = new Set(
			[...(values.blocksMm?.map(unitsOf) ?? BLOCK_SETS[values.setId!])].filter((b) => !inUse.has(b))
		);
		const base = (values.baseBlocksMm ?? []).map((b, k) => {
			const units = unitsOf(b);
			if (!there.delete(units))
				throw new InputFault(
					`baseBlocksMm.${k}`,
					'not-available',
					`There is no block of ${b} mm to be had: it is not in the set, in use, or named twice.`
				);
			return units;
		});
		const allowed = unitsOf(values.toleranceUm / 1000);
		const wantedBase = values.baseMm === null ? sum(base) : unitsOf(values.baseMm);
		if (values.baseMm !== null)
			for (const b of findStack([...there], wantedBase, allowed, values.maxBlocks)?.blocks ?? []) {
				base.push(b);
				there.delete(b);
			}
		const wear = values.wearBlockCount * unitsOf(values.wearBlockMm);
		const needed = unitsOf(values.targetMm) + sum(base) - wear;
		if (needed <= 0)
			throw new InputFault(
				'targetMm',
				'inconsistent',
				'The wear blocks alone are as high as that. Leave them out, or raise the base.'
			);
		const stack = findStack([...there], needed, allowed, values.maxBlocks);
		if (!stack)
			throw new InputFault(
				values.blocksMm ? 'blocksMm' : 'inUseMm',
				'missing',
				'No block is left for the stack. Tick the blocks that are there.'
			);
		const total = sum(stack.blocks) + wear;
		const baseOff = sum(base) - wantedBase;
		const wrong = Math.abs(stack.error) > unitsOf(WRONG_STACK_UM / 1000);
		const wrung = [
			...[...stack.blocks, ...base].map(mmOf),
			...Array.from({ length: values.wearBlockCount }, () => values.wearBlockMm)
		];
		const findings = new Findings()
			.stop(
				'wrong-stack',
				wrong,
				`The nearest stack is ${(stack.error / 100).toFixed(0)} µm off: these blocks cannot make it. Take another set, or another base.`
			)
			.caution(
				'not-exact',
				!wrong && Math.abs(stack.error) > allowed,
				`These blocks come ${(stack.error / 100).toFixed(2)} µm from it; no ${values.maxBlocks} of them come nearer.`
			)
			.caution(
				'base-not-exact',
				Math.abs(baseOff) > allowed,
				`The base comes out ${(baseOff / 100).toFixed(2)} µm off; the stack is chosen for what it really is.`
			);
		return {
			blocksMm: stack.blocks.map(mmOf),
			blockCount: stack.blocks.length,
			wearBlockCount: values.wearBlockCount,
			totalMm: mmOf(total),
			errorUm: stack.error / 100,
			stackErrorUm: stackErrorUm(wrung, values.grade),
			exact: Math.abs(stack.error) <= allowed,
			baseBlocksMm: base.map(mmOf),
			baseTotalMm: mmOf(sum(base)),
			differenceMm: mmOf(total - sum(base)),
			...findings.judged()
		};
	}
});
