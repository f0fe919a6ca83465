import { InputFault } from '../../../calculation/fault.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { limitRpm } from '../../../spec/limit-rpm.js';

/** The rpm a wheel may never exceed. @throws InputFault `missing` where nothing is marked on it */
export function markedRpmOf(wheel: WheelFacts): number {
	const limit = limitRpm(wheel);
	if (limit === null)
		throw new InputFault('ratedRpm', 'missing', 'This wheel has no marked speed. It must not run.');
	return limit;
}
