import { text } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import { DIAMETER_AFTER, neitherGrownNorGone } from '../route/wheel-size.js';

/** What is asked when a line of a wheel's book is put right. */
export const CORRECTION_FIELDS = [
	{ ...DIAMETER_AFTER, label: 'Diameter as it is' },
	text('reason', 'What went wrong', {
		required: true,
		minLength: 5,
		maxLength: 150,
		label: 'Why it is corrected'
	})
] as const;

/** A measured line of the book. */
export interface Measured {
	id: number;
	diameterAfterMm: number;
}

/**
 * The line that may be put right: the last one that measured something. What was measured before it has been overtaken.
 * @param measured oldest first, without lines that were corrected already
 * @throws InputFault when the new value cannot be
 */
export function correctable(
	measured: readonly Measured[],
	wheel: { newDiameterMm: number; boreMm: number },
	diameterMm: number
): Measured {
	const last = measured.at(-1);
	if (!last)
		throw new InputFault(
			'diameterAfterMm',
			'inconsistent',
			'Nothing was measured yet, so nothing is to correct.'
		);
	neitherGrownNorGone(diameterMm, measured.at(-2)?.diameterAfterMm ?? wheel.newDiameterMm, wheel.boreMm);
	return last;
}
