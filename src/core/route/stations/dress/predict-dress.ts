import { burnRisk } from '../../../dress/burn-risk.js';
import { fitFinish } from '../../../dress/fit-finish.js';
import { predictFinish } from '../../../dress/predict-finish.js';
import { equivalentDiameterMm } from '../../../spec/contact.js';
import { abrasiveGroup } from '../../../spec/families.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { TrialCut } from '../../../facts/records.js';
import { modeOf } from '../brief/steps.js';
import { compute } from '../../compute-step.js';
import { wheelOf } from '../../wheel-size.js';

/** A usual cut where the brief does not tell one (guideline): depth in um, work in m/s. */
const USUAL: Readonly<Record<string, { depthUm: number; workMps: number }>> = {
	'creep-feed': { depthUm: 1000, workMps: 0.004 },
	peel: { depthUm: 1000, workMps: 0.004 },
	cylindrical: { depthUm: 8, workMps: 0.4 },
	internal: { depthUm: 5, workMps: 0.5 }
};
const PLAIN = { depthUm: 10, workMps: 0.25 };
/** Trial cuts before anything is learnt from them. */
export const MIN_CUTS = 3;

/** The cut that is foreseen: the brief's own where it was told, else a usual one. */
export function cutOf(facts: SetupFacts): { depthUm: number; workMps: number; known: boolean } {
	const { depthUm, workSpeedMps, operation } = facts.brief;
	const usual = USUAL[operation] ?? PLAIN;
	return {
		depthUm: depthUm ?? usual.depthUm,
		workMps: workSpeedMps ?? usual.workMps,
		known: depthUm !== null && workSpeedMps !== null
	};
}

/** Like a wheel of this size on flat work. */
function equivalentMm(facts: SetupFacts): number {
	const ds = wheelOf(facts).diameterMm;
	const dw = facts.brief.workDiameterMm;
	const mode = modeOf(facts.brief.operation);
	// A wheel larger than the bore is refused elsewhere; here nothing is foreseen from it.
	if (dw === null || (mode === 'internal' && dw <= ds)) return ds;
	return equivalentDiameterMm(mode, ds, dw);
}

/** What is learnt from the trial cuts that count; null while there are too few or the grain is not known. */
export function learnt(facts: SetupFacts, cuts: readonly TrialCut[] = facts.cuts) {
	const counted = cuts.filter((cut) => !cut.leftOut);
	const grainSizeUm = wheelOf(facts).gritMeanUm;
	if (counted.length < MIN_CUTS || grainSizeUm === null) return null;
	return compute(facts, fitFinish, {
		grainSizeUm,
		cuts: counted.map(({ leadUm, depthUm, specificRemovalMm2PerS, wheelSpeedMps, raUm }) => ({
			leadUm,
			depthUm,
			specificRemovalMm2PerS,
			wheelSpeedMps,
			raUm
		}))
	});
}

/** A dress, as finish and burn are foreseen from it. */
export interface PlannedDress {
	leadUm: number;
	depthUm: number;
	sharpnessIndex: number;
	dressClass: string;
}

/** Finish and burn that a dress will give. Null where the grain of the wheel is not known. */
export function predictDress(facts: SetupFacts, planned: PlannedDress) {
	const wheel = wheelOf(facts);
	if (wheel.gritMeanUm === null || !(planned.leadUm > 0) || !(planned.depthUm > 0)) return null;
	const cut = cutOf(facts);
	const wheelSpeedMps = surfaceSpeedMps(wheel.diameterMm, facts.machine.spindleRpm);
	const fit = learnt(facts);
	const finish = compute(facts, predictFinish, {
		leadUm: planned.leadUm,
		depthUm: planned.depthUm,
		specificRemovalMm2PerS: cut.depthUm * cut.workMps,
		wheelSpeedMps,
		fit: fit?.output.fit ?? null,
		ranges: fit?.output.ranges ?? null,
		grainSizeUm: wheel.gritMeanUm,
		targetRaUm: facts.brief.targetRaUm
	});
	const burn = burnOf(facts, planned, cut);
	return { finish, burn, cut, cuts: fit?.output.cutsUsed ?? 0 };
}

/** How near a cut comes to burning after this dress: by the model of its flats, or by the power that a meter showed. */
export function burnOf(
	facts: SetupFacts,
	dress: { sharpnessIndex: number; dressClass: string | null },
	cut: { depthUm: number; workMps: number },
	measured: { powerW: number | null; workWidthMm: number | null } = { powerW: null, workWidthMm: null }
) {
	const wheel = wheelOf(facts);
	return compute(facts, burnRisk, {
		equivalentDiameterMm: equivalentMm(facts),
		workDepthUm: cut.depthUm,
		workSpeedMps: cut.workMps,
		wheelSpeedMps: surfaceSpeedMps(wheel.diameterMm, facts.machine.spindleRpm),
		coolant: facts.machine.wet ? (DEEP.includes(facts.brief.operation) ? 'jet' : 'flood') : 'none',
		abrasive: abrasiveGroup(wheel.family ?? 'alumina'),
		grainSizeUm: wheel.gritMeanUm,
		grade: wheel.grade ?? 'K',
		sharpnessIndex: dress.sharpnessIndex,
		dressClass: dress.dressClass !== null && CLASSES.includes(dress.dressClass) ? dress.dressClass : null,
		...measured
	});
}
/** Deep cuts live by their jet. */
const DEEP: readonly string[] = ['creep-feed', 'peel'];
const CLASSES: readonly string[] = ['dull', 'fine', 'general', 'open-sharp'];
