import { type Basis } from '../../basis.js';
import { basisOf } from '../../basis-of.js';
import type { Evidence, Recorded } from '../../evidence.js';
import { MEASURED_BY } from '../balance/measured-by.js';
import { isBound } from '../balance/stays.js';
import { dressedStep } from '../dress/dressed.js';
import { couponStep } from '../form/coupon.js';
import { knownSpeed } from '../run-in/known-speed.js';
import { outcomeStep } from '../run-in/outcome.js';
import { isFoundByHand } from '../true/by-hand.js';
import { readThatCounts } from '../true/known-runout.js';
import { holdStep } from './hold.js';

/** What stands behind one value of the release sheet. */
export interface Shown {
	recorded: Recorded | null;
	/** A bound, not a reading. */
	atMost: boolean;
	basis: Basis | null;
}
const shown = (recorded: Recorded | null, atMost = false): Shown => ({
	recorded,
	atMost,
	basis: basisOf(recorded)
});

/** What the stations before have shown of the values of the release sheet; what is not here is seen at the release itself. */
export function shownBefore(evidence: Evidence): Readonly<Record<string, Shown>> {
	const speed = knownSpeed(evidence);
	const rim = readThatCounts(evidence);
	return {
		runInDone: shown(evidence.step(outcomeStep)),
		speedRpm: shown(speed?.recorded ?? null, speed?.atMost),
		balanceResidualGmm: shown(evidence.newest('balance', MEASURED_BY), isBound(evidence)),
		runOutUm: shown(rim, isFoundByHand(rim)),
		dressSoundEven: shown(evidence.step(dressedStep)),
		formErrorUm: shown(evidence.step(couponStep)),
		workHoldingConfirmed: shown(evidence.step(holdStep))
	};
}
