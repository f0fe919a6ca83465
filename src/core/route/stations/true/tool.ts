import { isSuperabrasive } from '../../../dress/dress-infeed.js';
import { superabrasiveTrue } from '../../../dress/superabrasive-true.js';
import { abrasiveGroup } from '../../../spec/families.js';
import type { DresserFacts } from '../../../facts/shop.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { dressersFor } from '../dress/method.js';
import { bondOfWheel } from '../dress/wheel.js';

/** What this wheel is trued with here: a diamond, or for diamond and boron nitride what the shop wears them round with. */
export interface TruingTool {
	abrasive: ReturnType<typeof abrasiveGroup>;
	truedWith: 'diamond' | 'truing-wheel' | 'steel-block';
	dresser: DresserFacts | null;
}
export function truingTool(facts: SetupFacts): TruingTool {
	const abrasive = abrasiveGroup(facts.wheel?.family ?? 'alumina');
	if (!isSuperabrasive(abrasive)) return { abrasive, truedWith: 'diamond', dresser: facts.dresser };
	const [wheel] = dressersFor(facts, 'truing-wheel');
	// Soft steel wears a resin bond only.
	const [block] = bondOfWheel(facts) === 'resin' ? dressersFor(facts, 'steel-block') : [];
	return wheel || !block
		? { abrasive, truedWith: 'truing-wheel', dresser: wheel ?? null }
		: { abrasive, truedWith: 'steel-block', dresser: block };
}

const usual = (name: string): number =>
	Number((superabrasiveTrue.fields.find((field) => field.name === name) as { default?: number }).default);
/** Where a plan begins: diamond and boron nitride are worn round in far smaller bites than a wheel is cut. */
export const usualBites = (facts: SetupFacts): Record<string, number> =>
	isSuperabrasive(truingTool(facts).abrasive)
		? {
				roughInfeedUm: usual('roughInfeedUm'),
				finishInfeedUm: usual('fineInfeedUm'),
				allowanceUm: usual('allowanceUm'),
				finishStockUm: 2 * usual('roughInfeedUm')
			}
		: {};
