import { tolerance } from '../../../balance/tolerance.js';
import type { OutputOf } from '../../../calculation/define.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { Computed } from '../../result.js';
import { compute } from '../../compute-step.js';
import { massNowKg, mountOf, wheelOf } from '../../wheel-size.js';

/** Rolling friction of hard clean edges, as an arm (guideline). */
export const ROLLING_ARM_MM = 0.004;

/** What rolls on the stand: the wheel as it is today, and its mount. */
export const rollingMassKg = (facts: SetupFacts): number => massNowKg(wheelOf(facts)) + mountOf(facts).massKg;
/** What friction hides on hard clean edges, in g mm. */
export const frictionGmm = (facts: SetupFacts): number => 1000 * rollingMassKg(facts) * ROLLING_ARM_MM;

/** An unbalance judged against the grade of this machine; without one, only what is allowed. */
export function toleranceFor(
	facts: SetupFacts,
	unbalanceGmm: number | null
): Computed<OutputOf<typeof tolerance>> {
	return compute(facts, tolerance, {
		machineClass: facts.machine.balanceClass,
		massKg: rollingMassKg(facts),
		speedRpm: facts.machine.spindleRpm,
		wheelDiameterMm: wheelOf(facts).diameterMm,
		correctionRadiusMm: mountOf(facts).trackRadiusMm,
		unbalanceGmm
	});
}
/** The unbalance this machine's grade allows. */
export const permissibleGmm = (facts: SetupFacts): number => toleranceFor(facts, null).output.permissibleGmm;
