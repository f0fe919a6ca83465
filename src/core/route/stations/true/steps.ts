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
import type { SetupFacts } from '../../facts.js';
import { DIAMETER_AFTER, checkDiameter, compute, defineStep, massNowKg, pick, wheelOf } from '../../step.js';

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
	// The rule about balancing first stands beside the readings; the newest record of this step stays the run-out.
	compute: (facts, v) => [preBalance(facts), compute(facts, runout, taken(v))]
});

export const pencilStep = defineStep({
	station: 'true',
	step: 'pencil',
	title: 'Pencil line',
	fields: pick(pencilTouch.fields, 'fromAngleDeg', 'toAngleDeg', 'advanceUm'),
	compute: (facts, v) => [compute(facts, pencilTouch, { ...v, limitTirUm: runoutLimitUm(facts) })]
});

export const faceStep = defineStep({
	station: 'true',
	step: 'face',
	title: 'Wobble of the face',
	fields: [
		...READ,
		...pick(faceRunout.fields, 'readFace', 'measuringRadiusMm', 'flangeContactDiameterMm')
	] as const,
	compute: (facts, v) => [
		compute(facts, faceRunout, {
			...taken(v),
			readFace: v.readFace,
			measuringRadiusMm: v.measuringRadiusMm,
			flangeContactDiameterMm: v.flangeContactDiameterMm
		})
	]
});

/** Where the rim was read last on this mount. */
export const lastRead = (facts: SetupFacts) =>
	new Evidence(facts).latestOf('true', ['runout', 'after', 'pencil']);
/** The last run-out read on this mount. */
export function lastRunout(facts: SetupFacts): number | null {
	return new Evidence(facts).number(lastRead(facts), 'tirUm');
}

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
		return [
			compute(facts, reclock, {
				...v,
				eccentricityUm: read.output.eccentricityUm,
				highSpotAngleDeg: read.output.highSpotAngleDeg,
				massKg: massNowKg(wheelOf(facts))
			})
		];
	}
});
/** The clearance found when the bore was tried on its seat. */
export const clearanceOf = (facts: SetupFacts): number | null =>
	new Evidence(facts).number(new Evidence(facts).latest('mount', 'fit'), 'clearanceUm');

/** Whether this wheel is balanced before its first run, by its size and the order of this route. */
export function preBalance(facts: SetupFacts) {
	const w = wheelOf(facts);
	const at = (s: string) => facts.stations.indexOf(s as never);
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
		return [
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
		];
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
		return [compute(facts, runout, taken(v))];
	},
	event: (facts, v) => ({
		kind: 'trued',
		diameterAfterMm: v.diameterAfterMm,
		note:
			v.takenUm === null
				? null
				: `${v.takenUm} um off the radius${v.passesDone === null ? '' : ` in ${v.passesDone} passes`}`
	})
});
