import { from0, between, list, mm, over0, text, um, whole } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { wrung } from '../../../form/wrung.js';
import type { Effect } from '../../effect.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Computed } from '../../result.js';
import { compute } from '../../compute-step.js';

const block = (about: string) => mm('block', about, { ...over0(1000), fine: true });
/** What is said of the blocks of a setting: from which tray, in what order, and that they came out again. */
export const BLOCK_FIELDS = [
	text('trayCode', 'Yours', { required: true, maxLength: 20, label: 'Tray' }),
	list('blocksMm', 'As they are wrung', block('One of the upper stack'), {
		required: true,
		minItems: 1,
		maxItems: 12,
		label: 'Blocks'
	}),
	list('baseBlocksMm', 'Under the lower pin', block('One of the lower stack'), {
		default: [] as number[],
		maxItems: 12,
		label: 'Base, its blocks'
	}),
	mm('wearBlockMm', 'Each; put at the ends', { ...from0(50), default: 0, label: 'Wear block' }),
	whole('wearBlockCount', 'At the ends', { ...between(0, 2), default: 0, label: 'Wear blocks' }),
	um('stackToleranceUm', 'Of the height', { ...from0(1000), default: 2.5, label: 'Stack may be off by' })
] as const;

interface Stacked {
	trayCode: string;
	blocksMm: number[];
	baseBlocksMm: number[];
	wearBlockMm: number;
	wearBlockCount: number;
	stackToleranceUm: number;
}
const same = (a: number, b: number): boolean => Math.abs(a - b) < 1e-5;

/** The tray by its code. @throws InputFault `unknown-choice` */
function trayOf(facts: SetupFacts, code: string): SetupFacts['trays'][number] {
	if (!code) throw new InputFault('trayCode', 'missing', 'Tray is missing. Pick yours.');
	const tray = facts.trays.find((t) => t.code === code);
	if (!tray)
		throw new InputFault(
			'trayCode',
			'unknown-choice',
			`There is no tray ${code} in this shop. Choose one of the list.`
		);
	return tray;
}

/** Blocks of a tray that nobody else has in a stack. */
export const freeOf = (facts: SetupFacts, tray: SetupFacts['trays'][number]): number[] =>
	tray.blocksMm.filter((b) => !tray.inUse.some((u) => u.setupId !== facts.id && same(u.blockMm, b)));

/** The stacks as wrung against the height wanted. @throws InputFault on a block that is not there or stands in another stack */
export function wrungFor(
	facts: SetupFacts,
	values: Stacked,
	targetMm: number
): Computed<ReturnType<typeof wrung.run>> {
	const tray = trayOf(facts, values.trayCode);
	const check = (field: string, blocks: readonly number[]) =>
		blocks.forEach((b, i) => {
			if (!tray.blocksMm.some((t) => same(t, b)))
				throw new InputFault(
					`${field}.${i}`,
					'not-available',
					`Tray ${tray.code} has no block of ${b} mm. Take one that is there.`
				);
			const used = tray.inUse.find((u) => u.setupId !== facts.id && same(u.blockMm, b));
			if (used)
				throw new InputFault(
					`${field}.${i}`,
					'not-available',
					`The block of ${b} mm stands in a stack of setup ${used.setupId}. Take another one.`
				);
		});
	// While somebody types it is previewed with what is there.
	check('blocksMm', values.blocksMm ?? []);
	check('baseBlocksMm', values.baseBlocksMm ?? []);
	return compute(facts, wrung, {
		blocksMm: values.blocksMm,
		baseBlocksMm: values.baseBlocksMm,
		wearBlockMm: values.wearBlockMm,
		wearBlockCount: values.wearBlockCount,
		targetMm,
		toleranceUm: values.stackToleranceUm
	});
}

/** Blocks of a setting are in use until it is said that they are out again. */
export const blocksEffect = (values: Stacked, setting: number, out: boolean): Effect => ({
	kind: 'wring-blocks',
	trayCode: values.trayCode,
	setting,
	blocksMm: out ? [] : [...values.blocksMm, ...values.baseBlocksMm]
});
