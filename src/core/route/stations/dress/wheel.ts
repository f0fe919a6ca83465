import { InputFault } from '../../../calculation/fault.js';
import { abrasiveGroup } from '../../../spec/families.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { wheelOf } from '../../wheel-size.js';

/** The fastest a dress knows; no spindle turns faster, so a mark above it limits nothing. */
const FASTEST_RPM = 200_000;

/** What is marked on a wheel, as the dress calculations take it. */
export const ratedOf = (w: Pick<WheelFacts, 'ratedMps' | 'ratedRpm'>) => ({
	ratedSpeedMps: w.ratedMps,
	ratedSpeedRpm: w.ratedRpm === null ? null : Math.min(w.ratedRpm, FASTEST_RPM)
});

/** A wheel with a rim width is dressed on the face of its rim, every other one on its periphery. */
export const surfaceOf = (w: Pick<WheelFacts, 'rimWidthMm'>): 'face' | 'periphery' =>
	w.rimWidthMm === null ? 'periphery' : 'face';

/** Bond of the wheel. @throws InputFault `missing` where its marking does not say: nothing is dressed on a guess */
export function bondOfWheel(facts: SetupFacts): string {
	const w = wheelOf(facts);
	if (w.bondFamily === null)
		throw new InputFault(
			'bond',
			'missing',
			`The bond of wheel ${w.number} is not known. Ask its maker; nothing is dressed on a guess.`
		);
	return w.bondFamily;
}

/** What every way of dressing asks of the wheel, its spindle and its marking. */
export function dressed(facts: SetupFacts) {
	const wheel = wheelOf(facts);
	return {
		surface: surfaceOf(wheel),
		wheelDiameterMm: wheel.diameterMm,
		wheelWidthMm: wheel.widthMm,
		wheelMinDiameterMm: wheel.minDiameterMm,
		rimWidthMm: wheel.rimWidthMm,
		rimDepthMm: wheel.rimDepthMm,
		wheelSpeedRpm: facts.machine.spindleRpm,
		...ratedOf(wheel),
		grainSizeUm: wheel.gritMeanUm,
		abrasive: abrasiveGroup(wheel.family ?? 'alumina')
	};
}

/** A figure of the wheel that its marking did not tell and that somebody has to enter. @throws InputFault `missing` @example told(3, 'layerDepthMm', 'Layer') // 3 */
export function told(value: number | null | undefined, field: string, label: string): number {
	if (value === null || value === undefined)
		throw new InputFault(field, 'missing', `${label} is missing. The marking does not say it; enter it.`);
	return value;
}
