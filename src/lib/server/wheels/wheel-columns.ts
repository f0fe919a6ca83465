import type { WheelFacts } from '../../../core/facts/wheel.js';
import type { Intake } from '../../../core/shop/wheel-intake.js';
import { columnOf } from '../shop/columns.js';
import type { Value } from '../storage/pool.js';

/** What a wheel's own row says of it; the rest follows from its book and from who holds it. */
type Stored = Exclude<keyof WheelFacts, 'id' | 'diameterMm' | 'heldBy' | 'inPack' | 'keptOn'>;

/** Every column of a wheel, and what it takes of a wheel that arrives. Adding, reading and correcting go by this map. */
const FROM: Readonly<Record<Stored, (taken: Intake) => Value>> = {
	number: (taken) => taken.wheel.number,
	marking: (taken) => taken.wheel.marking,
	canonical: (taken) => taken.canonical,
	family: (taken) => taken.family,
	gritMeanUm: (taken) => taken.gritMeanUm,
	gritNumber: (taken) => taken.gritNumber,
	grade: (taken) => taken.grade,
	structure: (taken) => taken.structure,
	bond: (taken) => taken.bond,
	bondFamily: (taken) => taken.bondFamily,
	concentrationPercent: (taken) => taken.concentrationPercent,
	widthMm: (taken) => taken.wheel.widthMm,
	rimDepthMm: (taken) => taken.rimDepthMm,
	rimWidthMm: (taken) => taken.rimWidthMm,
	boreMm: (taken) => taken.wheel.boreMm,
	newDiameterMm: (taken) => taken.wheel.newDiameterMm,
	minDiameterMm: (taken) => taken.wheel.minDiameterMm,
	massKg: (taken) => taken.wheel.massKg,
	massComputed: (taken) => taken.massComputed,
	ratedMps: (taken) => taken.ratedMps,
	ratedRpm: (taken) => taken.ratedRpm,
	expiresOn: (taken) => taken.wheel.expiresOn,
	shape: (taken) => taken.shape,
	place: (taken) => taken.wheel.place,
	state: (taken) => taken.state,
	stateReason: (taken) => taken.reason
};
/** What was read off the wheel when it came. Its number names it, its state and its rim are told by its book. */
const NOT_CORRECTED: readonly string[] = ['number', 'state', 'stateReason', 'rimDepthMm', 'rimWidthMm'];
// The keys of the map are those of its type.
const NAMES = Object.keys(FROM) as Stored[];
const CORRECTED = NAMES.filter((n) => !NOT_CORRECTED.includes(n));

export const WHEEL_COLUMNS = NAMES.map(columnOf).join(', ');
export const WHEEL_PLACES = `(${NAMES.map(() => '?').join(', ')})`;
export const wheelValues = (taken: Intake): Value[] => NAMES.map((n) => FROM[n](taken));

export const CORRECTED_COLUMNS = CORRECTED.map((n) => `${columnOf(n)} = ?`).join(', ');
export const correctedValues = (taken: Intake): Value[] => CORRECTED.map((n) => FROM[n](taken));

/** A row of the view of wheels, by the names of its columns. */
export type WheelRow = Record<string, unknown> & {
	id: number;
	number: string;
	new_diameter_mm: number;
	diameter_mm: number | null;
	mass_computed: number;
	held_by: number | null;
	not_leading: number;
	kept_on: string | null;
};

/** What a row of the view says of a wheel. */
export const wheelFacts = (w: WheelRow): WheelFacts => ({
	// Columns and facts have the same names and types: both come from the map above.
	...(Object.fromEntries(NAMES.map((n) => [n, w[columnOf(n)]])) as Pick<WheelFacts, Stored>),
	id: w.id,
	massComputed: !!w.mass_computed,
	diameterMm: w.diameter_mm ?? w.new_diameter_mm,
	heldBy: w.held_by,
	inPack: w.held_by !== null && !!w.not_leading,
	keptOn: w.kept_on
});
