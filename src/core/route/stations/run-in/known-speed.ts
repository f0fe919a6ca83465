import { nameplateSpeed } from '../../../run-in/nameplate-speed.js';
import { type Evidence, type Recorded, partOf } from '../../evidence.js';
import { plateStep } from './plate.js';
import { speedStep } from './speed.js';

/** How fast it turns, as far as it is known: a tachometer counts whatever the plate of the motor says. */
export interface KnownSpeed {
	recorded: Recorded;
	rpm: number | null;
	/** A bound, not a reading. */
	atMost: boolean;
}
export function knownSpeed(evidence: Evidence): KnownSpeed | null {
	const read = evidence.step(speedStep);
	if (read) return { recorded: read, rpm: read.entered.measuredRpm, atMost: false };
	const plate = evidence.step(plateStep);
	const rpm = partOf(plate, nameplateSpeed)?.output.synchronousRpm ?? null;
	return plate && { recorded: plate, rpm, atMost: true };
}
