import { error } from '@sveltejs/kit';
import type { RingFacts } from '../../../core/route/stations/inspect/ring.js';
import type { WheelFacts } from '../../../core/facts/wheel.js';
import { ringsOf } from '../recordings/recordings.js';
import { rackLook, rackRungAtMs } from '../storage/rack-records.js';
import { today } from '../storage/today.js';
import { wheelByNumber } from './wheels.js';

/** A wheel of the rack as its inspection outside a setup needs it; where it is not to be inspected, says why. */
export async function rackWheel(
	number: string
): Promise<{ wheel: WheelFacts; ring: RingFacts; lookVerdict: string | null; today: string }> {
	const wheel = number.length <= 20 ? await wheelByNumber(number) : undefined;
	if (!wheel) error(404, { message: `There is no wheel ${number.slice(0, 20)} on the rack.` });
	if (wheel.state === 'scrapped')
		error(409, { message: `Wheel ${wheel.number} is scrapped. A scrapped wheel never comes back.` });
	if (wheel.heldBy !== null && !wheel.inPack)
		error(409, { message: `Wheel ${wheel.number} is held by setup ${wheel.heldBy}. Inspect it there.` });
	const look = await rackLook(wheel.id);
	return {
		wheel,
		ring: { id: null, wheel, ...(await ringsOf(wheel)), sinceMs: await rackRungAtMs(wheel.id) },
		lookVerdict: look?.verdict ?? null,
		today: await today()
	};
}
