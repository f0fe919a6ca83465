import { mm, over0 } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { SetupFacts } from '../facts/setup.js';
import type { WheelFacts } from '../facts/wheel.js';

/** @throws InputFault `missing` while no wheel is taken */
export function wheelOf(facts: Pick<SetupFacts, 'wheel'>): WheelFacts {
	if (!facts.wheel) throw new InputFault('wheel', 'missing', 'No wheel is taken yet. Choose one at Select.');
	return facts.wheel;
}
/** @throws InputFault `missing` where the machine has no mount */
export function mountOf(facts: SetupFacts): NonNullable<SetupFacts['mount']> {
	if (!facts.mount)
		throw new InputFault('mount', 'missing', 'This machine has no mount on record. Enter one under Shop.');
	return facts.mount;
}

/** Mass today: the wheel has lost its rim, so it is scaled by the ring that is left. */
export function massNowKg(wheel: WheelFacts): number {
	return (
		(wheel.massKg * (wheel.diameterMm ** 2 - wheel.boreMm ** 2)) /
		(wheel.newDiameterMm ** 2 - wheel.boreMm ** 2)
	);
}

export const MEASURING_NOISE_MM = 0.02;
/** A diameter that was measured after cutting. @throws InputFault when the wheel would have grown or be gone. */
export function checkDiameter(facts: Pick<SetupFacts, 'wheel'>, diameterMm: number): number {
	const wheel = wheelOf(facts);
	// While somebody types it is previewed with what is there.
	if (diameterMm === null)
		throw new InputFault('diameterAfterMm', 'missing', 'Diameter now is missing. Measure it.');
	neitherGrownNorGone(diameterMm, wheel.diameterMm, wheel.boreMm);
	return diameterMm;
}
/** @throws InputFault when a wheel would be larger than the entry before it, or be gone down to its bore */
export function neitherGrownNorGone(diameterMm: number, beforeMm: number, boreMm: number): void {
	if (diameterMm > beforeMm + MEASURING_NOISE_MM)
		throw new InputFault(
			'diameterAfterMm',
			'above-maximum',
			`${diameterMm} mm is larger than the last entry, ${beforeMm} mm. A wheel does not grow; measure again.`
		);
	if (diameterMm <= boreMm)
		throw new InputFault(
			'diameterAfterMm',
			'below-minimum',
			`${diameterMm} mm is not above the bore, ${boreMm} mm. Measure again.`
		);
}
export const DIAMETER_AFTER = mm('diameterAfterMm', 'Measured across', {
	...over0(3000),
	required: true,
	label: 'Diameter now'
});
