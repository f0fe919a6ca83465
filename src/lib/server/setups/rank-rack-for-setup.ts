import type { SetupFacts } from '../../../core/facts/setup.js';
import { rackRow } from '../../../core/route/stations/select/steps.js';
import {
	type SelectView,
	lookedAt,
	selectView,
	shownNumbers
} from '../../../core/route/stations/select/view.js';
import { allWheels, heldWheels } from '../wheels/wheels.js';

/** The rack ranked for a setup, as Select shows it. */
export async function rankRackForSetup(facts: SetupFacts): Promise<SelectView> {
	const [wheels, heldBy] = [await allWheels(), await heldWheels()];
	const looked = lookedAt(facts, wheels.map(rackRow), heldBy);
	const shown = new Set(shownNumbers(facts, looked));
	return selectView(
		facts,
		looked,
		wheels.filter((wheel) => shown.has(wheel.number))
	);
}
