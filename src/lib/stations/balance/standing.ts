import { ellipse } from '$core/balance/estimate';
import type { SetupFacts } from '$core/route/facts';
import { Evidence } from '$core/route/evidence';
import { MEASURED_BY } from '$core/route/stations/balance/measure';
import { CORRECTED_BY } from '$core/route/stations/balance/move';
import { toleranceFor } from '$core/route/stations/balance/track';
import type { Belief } from '$lib/drawing/belief';

export interface Placement {
	weight: number;
	massG: number;
	angleDeg: number;
	travelDeg: number;
}
export interface Move {
	placements: Placement[];
	residualGmm: number;
	bareUnbalanceGmm: number;
	capacityGmm: number;
	reasons: { code: string; message: string; severity: string }[];
	totalTravelDeg: number;
}
export interface Estimate {
	unbalanceGmm: number;
	heavyAngleDeg: number;
	presentUnbalanceGmm: number;
	presentHeavyAngleDeg: number;
	sigmaMajorGmm: number;
	sigmaMinorGmm: number;
	covXxGmm2: number;
	covXyGmm2: number;
	covYyGmm2: number;
	reasons: { code: string; message: string; severity: string }[];
}

/** Where balancing stands, from the records that count: what was last measured, whether weights wait to be moved, whether it is done. */
export function standingOf(facts: SetupFacts) {
	const e = new Evidence(facts);
	const judged = e.latestOf('balance', MEASURED_BY, 'balance.tolerance');
	const estimate = e.latestOf('balance', MEASURED_BY, 'balance.update-estimate');
	const booked = e.latestOf('balance', MEASURED_BY, 'balance.weights');
	const corrected = e.latestOf('balance', CORRECTED_BY);
	const ratio = typeof judged?.output.ratio === 'number' ? judged.output.ratio : null;
	const waits = judged !== null && (corrected === null || corrected.id < judged.id);
	return {
		judged,
		corrected,
		estimate: (estimate?.output ?? null) as Estimate | null,
		move: booked && judged && booked.together === judged.together ? (booked.output as unknown as Move) : null,
		/** A measurement is booked and its move not yet made. */
		moving: waits && (ratio === null || ratio > 1),
		done: waits && ratio !== null && ratio <= 1,
		lastGmm: typeof judged?.input.unbalanceGmm === 'number' ? judged.input.unbalanceGmm : null,
		lastRestDeg: typeof judged?.entered.restAngleDeg === 'number' ? judged.entered.restAngleDeg : null,
		rolls: facts.records.filter(
			(r) =>
				r.station === 'balance' &&
				r.calculation === 'balance.tolerance' &&
				r.step !== 'track' &&
				r.wheelId === facts.wheel?.id
		).length
	};
}

/** The drawing of an estimate, with the weights that are on now. */
export function beliefOf(facts: SetupFacts, est: Estimate | null): Belief | null {
	if (!est) return null;
	const axes = ellipse({ x: 0, y: 0, xx: est.covXxGmm2, xy: est.covXyGmm2, yy: est.covYyGmm2 });
	return {
		unbalanceGmm: est.presentUnbalanceGmm,
		heavyAngleDeg: est.presentHeavyAngleDeg,
		majorGmm: axes.majorGmm,
		minorGmm: axes.minorGmm,
		majorAngleDeg: axes.majorAngleDeg,
		allowedGmm: toleranceFor(facts, null).output.permissibleGmm as number
	};
}
