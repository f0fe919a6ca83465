import { from0, mmPerS, number, over0, yesNo } from '../../../calculation/field/index.js';
import { ellipse, fromMarkedRelease } from '../../../balance/estimate.js';
import { auto } from '../../../balance/auto.js';
import { fromMarks } from '../../../balance/from-marks.js';
import { fromPeriod, wheelInertia } from '../../../balance/from-period.js';
import { fromTestMass } from '../../../balance/from-test-mass.js';
import { influence } from '../../../balance/influence.js';
import { threeRuns } from '../../../balance/three-runs.js';
import { updateEstimate } from '../../../balance/update-estimate.js';
import { weights } from '../../../balance/weights.js';
import { InputFault } from '../../../calculation/fault.js';
import { fold360 } from '../../../numeric/angles.js';
import { mulberry32 } from '../../../numeric/random.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../facts.js';
import { type TrackNow, rollingMassKg, toleranceFor, trackOf, weightsInput } from './track.js';
import { type Computed, compute, defineStep, massNowKg, mountOf, pick, wheelOf } from '../../step.js';

/** Rolling friction of hard clean edges, as an arm (guideline). */
export const ROLLING_ARM_MM = 0.004;
const MOST_RELEASES = 99;
/** Every way of measuring: a record of any of them counts before the gate. */
export const MEASURED_BY = ['swing', 'marks', 'mass', 'rest', 'phase', 'runs', 'auto', 'stays'] as const;

/** What friction hides on hard clean edges, in g mm. */
export const frictionGmm = (facts: SetupFacts): number => 1000 * rollingMassKg(facts) * ROLLING_ARM_MM;

/** One release as the estimate takes it; without the weights, which are known. */
interface Release {
	restAngleDeg?: number;
	unbalanceGmm?: number | null;
	sigmaMomentGmm: number;
	sigmaUnbalanceGmm?: number | null;
	stays?: boolean;
}

/** Everything learnt on this mount since the weights were counted: the releases that stand, and this one. */
function learnt(facts: SetupFacts, release: Release, afresh: boolean): Computed {
	const before = afresh
		? null
		: new Evidence(facts).latestOf('balance', MEASURED_BY, 'balance.update-estimate');
	const track = trackOf(facts);
	const observation = {
		...release,
		weights: (track?.weights ?? []).map((w) => ({
			massG: w.massG,
			radiusMm: track!.radiusMm,
			angleDeg: w.angleDeg
		}))
	};
	return compute(facts, updateEstimate, {
		observations: [...((before?.input.observations ?? []) as object[]), observation].slice(-MOST_RELEASES)
	});
}

/** Whether an estimate tells an amount, or as yet only a direction. */
export const amountKnown = (
	facts: SetupFacts,
	est: { sigmaMajorGmm: number; presentUnbalanceGmm: number }
): boolean =>
	est.sigmaMajorGmm <
	Math.max(2 * (toleranceFor(facts, null).output.permissibleGmm as number), 0.5 * est.presentUnbalanceGmm);
