import { ellipse } from '$core/balance/estimate';
import { tolerance } from '$core/balance/tolerance';
import { weights } from '$core/balance/weights';
import type { OutputOf } from '$core/calculation/define';
import { Evidence, partOf } from '$core/route/evidence';
import type { SetupFacts } from '$core/facts/setup';
import { type Estimate, lastEstimate } from '$core/route/stations/balance/conclude';
import { MEASURED_BY } from '$core/route/stations/balance/measured-by';
import { CORRECTED_BY } from '$core/route/stations/balance/corrected-by';
import { permissibleGmm } from '$core/route/stations/balance/tolerance';
import type { Belief } from '$lib/drawing/belief';

export type { Estimate };
export type Move = OutputOf<typeof weights>;
/** Where balancing stands, from the records that count: what was last measured, whether weights wait to be moved, whether it is done. */
export function balanceStatus(facts: SetupFacts) {
	const evidence = Evidence.of(facts);
	const measured = evidence.newest('balance', MEASURED_BY);
	const judged = partOf(measured, tolerance);
	const corrected = evidence.newest('balance', CORRECTED_BY);
	const ratio = judged?.output.ratio ?? null;
	const waits = judged !== null && (corrected === null || corrected.id < judged.id);
	const present = judged?.input.unbalanceGmm;
	const rested = measured?.entered.restAngleDeg;
	return {
		measured,
		estimate: lastEstimate(facts)?.output ?? null,
		/** The move that the last measurement asked for. */
		move: partOf(measured, weights)?.output ?? null,
		/** A measurement is booked and its move not yet made. */
		moving: waits && (ratio === null || ratio > 1),
		done: waits && ratio !== null && ratio <= 1,
		/** What was found of the last measurement. */
		verdict: judged?.output.verdict ?? null,
		lastGmm: typeof present === 'number' ? present : null,
		lastRestDeg: typeof rested === 'number' ? rested : null,
		rolls: facts.sums.rolls
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
		allowedGmm: permissibleGmm(facts)
	};
}
