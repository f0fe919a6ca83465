import { choice, from0, um, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { limitOf } from '../../../calculation/limits.js';
import { faceRunout } from '../../../true/face-runout.js';
import { oddReading } from '../../../true/odd-reading.js';
import { pencilTouch } from '../../../true/pencil-touch.js';
import { truePlan } from '../../../true/plan.js';
import { preBalanceRule } from '../../../true/pre-balance-rule.js';
import { reclock } from '../../../true/reclock.js';
import { runout } from '../../../true/runout.js';
import { Evidence } from '../../evidence.js';
import { fitCheck } from '../../../mount/fit-check.js';
import type { RecordFacts, SetupFacts, StationId } from '../../facts.js';
import {
	alone,
	DIAMETER_AFTER,
	checkDiameter,
	compute,
	defineStep,
	massNowKg,
	pick,
	wheelOf,
	type Step
} from '../../step.js';

/** What the rim may run out by in this shop. */
export const runoutLimitUm = (facts: Pick<SetupFacts, 'guidelines'>): number =>
	limitOf(facts.guidelines.limits, runout, 'limitTirUm');
/** How readings were taken once round; a dial may count the other way, and a reading that stands out is asked about. */
const READ = [
	...pick(runout.fields, 'readingsUm', 'wheelTurned', 'startAngleDeg'),
	choice('dialCounts', 'When the wheel comes towards it', ['up', 'down'], {
		default: 'up',
		label: 'Dial counts'
	}),
	yesNo('oddKept', 'Read again and found so', { default: false, label: 'The odd reading is right' })
] as const;
interface Read {
	readingsUm: number[];
	wheelTurned: 'counter-clockwise' | 'clockwise';
	startAngleDeg: number;
	dialCounts: 'up' | 'down';
	oddKept: boolean;
}

/** Face angles of readings taken in equal steps. */
export const anglesOf = (v: Pick<Read, 'wheelTurned' | 'startAngleDeg'>, n: number): number[] =>
	Array.from(
		{ length: n },
		(_, k) => v.startAngleDeg + ((v.wheelTurned === 'clockwise' ? -1 : 1) * k * 360) / n
	);
/** The readings with + for what stands out. @throws InputFault when one of them stands out and nobody has said that it is right */
function taken(v: Read): { readingsUm: number[]; wheelTurned: Read['wheelTurned']; startAngleDeg: number } {
	const odd = v.oddKept ? null : oddReading(v.readingsUm, anglesOf(v, v.readingsUm.length));
	if (odd)
		throw new InputFault(
			`readingsUm.${odd.index}`,
			'odd-reading',
			`Reading ${odd.index + 1} is ${odd.readUm} µm; the others say about ${odd.expectedUm.toFixed(0)}. Read it again, or say that it is right.`
		);
	return {
		readingsUm: v.dialCounts === 'down' ? v.readingsUm.map((r) => -r) : v.readingsUm,
		wheelTurned: v.wheelTurned,
		startAngleDeg: v.startAngleDeg
	};
}

export const runoutStep = defineStep({
	station: 'true',
	step: 'runout',
	title: 'Read the rim',
	fields: READ,
	// The rule about balancing first stands beside the readings.
	compute: (facts, v) => ({ main: compute(facts, runout, taken(v)), beside: [preBalance(facts)] })
});

export const pencilStep = defineStep({
	station: 'true',
	step: 'pencil',
	title: 'Pencil line',
	fields: pick(pencilTouch.fields, 'fromAngleDeg', 'toAngleDeg', 'advanceUm'),
	compute: (facts, v) => alone(compute(facts, pencilTouch, { ...v, limitTirUm: runoutLimitUm(facts) }))
});

export const faceStep = defineStep({
	station: 'true',
	step: 'face',
	title: 'Wobble of the face',
	fields: [
		...READ,
		...pick(faceRunout.fields, 'readFace', 'measuringRadiusMm', 'flangeContactDiameterMm')
	] as const,
	compute: (facts, v) =>
		alone(
			compute(facts, faceRunout, {
				...taken(v),
				readFace: v.readFace,
				measuringRadiusMm: v.measuringRadiusMm,
				flangeContactDiameterMm: v.flangeContactDiameterMm
			})
		)
});

/** Steps that tell how far the rim runs out. */
export const readAt = ['runout', 'after', 'pencil'] as const;
/** What every way of reading the rim tells. */
interface RimRead {
	tirUm: number;
	eccentricityUm: number;
	highSpotAngleDeg: number;
}
/** Where the rim was read last on this mount, with an indicator or by a pencil line. */
export function lastRead(facts: SetupFacts): RecordFacts<RimRead> | null {
	const evidence = Evidence.of(facts);
	const dial: RecordFacts<RimRead> | null = evidence.of(runout, 'true', readAt);
	const pencil: RecordFacts<RimRead> | null = evidence.of(pencilTouch, 'true', readAt);
	return dial && pencil ? (dial.id > pencil.id ? dial : pencil) : (dial ?? pencil);
}
/** The last run-out read on this mount. */
export const lastRunout = (facts: SetupFacts): number | null => lastRead(facts)?.output.tirUm ?? null;

/** Pushed within its play, from the last readings. */
export const seatStep = defineStep({
	station: 'true',
	step: 'seat',
	title: 'Move it on its seat',
	fields: pick(
		reclock.fields,
		'boreClearanceUm',
		'seatAngleDeg',
		'seatOffsetUm',
		'hubEccentricityUm',
		'hubHighSpotAngleDeg'
	),
	compute(facts, v) {
		const read = lastRead(facts);
		if (!read)
			throw new InputFault(
				'boreClearanceUm',
				'inconsistent',
				'Read the rim first; the push follows from it.'
			);
		return alone(
			compute(facts, reclock, {
				...v,
				eccentricityUm: read.output.eccentricityUm,
				highSpotAngleDeg: read.output.highSpotAngleDeg,
				massKg: massNowKg(wheelOf(facts))
			})
		);
	}
});
/** The clearance found when the bore was tried on its seat. */
export const clearanceOf = (facts: SetupFacts): number | null =>
	Evidence.of(facts).of(fitCheck, 'mount', ['fit'])?.output.clearanceUm ?? null;

/** Whether this wheel is balanced before its first run, by its size and the order of this route. */
export function preBalance(facts: SetupFacts) {
	const w = wheelOf(facts);
	const at = (s: StationId) => facts.stations.indexOf(s);
	const school =
		at('balance') < 0
			? 'neutral-first'
			: at('balance') < at('true')
				? 'stand-first'
				: at('balance') > at('dress')
					? 'in-machine'
					: 'toolroom';
	return compute(facts, preBalanceRule, {
		wheelDiameterMm: w.diameterMm,
		wheelWidthMm: w.widthMm,
		school,
		hasBalanceWeights: (facts.mount?.weightCount ?? 0) > 0
	});
}
export const truePlanStep = defineStep({
	station: 'true',
	step: 'plan',
	title: 'Truing plan',
	fields: [
		...pick(
			truePlan.fields,
			'roughInfeedUm',
			'finishInfeedUm',
			'finishStockUm',
			'sparkOutPasses',
			'leadUm',
			'allowanceUm'
		),
		um('runoutTirUm', 'From the readings when left empty', { ...from0(10000), label: 'Run-out' })
	] as const,
	compute(facts, v) {
		const w = wheelOf(facts);
		return alone(
			compute(facts, truePlan, {
				...v,
				runoutTirUm: lastRunout(facts) ?? v.runoutTirUm,
				wheelDiameterMm: w.diameterMm,
				wheelWidthMm: w.widthMm,
				speedRpm: facts.machine.spindleRpm,
				minDiameterMm: w.minDiameterMm,
				ratedSpeedMps: w.ratedMps,
				dustControl: facts.machine.wet ? 'coolant' : 'extraction'
			})
		);
	}
});

export const truedStep = defineStep({
	station: 'true',
	step: 'after',
	title: 'Trued',
	fields: [
		...READ,
		DIAMETER_AFTER,
		yesNo('spunDry', 'Coolant off, then run on until dry', { required: true, label: 'Spun dry' }),
		whole('passesDone', 'As counted', { ...from0(1000), label: 'Passes made' }),
		um('takenUm', 'On the radius, by the dial of the feed', { ...from0(10000), label: 'Really taken off' })
	] as const,
	compute(facts, v) {
		checkDiameter(facts, v.diameterAfterMm);
		return alone(compute(facts, runout, taken(v)));
	},
	event: (_facts, v) => ({
		kind: 'trued',
		diameterAfterMm: v.diameterAfterMm,
		note:
			v.takenUm === null
				? null
				: `${v.takenUm} um off the radius${v.passesDone === null ? '' : ` in ${v.passesDone} passes`}`
	})
});

/** Everything that can be recorded at True. */
export const trueSteps: readonly Step[] = [
	runoutStep,
	pencilStep,
	faceStep,
	seatStep,
	truePlanStep,
	truedStep
];