/** Share of what the weights can do that is tried while the amount is not known. */
const PROBE_SHARE = 0.3;
/** What the weights have to make up for: the estimate, or, while only its direction is known, a pull aside that will tell the amount. */
function wanted(
	facts: SetupFacts,
	track: TrackNow,
	est: {
		unbalanceGmm: number;
		heavyAngleDeg: number;
		presentUnbalanceGmm: number;
		sigmaMajorGmm: number;
		covXxGmm2: number;
		covXyGmm2: number;
		covYyGmm2: number;
	}
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
function concluded(
	facts: SetupFacts,
	method: Computed[],
	release: Release,
	judgedGmm: number | null,
	afresh: boolean
): Computed[] {
	const estimate = learnt(facts, release, afresh);
	const judged = toleranceFor(facts, judgedGmm);
	const track = trackOf(facts);
	if (!track) return [judged, ...method, estimate];
	const move = compute(facts, weights, {
		...wanted(facts, track, estimate.output as never),
		...weightsInput(facts, track)
	});
	return [judged, ...method, estimate, move];
}

const AFRESH = yesNo('afresh', 'Something slipped or dripped since', {
	default: false,
	advanced: true,
	label: 'Forget earlier rolls'
});
const body = (facts: SetupFacts) => {
	const w = wheelOf(facts);
	const m = mountOf(facts);
	return {
		massKg: rollingMassKg(facts),
		wheelMassKg: massNowKg(w),
		wheelDiameterMm: w.diameterMm,
		boreDiameterMm: w.boreMm,
		extraInertiaKgM2: m.inertiaKgM2,
		arborRadiusMm: m.journalRadiusMm
	};
};

export const swingStep = defineStep({
	station: 'balance',
	step: 'swing',
	title: 'Time the swing',
	fields: [
		...pick(fromPeriod.fields, 'timeS', 'swings', 'restAngleDeg', 'turningAnglesDeg'),
		AFRESH
	] as const,
	compute(facts, v) {
		if (v.restAngleDeg === null && v.turningAnglesDeg === null)
			throw new InputFault(
				'restAngleDeg',
				'missing',
				'Rested heavy side down at is missing. Enter the face angle at the bottom, or three turning marks.'
			);
		const swing = compute(facts, fromPeriod, {
			...body(facts),
			timeS: v.timeS,
			swings: v.swings,
			turningAnglesDeg: v.turningAnglesDeg,
			restAngleDeg: v.turningAnglesDeg ? null : v.restAngleDeg
		});
		const U = swing.output.unbalanceGmm as number;
		return concluded(
			facts,
			[swing],
			{
				restAngleDeg: swing.output.heavyAngleDeg as number,
				unbalanceGmm: U,
				sigmaMomentGmm: 0.03 * U + 0.25 * frictionGmm(facts),
				sigmaUnbalanceGmm: (swing.output.uncertaintyGmm as number) + 0.25 * frictionGmm(facts)
			},
			U,
			v.afresh
		);
	}
});

export const marksStep = defineStep({
	station: 'balance',
	step: 'marks',
	title: 'Push, marks and one time',
	fields: [...pick(fromMarks.fields, 'turningAnglesDeg', 'timeS'), AFRESH] as const,
	compute(facts, v) {
		const b = body(facts);
		const found = compute(facts, fromMarks, {
			massKg: b.massKg,
			inertiaKgM2: wheelInertia(b.wheelMassKg, b.wheelDiameterMm, b.boreDiameterMm, b.extraInertiaKgM2),
			arborRadiusMm: b.arborRadiusMm,
			turningAnglesDeg: v.turningAnglesDeg,
			timeS: v.timeS
		});
		return concluded(
			facts,
			[found],
			fromMarkedRelease(found.output as never, frictionGmm(facts)),
			found.output.unbalanceGmm as number,
			v.afresh
		);
	}
});

export const massStep = defineStep({
	station: 'balance',
	step: 'mass',
	title: 'Test mass',
	fields: [
		...pick(
			fromTestMass.fields,
			'method',
			'heavyAngleDeg',
			'radiusMm',
			'holdLowMassG',
			'holdHighMassG',
			'runs'
		),
		AFRESH
	] as const,
	compute(facts, v) {
		const found = compute(facts, fromTestMass, v);
		const U = found.output.unbalanceGmm as number;
		const sigma = 0.03 * U + Math.max(found.output.frictionGmm as number, 0.25 * frictionGmm(facts));
		return concluded(
			facts,
			[found],
			{
				restAngleDeg: found.output.heavyAngleDeg as number,
				unbalanceGmm: U,
				sigmaMomentGmm: sigma,
				sigmaUnbalanceGmm: sigma
			},
			U,
			v.afresh
		);
	}
});

/** By where it rests alone: a direction each time, an amount only after the weights have been moved. */
export const restStep = defineStep({
	station: 'balance',
	step: 'rest',
	title: 'Where it rests',
	fields: [{ ...pick(fromPeriod.fields, 'restAngleDeg')[0]!, required: true }, AFRESH] as const,
	compute(facts, v) {
		const release = { restAngleDeg: v.restAngleDeg, sigmaMomentGmm: frictionGmm(facts) };
		const estimate = learnt(facts, release, v.afresh).output as {
			presentUnbalanceGmm: number;
			sigmaMajorGmm: number;
		};
		return concluded(
			facts,
			[],
			release,
			amountKnown(facts, estimate) ? estimate.presentUnbalanceGmm + estimate.sigmaMajorGmm : null,
			v.afresh
		);
	}
});

const SHARE = 0.1;
const fromVibration = (facts: SetupFacts, found: Computed, afresh: boolean): Computed[] => {
	const U = found.output.unbalanceGmm as number;
	const sigma = SHARE * U + 0.1 * (toleranceFor(facts, null).output.permissibleGmm as number);
	return concluded(
		facts,
		[found],
		{
			restAngleDeg: found.output.heavyAngleDeg as number,
			unbalanceGmm: U,
			sigmaMomentGmm: sigma,
			sigmaUnbalanceGmm: sigma
		},
		U,
		afresh
	);
};
export const phaseStep = defineStep({
	station: 'balance',
	step: 'phase',
	title: 'Vibration with phase, one trial',
	fields: [
		...pick(
			influence.fields,
			'initialMmPerS',
			'initialPhaseAngleDeg',
			'trialMassG',
			'trialRadiusMm',
			'trialAngleDeg',
			'trialMmPerS',
			'trialPhaseAngleDeg',
			'phaseSense'
		),
		AFRESH
	] as const,
	compute: (facts, v) =>
		fromVibration(facts, compute(facts, influence, { ...v, speedRpm: facts.machine.spindleRpm }), v.afresh)
});
export const runsStep = defineStep({
	station: 'balance',
	step: 'runs',
	title: 'Vibration, three trials',
	fields: [
		...pick(threeRuns.fields, 'initialMmPerS', 'trialMassG', 'trialRadiusMm', 'runs'),
		AFRESH
	] as const,
	compute: (facts, v) => fromVibration(facts, compute(facts, threeRuns, v), v.afresh)
});

/** What the stand-in of the machine's balancer hides: made up from the setup's number, so that everybody sees the same wheel. */
export function hiddenFromHead(facts: SetupFacts): {
	unbalanceGmm: number;
	heavyAngleDeg: number;
	massGmm: number;
	sensitivityMmPerSPerGmm: number;
	seed: number;
} {
	const rng = mulberry32(facts.id);
	const permissible = toleranceFor(facts, null).output.permissibleGmm as number;
	return {
		unbalanceGmm: permissible * (3 + 4 * rng()),
		heavyAngleDeg: 360 * rng(),
		massGmm: 5 * permissible,
		sensitivityMmPerSPerGmm: 0.5 / permissible,
		seed: facts.id
	};
}
/** The machine's own balancer: what it reports, or its stand-in run to the end. */
export const autoStep = defineStep({
	station: 'balance',
	step: 'auto',
	title: "The machine's own balancer",
	fields: [
		yesNo('standIn', 'The stand-in, not a machine', { required: true, label: 'Simulated' }),
		mmPerS('residualMmPerS', 'As the machine shows it', { ...from0(1000), label: 'Shakes still' }),
		number('sensitivityMmPerSPerGmm', 'From an earlier trial on this machine', {
			...over0(10),
			label: 'A gram millimetre shakes it by, mm/s'
		})
	] as const,
	compute(facts, v) {
		if (v.standIn) {
			const head = compute(facts, auto, hiddenFromHead(facts));
			return [toleranceFor(facts, head.output.residualGmm as number), head];
		}
		if (v.residualMmPerS === null)
			throw new InputFault(
				'residualMmPerS',
				'missing',
				'Shakes still is missing. Read it off the machine when it has finished.'
			);
		if (v.sensitivityMmPerSPerGmm === null)
			throw new InputFault(
				'sensitivityMmPerSPerGmm',
				'missing',
				'What a gram millimetre does here is missing. One run with a trial weight tells it.'
			);
		return [toleranceFor(facts, v.residualMmPerS / v.sensitivityMmPerSPerGmm)];
	}
});

export const staysStep = defineStep({
	station: 'balance',
	step: 'stays',
	title: 'It stays put everywhere',
	fields: [],
	compute: (facts) => {
		const f = frictionGmm(facts);
		return [toleranceFor(facts, f), learnt(facts, { stays: true, sigmaMomentGmm: f }, false)];
	}
});
