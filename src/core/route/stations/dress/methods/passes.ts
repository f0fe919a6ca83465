import { between, from0, whole } from '../../../../calculation/field/index.js';
import { InputFault } from '../../../../calculation/fault.js';
import { dressPlan } from '../../../../dress/plan.js';
import { type Recorded, partOf } from '../../../evidence.js';
import type { SetupFacts } from '../../../../facts/setup.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText } from '../../../gate-text.js';
import type { Computed } from '../../../result.js';
import { compute } from '../../../compute-step.js';
import { holderStiffness } from '../../../../dress/holder-stiffness.js';
import type { DresserFacts } from '../../../../facts/shop.js';
import { dressed } from '../wheel.js';

/** How often it is gone across, with feed and without. */
export const PASSES = [
	whole('passes', 'With feed', { ...between(1, 200), required: true, label: 'Passes' }),
	whole('dryPasses', 'They smooth and dull', { ...from0(50), default: 1, label: 'With no feed' })
] as const;

/** The passes as a plan: what they take, how long, and how many such dresses are left. */
export const planFor = (
	facts: SetupFacts,
	values: { depthUm: number; leadUm: number; passes: number; dryPasses: number },
	/** Many points, or an edge that turns: the lead is not what one point leaves, and says nothing against the grain. */
	onePoint = true
) =>
	compute(facts, dressPlan, {
		...dressed(facts),
		...(onePoint ? {} : { grainSizeUm: null }),
		finishStockUm: values.passes * values.depthUm,
		finishDepthUm: values.depthUm,
		finishLeadUm: values.leadUm,
		sparkOutPasses: values.dryPasses
	});

/** Wheel is left after such dresses. */
export function planLine(set: Pick<Recorded, 'parts'> | null): GateLine {
	const plan = partOf(set, dressPlan);
	return line({
		key: 'plan',
		title: 'Wheel is left after it',
		from: plan,
		value: recordedText(plan, `${plan?.output.dressesLeft ?? ''} such dresses left`),
		waiting: 'from the plan'
	});
}

/** Whether the holder gives way, where the shop knows it. */
export function holderOf(
	facts: SetupFacts,
	dresser: DresserFacts,
	method: 'single-point' | 'cluster',
	biteUm: number
): Computed[] {
	const [overhangMm, widthMm, heightMm] = [dresser.overhangMm, dresser.holderWidthMm, dresser.holderHeightMm];
	if (!overhangMm || !widthMm || !heightMm) return [];
	return [
		compute(facts, holderStiffness, {
			section: 'rectangle',
			overhangMm,
			widthMm,
			heightMm,
			method,
			biteUm
		})
	];
}

/** @throws InputFault `missing` for a traverse that was left empty */
export function traverseOf(v: { traverseMmPerMin: number | null }): number {
	if (v.traverseMmPerMin === null)
		throw new InputFault('traverseMmPerMin', 'missing', 'Traverse is missing. Enter it.');
	return v.traverseMmPerMin;
}
