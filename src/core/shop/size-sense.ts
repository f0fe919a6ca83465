import { InputFault } from '../calculation/fault.js';
import type { Marking } from '../spec/marking.js';
import { MOUNTED_POINT } from '../spec/shape-tables.js';
import type { NewWheel } from './wheel.js';

/** A size and its marking agree within this: makers round, and a bore is measured with its play. */
const WITHIN_SHARE = 0.02;
const WITHIN_MM = 0.6;
/** What a wheel can weigh for the ring it fills, kg/m3: an open vitrified one, and a diamond rim on a steel core. Cups are hollow. */
const LIGHTEST = { straight: 1100, hollow: 250 };
const HEAVIEST = { conventional: 4500, superabrasive: 15000 };

const over = (value: number, marked: number): boolean => value > marked * (1 + WITHIN_SHARE) + WITHIN_MM;
const under = (value: number, marked: number): boolean => value < marked * (1 - WITHIN_SHARE) - WITHIN_MM;

/** @throws InputFault `inconsistent` where a size that was received is not the one that is marked on the wheel */
export function checkAgainstMarking(w: NewWheel, marked: Marking['dimensions']): void {
	if (!marked) return;
	const differs = (field: string, label: string, value: number, at: number, wrong: boolean) => {
		if (wrong)
			throw new InputFault(
				field,
				'inconsistent',
				`${label} ${value} mm does not go with the ${at} mm in the marking. Measure again, or put the marking right.`
			);
	};
	const { diameterMm: D, thicknessMm: T, boreMm: H } = marked;
	differs(
		'newDiameterMm',
		'Diameter when new',
		w.newDiameterMm,
		D,
		over(w.newDiameterMm, D) || under(w.newDiameterMm, D)
	);
	// It is dressed on its sides, and a bushing makes a bore smaller: only what grows is wrong.
	differs('widthMm', 'Width', w.widthMm, T, over(w.widthMm, T) || w.widthMm < T / 10);
	differs('boreMm', 'Bore', w.boreMm, H, over(w.boreMm, H) || w.boreMm < H / 10);
}

/** @throws InputFault `inconsistent` where no wheel of that size weighs so much, or so little */
export function checkMass(w: NewWheel, kind: Marking['kind']): void {
	if (w.massKg === null || w.massKg === undefined) return;
	const volumeM3 = ((Math.PI / 4) * (w.newDiameterMm ** 2 - w.boreMm ** 2) * w.widthMm) / 1e9;
	const density = w.massKg / volumeM3;
	const least = w.shape === '1' || w.shape === '41' ? LIGHTEST.straight : LIGHTEST.hollow;
	// A point is weighed with its shank of steel.
	const most =
		kind === 'superabrasive' || w.shape === MOUNTED_POINT ? HEAVIEST.superabrasive : HEAVIEST.conventional;
	if (density < least || density > most)
		throw new InputFault(
			'massKg',
			'inconsistent',
			`No wheel of this size weighs ${w.massKg} kg: between ${(least * volumeM3).toPrecision(2)} and ${(most * volumeM3).toPrecision(2)} kg would be right. Weigh it again, or look at the unit.`
		);
}
