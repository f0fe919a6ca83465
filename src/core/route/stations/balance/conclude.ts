import { ellipse } from '../../../balance/estimate.js';
import type { tolerance } from '../../../balance/tolerance.js';
import { updateEstimate } from '../../../balance/update-estimate.js';
import { weights } from '../../../balance/weights.js';
import type { OutputOf } from '../../../calculation/define.js';
import { fold360 } from '../../../numeric/angles.js';
import { Evidence } from '../../evidence.js';
import type { RecordFacts } from '../../../facts/records.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Computed, Result } from '../../result.js';
import { compute } from '../../compute-step.js';
import { permissibleGmm, toleranceFor } from './tolerance.js';
import { type TrackNow, trackOf, weightsInput } from './track.js';
import { MEASURED_BY } from './measured-by.js';

const MAX_RELEASES = 99;

export type Estimate = OutputOf<typeof updateEstimate>;

/** One release as the estimate takes it; without the weights, which are known. */
interface Release {
	restAngleDeg?: number | null;
	unbalanceGmm?: number | null;
	sigmaMomentGmm: number;
	sigmaUnbalanceGmm?: number | null;
	stays?: boolean;
}

/** The last estimate that stands: what has been learnt of the unbalance so far, told without the weights. */
export const lastEstimate = (facts: SetupFacts): RecordFacts<Estimate> | null =>
	Evidence.of(facts).of(updateEstimate, 'balance', MEASURED_BY);

/** Everything learnt on this mount since the weights were counted: the releases that stand, and this one. */
export function learnt(facts: SetupFacts, release: Release, afresh: boolean): Computed<Estimate> {
	const before = afresh ? null : lastEstimate(facts);
	const track = trackOf(facts);
	const observation = {
		...release,
		weights: (track?.weights ?? []).map((w) => ({
			massG: w.massG,
			radiusMm: track!.radiusMm,
			angleDeg: w.angleDeg
		}))
	};
	const earlier = Array.isArray(before?.input.observations) ? before.input.observations : [];
	return compute(facts, updateEstimate, { observations: [...earlier, observation].slice(-MAX_RELEASES) });
}

/** Whether an estimate tells an amount, or as yet only a direction. */
export const amountKnown = (
	facts: SetupFacts,
	est: Pick<Estimate, 'sigmaMajorGmm' | 'presentUnbalanceGmm'>
): boolean => est.sigmaMajorGmm < Math.max(2 * permissibleGmm(facts), 0.5 * est.presentUnbalanceGmm);
/** Share of what the weights can do that is tried while the amount is not known. */
const PROBE_SHARE = 0.3;
/** What the weights have to make up for: the estimate, or, while only its direction is known, a pull aside that will tell the amount. */
function wanted(
	facts: SetupFacts,
	track: TrackNow,
	est: Estimate
): { unbalanceGmm: number; heavyAngleDeg: number } {
	if (amountKnown(facts, est)) return { unbalanceGmm: est.unbalanceGmm, heavyAngleDeg: est.heavyAngleDeg };
	const along = ellipse({
		x: 0,
		y: 0,
		xx: est.covXxGmm2,
		xy: est.covXyGmm2,
		yy: est.covYyGmm2
	}).majorAngleDeg;
	// Square to the long axis of what is not known; the weights then pull opposite to the heavy side told here.
	return {
		unbalanceGmm: PROBE_SHARE * track.weights.reduce((s, w) => s + w.massG * track.radiusMm, 0),
		heavyAngleDeg: fold360(along + 90)
	};
}

/** What follows from a measurement: judged against the grade, learnt from, and the weights' new places. */
export function concluded(
	facts: SetupFacts,
	measured: { method: Computed | null; release: Release; judgedGmm: number | null; afresh: boolean }
): Result<OutputOf<typeof tolerance>> {
	const { method, release, judgedGmm, afresh } = measured;
	const estimate = learnt(facts, release, afresh);
	const main = toleranceFor(facts, judgedGmm);
	const told = method ? [method, estimate] : [estimate];
	const track = trackOf(facts);
	if (!track) return { main, secondary: told };
	const move = compute(facts, weights, {
		...wanted(facts, track, estimate.output),
		...weightsInput(facts, track)
	});
	return { main, secondary: [...told, move] };
}
