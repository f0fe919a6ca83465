import { InputFault } from '../calculation/fault.js';

/** What rules a wheel out is decided from. */
export type Candidate = {
	id: string;
	state: string;
	expiresOn: string | null;
	ratedSpeedMps: number | null;
	ratedSpeedRpm: number | null;
	diameterMm: number;
	widthMm: number;
	minDiameterMm: number;
	newDiameterMm: number;
};

/** What single ranges cannot say of a rack. @throws InputFault on `candidates` */
export function checkCandidates(candidates: Candidate[]): void {
	const seen = new Set<string>();
	candidates.forEach((w, i) => {
		if (seen.has(w.id))
			throw new InputFault(
				`candidates.${i}.id`,
				'inconsistent',
				`Wheel ${w.id} is listed twice. Remove one of them.`
			);
		seen.add(w.id);
		if (w.newDiameterMm < w.diameterMm || w.newDiameterMm <= w.minDiameterMm)
			throw new InputFault(
				`candidates.${i}.newDiameterMm`,
				'inconsistent',
				`Wheel ${w.id}: the new diameter ${w.newDiameterMm} mm must be at least the diameter today and above the scrap diameter.`
			);
	});
}

/** Every reason for which this wheel may not go on; empty when it may. */
export function exclusions(
	w: Candidate,
	today: string,
	machine: { maxDiameterMm: number; maxWidthMm: number; spindleRpm: number },
	speedMps: number,
	boreFits: boolean
): string[] {
	const codes: string[] = [];
	const rule = (code: string, when: boolean) => {
		if (when) codes.push(code);
	};
	const over = (value: number, limit: number | null) => limit !== null && value > limit * (1 + 1e-9);
	rule(w.state, w.state === 'quarantined' || w.state === 'scrapped');
	rule('expired', w.expiresOn !== null && w.expiresOn < today);
	const unknown = w.ratedSpeedMps === null && w.ratedSpeedRpm === null;
	rule('rating-unknown', unknown);
	rule(
		'rated-speed-too-low',
		!unknown && (over(speedMps, w.ratedSpeedMps) || over(machine.spindleRpm, w.ratedSpeedRpm))
	);
	rule('bore-mismatch', !boreFits);
	rule('too-large', over(w.diameterMm, machine.maxDiameterMm));
	rule('too-wide', over(w.widthMm, machine.maxWidthMm));
	rule('worn-out', w.diameterMm <= w.minDiameterMm * (1 + 1e-9));
	return codes;
}
