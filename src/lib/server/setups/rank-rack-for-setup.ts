import type { SetupFacts } from '../../../core/facts/setup.js';
import type { RankedMany } from '../../../core/spec/rank-many.js';
import { askedOf } from '../../../core/route/stations/select/steps.js';
import {
	type SelectView,
	lookedAt,
	selectView,
	shownNumbers
} from '../../../core/route/stations/select/view.js';
import { rackCache, heldWheels } from '../wheels/rack-cache.js';
import { wheelsByNumbers } from '../wheels/wheels.js';

/** Rankings that stand, by setup, and what each was made from. */
const held = new Map<number, { from: string; looked: RankedMany }>();
const MAX_HELD = 100;

/**
 * The rack ranked for a setup, as Select shows it. It is ranked anew when the brief, the rack or what others hold
 * has changed.
 */
export async function rankRackForSetup(facts: SetupFacts): Promise<SelectView> {
	const [rack, heldBy] = [await rackCache(), await heldWheels()];
	const from = JSON.stringify([askedOf(facts), rack.print, [...heldBy]]);
	let looked = held.get(facts.id)?.from === from ? held.get(facts.id)!.looked : null;
	if (!looked) {
		looked = lookedAt(facts, rack.wheels(), heldBy);
		held.delete(facts.id);
		held.set(facts.id, { from, looked });
		// The one that was made longest ago goes first.
		if (held.size > MAX_HELD) held.delete(held.keys().next().value!);
	}
	return selectView(facts, looked, await wheelsByNumbers(shownNumbers(facts, looked)));
}
