import type { OutputOf } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { bondAge } from '../spec/bond-age.js';
import { parseMarking } from '../spec/parse-marking.js';
import { RACK_SHAPES } from '../spec/shape-tables.js';
import { checkAgainstMarking, checkMass } from './size-sense.js';
import type { NewWheel } from './wheel.js';

/** A wheel as it goes on the rack: what was entered, what its marking says, and where it stands. */
export interface Intake {
	wheel: NewWheel & { massKg: number };
	/** Its mass was not weighed: it follows from size and density. */
	massComputed: boolean;
	canonical: string;
	family: string | null;
	gritMeanUm: number | null;
	gritNumber: number | null;
	grade: string | null;
	structure: number | null;
	bond: string | null;
	bondFamily: string | null;
	concentrationPercent: number | null;
	rimDepthMm: number | null;
	rimWidthMm: number | null;
	shape: string;
	ratedMps: number | null;
	ratedRpm: number | null;
	state: 'available' | 'quarantined' | 'scrapped';
	reason: string | null;
}

/** Density of a wheel by its bond, kg/m3 (guideline): what is computed from it is marked, and a scale knows better. */
const DENSITY: Readonly<Record<string, number>> = {
	vitrified: 2200,
	resinoid: 2500,
	rubber: 2400,
	metal: 7000
};
/** Mass of a straight wheel of this size: density pi/4 (D^2 - d^2) T. */
const massFromSizeKg = (w: NewWheel, bondFamily: string): number =>
	((DENSITY[bondFamily] ?? 2400) * (Math.PI / 4) * (w.newDiameterMm ** 2 - w.boreMm ** 2) * w.widthMm) / 1e9;
/** Until when it may be used does not depend on today. */
const NO_DAY = '0001-01-01';
const UNREADABLE = 'This marking cannot be read. Check it against the blotter.';

/** Depth and, on a face, width of the abrasive: as entered, or as the four sizes of its marking say. */
function rimOf(
	w: NewWheel,
	read: OutputOf<typeof parseMarking>
): { rimDepthMm: number | null; rimWidthMm: number | null } {
	// D-W-X-H: a shape whose rim lies on its side is marked with width and depth of the rim.
	const onFace = read.shapeParts?.position === '2' && read.dimsMm.length === 4;
	return {
		rimDepthMm: w.rimDepthMm ?? (onFace ? read.dimsMm[2]! : (read.dimensions?.rimDepthMm ?? null)),
		rimWidthMm: w.rimWidthMm ?? (onFace ? read.dimsMm[1]! : null)
	};
}

/**
 * Reads the marking and decides where the wheel stands. A wheel without a speed, or whose marking can be read as two kinds of wheel, is
 * quarantined. @throws InputFault for sizes that cannot be and a marking that cannot be read
 */
export function intake(w: NewWheel): Intake {
	const read = parseMarking.run({ text: w.marking });
	const wrong = (field: string, when: boolean, says: string) => {
		if (when) throw new InputFault(field, 'inconsistent', says);
	};
	wrong(
		'diameterMm',
		w.diameterMm > w.newDiameterMm,
		`Diameter today ${w.diameterMm} mm is larger than when new, ${w.newDiameterMm} mm.`
	);
	wrong(
		'boreMm',
		w.boreMm >= w.diameterMm,
		`Bore ${w.boreMm} mm is not smaller than the diameter ${w.diameterMm} mm.`
	);
	wrong(
		'minDiameterMm',
		w.minDiameterMm >= w.newDiameterMm,
		`Scrap diameter ${w.minDiameterMm} mm is not below the new diameter ${w.newDiameterMm} mm.`
	);
	wrong('marking', read.kind === 'unknown', UNREADABLE);
	checkAgainstMarking(w, read.dimensions);
	checkMass(w, read.kind);
	const ratedMps = w.ratedMps ?? read.maxSpeedMps;
	const ratedRpm = w.ratedRpm ?? read.maxSpeedRpm;
	const bondFamily = read.bond?.family ?? 'vitrified';
	const { expiresOn } = bondAge(
		{ bond: bondFamily, handHeld: false, printedDate: w.expiresOn, madeOn: w.madeOn ?? null },
		NO_DAY
	);
	wrong(
		'madeOn',
		!!w.madeOn && w.expiresOn !== null && w.madeOn >= w.expiresOn,
		`Made on ${w.madeOn} is not before its date, ${w.expiresOn}.`
	);
	const rim = rimOf(w, read);
	const { rimWidthMm } = rim;
	wrong(
		'rimWidthMm',
		rimWidthMm !== null && 2 * rimWidthMm > w.diameterMm,
		`A rim ${rimWidthMm} mm wide does not fit on a wheel of ${w.diameterMm} mm.`
	);
	const unclear = read.reasons.some((r) => r.code === 'ambiguous-kind');
	const reason = unclear
		? 'its marking can be read two ways'
		: ratedMps === null && ratedRpm === null
			? 'no readable speed'
			: null;
	return {
		wheel: { ...w, expiresOn, massKg: w.massKg ?? massFromSizeKg(w, bondFamily) },
		massComputed: (w.massKg ?? null) === null,
		canonical: read.canonical,
		family: read.abrasive?.family ?? null,
		gritMeanUm: read.grit?.meanUm ?? null,
		gritNumber: read.grit?.number ?? null,
		grade: read.grade,
		structure: read.structure,
		bond: read.bond?.letters ?? null,
		bondFamily: read.bond?.family ?? null,
		// A hundred on the shop's scale is a quarter of the rim.
		concentrationPercent: read.concentration ? 4 * read.concentration.volPercent : null,
		...rim,
		shape:
			w.shape !== '1' ? w.shape : read.shape !== null && RACK_SHAPES.includes(read.shape) ? read.shape : '1',
		ratedMps,
		ratedRpm,
		state: reason ? 'quarantined' : 'available',
		reason
	};
}
