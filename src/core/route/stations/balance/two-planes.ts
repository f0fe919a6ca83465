import { measuredWith } from '../../basis.js';
import { countRoll } from '../../sums.js';
import { twoPlanes } from '../../../balance/two-planes.js';
import { InputFault } from '../../../calculation/fault.js';
import { add, angleOf, len, sub, vec } from '../../../numeric/angles.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { optional, pick } from '../../step-fields.js';
import { rollingMassKg, toleranceFor } from './tolerance.js';

/** Wider than this share of its diameter a wheel can be in balance at rest and wobble when it turns; a pack always can. */
const WIDE = 0.5;
export const showsCouple = (f: Pick<SetupFacts, 'wheel' | 'companions'>): boolean =>
	f.companions.length > 0 || (f.wheel !== null && f.wheel.widthMm > WIDE * f.wheel.diameterMm);

interface Reading {
	ampMmPerS: number;
	phaseDeg: number;
}
/** What is told of three runs. */
interface Runs {
	initial: readonly Reading[];
	afterTrial1: readonly Reading[];
	afterTrial2: readonly Reading[];
	trial1Gmm: number;
	trial1AngleDeg: number;
	trial2Gmm: number;
	trial2AngleDeg: number;
	phaseSense: string;
}
/** The same as it is entered: the trials may be left out. */
type Entered = Pick<Runs, 'initial' | 'phaseSense'> & {
	[K in Exclude<keyof Runs, 'initial' | 'phaseSense'>]: Runs[K] | null;
};
const told = (v: Entered): v is Runs => TRIALS.every((f) => v[f.name] !== null);

const phasor = (r: Reading) => vec(r.ampMmPerS, r.phaseDeg);
const reading = (v: ReturnType<typeof vec>): Reading => ({ ampMmPerS: len(v), phaseDeg: angleOf(v) });

/** The last runs with trials on this mount: what a trial did then, it still does. */
export const lastRuns = (facts: SetupFacts): Runs | null =>
	(partOf(Evidence.of(facts).step(planesStep), twoPlanes)?.input as Runs | undefined) ?? null;

/** Read anew, without trials: each trial would change these readings as it changed those before. */
function shifted(initial: readonly Reading[], before: Runs): Runs {
	const after = (old: readonly Reading[]) =>
		initial.map((r, i) => reading(add(phasor(r), sub(phasor(old[i]!), phasor(before.initial[i]!)))));
	return {
		...before,
		initial,
		afterTrial1: after(before.afterTrial1),
		afterTrial2: after(before.afterTrial2)
	};
}

const [INITIAL] = pick(twoPlanes.fields, 'initial');
const TRIALS = pick(
	twoPlanes.fields,
	'afterTrial1',
	'afterTrial2',
	'trial1Gmm',
	'trial1AngleDeg',
	'trial2Gmm',
	'trial2AngleDeg'
);

/** Both planes read as it is and with a trial in each; later only as it is, for what a trial does is known by then. */
export const planesStep = defineStep({
	station: 'balance',
	step: 'planes',
	title: 'Two planes',
	basis: () => measuredWith('vibration in two planes'),
	sumsInto: countRoll,
	fields: [
		INITIAL,
		optional(TRIALS[0]),
		optional(TRIALS[1]),
		optional(TRIALS[2]),
		optional(TRIALS[3]),
		optional(TRIALS[4]),
		optional(TRIALS[5]),
		...pick(twoPlanes.fields, 'phaseSense')
	] as const,
	compute(facts, values) {
		const before = lastRuns(facts);
		const missing = TRIALS.find((f) => values[f.name] === null);
		if (missing && (!before || TRIALS.some((f) => values[f.name] !== null)))
			throw new InputFault(
				missing.name,
				'missing',
				`${missing.label} is missing. Run it once with a trial in each plane; after that the readings alone are enough.`
			);
		const runs = told(values) ? values : shifted(values.initial, before!);
		const both = compute(facts, twoPlanes, {
			...runs,
			made: null,
			speedRpm: facts.machine.spindleRpm,
			rotorMassKg: rollingMassKg(facts)
		});
		// Half of what the grade allows belongs to each plane: the worse one decides.
		const worse = Math.max(...both.output.corrections.map((correction) => correction.gmm));
		return { main: toleranceFor(facts, 2 * worse), secondary: [both] };
	}
});

/** What was really put into both planes; a run after it has to confirm. */
export const planesMadeStep = defineStep({
	station: 'balance',
	step: 'planes-made',
	title: 'Corrected in two planes',
	invalidates: ['prove'],
	fields: pick(twoPlanes.fields, 'made').map((f) => ({ ...f, required: true as const })),
	compute(facts, values) {
		const before = lastRuns(facts);
		if (!before)
			throw new InputFault(
				'made',
				'inconsistent',
				'Measure both planes first; the corrections follow from it.'
			);
		return single(compute(facts, twoPlanes, { ...before, ...values }));
	}
});
