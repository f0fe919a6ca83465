import type { Calculation } from '../calculation/define.js';
import type { SetupFacts } from './facts.js';

/**
 * Limits for a setup in inches, where the usual round metric figure would refuse the round inch figure next to it: 2 tenths are 5.08 um,
 * an eighth is 3.175 mm. What the shop has set itself counts before.
 */
export function roundInInches<K extends string>(
	facts: Pick<SetupFacts, 'units' | 'guidelines'>,
	calculation: Pick<Calculation, 'id' | 'fields'>,
	limits: Readonly<Record<K, number>>
): Partial<Record<K, number>> {
	if (facts.units !== 'inch') return {};
	const own = facts.guidelines.limits[calculation.id] ?? {};
	return Object.fromEntries(Object.entries(limits).filter(([name]) => !(name in own))) as Partial<
		Record<K, number>
	>;
}

/** 2 tenths, an eighth, a quarter of an inch. */
export const TWO_TENTHS_UM = 5.08;
export const EIGHTH_MM = 3.175;
export const QUARTER_MM = 6.35;
