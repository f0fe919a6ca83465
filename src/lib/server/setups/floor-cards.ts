import { dressPlan } from '../../../core/dress/plan.js';
import { decide } from '../../../core/route/engine.js';
import { Evidence } from '../../../core/route/evidence.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { StationId } from '../../../core/route/station-names.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { type SetupStatus, setupStatus } from '../../../core/route/setup-status.js';
import { loadSetups } from './setups.js';

/** A setup as its card on the Floor shows it. */
export interface FloorCard extends SetupStatus {
	id: number;
	machineId: number;
	part: string;
	quantity: number;
	wheel: WheelFacts | null;
	station: StationId;
	dressesLeft: number | null;
}

const cardOf = (facts: SetupFacts): FloorCard => {
	const d = decide(facts);
	return {
		id: facts.id,
		machineId: facts.machine.id,
		part: facts.brief.part,
		quantity: facts.brief.quantity,
		wheel: facts.wheel,
		station: d.current,
		...setupStatus(facts, d),
		dressesLeft: Evidence.of(facts).of(dressPlan, 'dress', ['settings'])?.output.dressesLeft ?? null
	};
};

/** The cards of these setups. */
export const floorCards = async (ids: readonly number[]): Promise<FloorCard[]> =>
	(await loadSetups(ids)).map(({ facts }) => cardOf(facts));
