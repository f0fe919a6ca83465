import { InputFault } from '../../calculation/fault.js';
import { type Corner, TooRound, rounded } from '../profile/rounding.js';
import type { Segment } from '../profile/segment.js';

/** A measure without which this shape cannot be drawn. @throws InputFault `missing` @example needed(4, 'radiusMm', 'Radius') // 4 */
export function needed(value: number | null, field: string, name: string): number {
	if (value === null)
		throw new InputFault(field, 'missing', `${name} is missing. Enter it, this shape needs it.`);
	return value;
}

/** @throws InputFault `does-not-fit` */
export function fits(holds: boolean, field: string, words: string): void {
	if (!holds) throw new InputFault(field, 'does-not-fit', words);
}

/** The chain through corners of a shape; a round that does not fit is said of the field it came from. */
export function shaped(corners: readonly Corner[], fieldOf: (corner: number) => string): Segment[] {
	try {
		return rounded(corners);
	} catch (error) {
		if (!(error instanceof TooRound)) throw error;
		throw new InputFault(
			fieldOf(error.corner),
			'does-not-fit',
			`The round takes more than the ${error.roomMm.toFixed(4)} mm there is. Enter a smaller one.`
		);
	}
}
