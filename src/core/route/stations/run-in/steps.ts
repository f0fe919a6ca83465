import { InputFault } from '../../../calculation/fault.js';
import { runInOutcome } from '../../../run-in/outcome.js';
import { runInPlan } from '../../../run-in/plan.js';
import { speedCheck } from '../../../run-in/speed-check.js';
import { speedStatement } from '../../../spec/speed-statement.js';
import { Evidence, partOf } from '../../evidence.js';
import { wayOfMounting } from '../mount/ways.js';
import { type SetupFacts, type StationId, limitRpm } from '../../facts.js';
import { alone, compute, defineStep, massNowKg, pick, wheelOf, type Step } from '../../step.js';

export const speedStep = defineStep({
	station: 'run-in',
	step: 'speed',
	title: 'Tachometer',
	fields: pick(speedCheck.fields, 'measuredRpm', 'stage'),
	compute(facts, v) {
		const w = wheelOf(facts);
		return alone(
			compute(facts, speedCheck, {
				ratedRpm: w.ratedRpm,
				ratedSpeedMps: w.ratedMps,
				originalDiameterMm: w.newDiameterMm,
				currentDiameterMm: Math.min(w.diameterMm, w.newDiameterMm),
				commandedRpm: facts.machine.spindleRpm,
				...v
			})
		);
	}
});

/** What somebody quoted for this wheel, checked and kept; it decides nothing by itself. */
export const quotedStep = defineStep({
	station: 'run-in',
	step: 'quoted',
	title: 'A quoted speed',
	fields: [
		{
			...pick(speedStatement.fields, 'diameterMm')[0],
			required: false,
			about: "Quoted; today's when left empty"
		},
		...pick(speedStatement.fields, 'statedRpm', 'statedSpeedMps', 'statedSpeedSfpm')
	] as const,
	compute: (facts, v) =>
		alone(
			compute(facts, speedStatement, {
				...v,
				diameterMm: v.diameterMm ?? wheelOf(facts).diameterMm,
				ratedSpeedMps: wheelOf(facts).ratedMps
			})
		)
});

/** Everything that had to be shown before the first start. An accepted caution counts as shown. */
export function prerequisites(facts: SetupFacts): { id: string; verdict: string }[] {
	const evidence = Evidence.of(facts);
	const needed: readonly (readonly [StationId, string])[] = [
		['inspect', 'look'],
		['inspect', 'ring'],
		...wayOfMounting(facts).shownBeforeStart.map((step) => ['mount', step] as const),
		['mount', 'thread'],
		['mount', 'tighten'],
		['run-in', 'speed']
	];
	return needed.map(([station, step]) => {
		const r = evidence.named(station, step);
		return {
			id: `${station}.${step}`,
			verdict: !r ? 'missing' : r.verdict === 'caution' && r.overrideReason ? 'ok' : r.verdict
		};
	});
}

export const startStep = defineStep({
	station: 'run-in',
	step: 'start',
	title: 'First start',
	fields: pick(runInPlan.fields, 'guardClosed', 'peopleClear', 'firstRun'),
	compute(facts, v) {
		const w = wheelOf(facts);
		const limit = limitRpm(w);
		if (limit === null)
			throw new InputFault('ratedRpm', 'missing', 'This wheel has no marked speed. It must not run.');
		return alone(
			compute(facts, runInPlan, {
				runRpm: facts.machine.spindleRpm,
				ratedRpm: limit,
				diameterMm: w.diameterMm,
				boreMm: w.boreMm,
				massKg: massNowKg(w),
				motorTorqueNm: facts.machine.motorTorqueNm,
				coolantUsed: facts.machine.wet,
				prerequisites: prerequisites(facts),
				...v
			})
		);
	}
});

/** Seconds since the start that still counts; the server's clock, so it survives a reload. */
export function runningSince(facts: SetupFacts): { atMs: number; requiredS: number } | null {
	const start = Evidence.of(facts).step(startStep);
	const plan = partOf(start, runInPlan);
	return start && plan && start.verdict !== 'stop'
		? { atMs: start.atMs, requiredS: plan.output.freeRunS }
		: null;
}

export const outcomeStep = defineStep({
	station: 'run-in',
	step: 'outcome',
	title: 'After the free run',
	fields: pick(runInOutcome.fields, 'heard', 'smokeOrSmell', 'vibrationMmPerS'),
	compute(facts, v) {
		const since = runningSince(facts);
		if (!since)
			throw new InputFault(
				'start',
				'missing',
				'The start was not recorded. Record it when the wheel starts; the clock runs from there.'
			);
		return alone(
			compute(facts, runInOutcome, {
				requiredFreeRunS: since.requiredS,
				actualFreeRunS: Math.min(360000, Math.max(0, (facts.nowMs - since.atMs) / 1000)),
				...v
			})
		);
	},
	quarantines: ['abnormal-sound', 'smoke-or-smell', 'vibration']
});

/** Everything that can be recorded at Run in. */
export const runInSteps: readonly Step[] = [quotedStep, speedStep, startStep, outcomeStep];
