import { InputFault } from '../calculation/fault.js';
import { limitRpm, overLimit } from './limit-rpm.js';

/** What rules a wheel out is decided from. */
export type Candidate = {
	id: string;
	state: string;
	expiresOn: string | null;
	ratedSpeedMps: number | null;
	ratedSpeedRpm: number | null;
	diameterMm: number;
	widthMm: number;
	boreMm: number;
	minDiameterMm: number;
	newDiameterMm: number;
};

/** What single ranges cannot say of a rack. @throws InputFault on `candidates` */
export function checkCandidates(candidates: Candidate[]): void {
	const seen = new Set<string>();
	candidates.forEach((candidate, i) => {
		if (seen.has(candidate.id))
			throw new InputFault(
				`candidates.${i}.id`,
				'inconsistent',
				`Wheel ${candidate.id} is listed twice. Remove one of them.`
			);
		seen.add(candidate.id);
		if (candidate.newDiameterMm < candidate.diameterMm || candidate.newDiameterMm <= candidate.minDiameterMm)
			throw new InputFault(
				`candidates.${i}.newDiameterMm`,
				'inconsistent',
				`Wheel ${candidate.id}: the new diameter ${candidate.newDiameterMm} mm must be at least the diameter today and above the scrap diameter.`
			);
	});
}

/** What may rule a wheel out, in the order it is told. */
const EXCLUSIONS = [
	'quarantined',
	'scrapped',
	'expired',
	'rating-unknown',
	'rated-speed-too-low',
	'bore-mismatch',
	'too-large',
	'too-wide',
	'too-narrow',
	'worn-out'
] as const;
type Exclusion = (typeof EXCLUSIONS)[number];
const BIT = Object.fromEntries(EXCLUSIONS.map((code, i) => [code, 1 << i])) as Record<Exclusion, number>;
/**
 * Lists of reasons by their bits, the first of the reasons above the lowest: wheels with the same reasons are
 * given the same list.
 */
const codesBy: readonly (readonly string[])[] = Array.from({ length: 1 << EXCLUSIONS.length }, (_, bits) =>
	Object.freeze(EXCLUSIONS.filter((_, i) => bits & (1 << i)))
);
/** The reasons that a number of `ruledOut` stands for, in order. @example codesOf(0) // [] */
export const codesOf = (bits: number): readonly string[] => codesBy[bits]!;

const A_LITTLE = 1 + 1e-9;
const limit = (most: number): number => most * A_LITTLE;

/** Where wheels go, and how a bore is made to fit there. */
export interface Seat {
	maxDiameterMm: number;
	maxWidthMm: number;
	boreMm: number;
	boreToleranceMm: number;
	bushingBoresMm: readonly number[];
	spindleRpm: number;
}

/** How a bore goes with a seat: on it, with a bushing that is kept, or not at all. */
export function boreOn(seat: Seat, boreMm: number): 'fits' | 'bushed' | 'no' {
	const most = seat.boreToleranceMm + 1e-9;
	const play = boreMm - seat.boreMm;
	if (play >= -1e-9 && play <= most) return 'fits';
	for (const b of seat.bushingBoresMm) if (Math.abs(boreMm - b) <= most) return 'bushed';
	return 'no';
}

/**
 * Judges one wheel after the other for a seat, and for the least width the job asks for: a bit for every reason for which it may not go on, 0 when it may.
 * `codesOf` names them.
 */
export function ruledOut(today: string, seat: Seat, minWidthMm: number | null): (w: Candidate) => number {
	const { spindleRpm } = seat;
	const [diameterMm, widthMm] = [limit(seat.maxDiameterMm), limit(seat.maxWidthMm)];
	const narrowMm = minWidthMm === null ? 0 : minWidthMm / A_LITTLE;
	return (w) => {
		const { ratedSpeedMps, ratedSpeedRpm, state, expiresOn } = w;
		const unknown = ratedSpeedMps === null && ratedSpeedRpm === null;
		const most = limitRpm({
			ratedMps: ratedSpeedMps,
			ratedRpm: ratedSpeedRpm,
			newDiameterMm: w.newDiameterMm
		});
		return (
			(state === 'quarantined' ? BIT.quarantined : 0) |
			(state === 'scrapped' ? BIT.scrapped : 0) |
			(expiresOn !== null && expiresOn < today ? BIT.expired : 0) |
			(unknown ? BIT['rating-unknown'] : 0) |
			(overLimit(spindleRpm, most) ? BIT['rated-speed-too-low'] : 0) |
			(boreOn(seat, w.boreMm) === 'no' ? BIT['bore-mismatch'] : 0) |
			(w.diameterMm > diameterMm ? BIT['too-large'] : 0) |
			(w.widthMm > widthMm ? BIT['too-wide'] : 0) |
			(w.widthMm < narrowMm ? BIT['too-narrow'] : 0) |
			(w.diameterMm <= w.minDiameterMm * A_LITTLE ? BIT['worn-out'] : 0)
		);
	};
}
