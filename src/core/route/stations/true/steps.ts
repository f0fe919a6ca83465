import { cureRunOut, noteRunOut } from '../../sums.js';
import { AFTER_TRUE } from '../after.js';
import { handwheelStepUm } from '../dress/run.js';
import { from0, um, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { faceRunout } from '../../../true/face-runout.js';
import { pencilTouch } from '../../../true/pencil-touch.js';
import { truePlan } from '../../../true/plan.js';
import { reclock } from '../../../true/reclock.js';
import { runout } from '../../../true/runout.js';
import { single } from '../../result.js';
import { DIAMETER_AFTER, checkDiameter, massNowKg, wheelOf } from '../../wheel-size.js';
import { compute } from '../../compute-step.js';
import { defineStep, type LedgerEvent, type Step } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { READ, taken, preBalance, runoutLimitUm, lastRead } from './readings.js';
import { truingTool } from './tool.js';
import { lastRunout } from './known-runout.js';

export const runoutStep = defineStep({
	station: 'true',
	step: 'runout',
	title: 'Read the rim',
	sumsInto: noteRunOut,
	fields: READ,
	// The rule about balancing first stands beside the readings.
	compute: (facts, values) => ({
		main: compute(facts, runout, taken(values)),
		secondary: [preBalance(facts)]
	})
});

/** Where the pencil touched. */
const LINE = pick(pencilTouch.fields, 'fromAngleDeg', 'toAngleDeg', 'advanceUm');

export const pencilStep = defineStep({
	station: 'true',
	step: 'pencil',
	title: 'Pencil line',
	sumsInto: noteRunOut,
	fields: LINE,
	compute: (facts, values) =>
		single(compute(facts, pencilTouch, { ...values, limitTirUm: runoutLimitUm(facts) }))
});

export const faceStep = defineStep({
	station: 'true',
	step: 'face',
	title: 'Wobble of the face',
	fields: [
		...READ,
		...pick(faceRunout.fields, 'readFace', 'measuringRadiusMm', 'flangeContactDiameterMm')
	] as const,
	compute: (facts, values) =>
		single(
			compute(facts, faceRunout, {
				...taken(values),
				readFace: values.readFace,
				measuringRadiusMm: values.measuringRadiusMm,
				flangeContactDiameterMm: values.flangeContactDiameterMm
			})
		)
});

/** Pushed within its play, from the last readings. */
export const seatStep = defineStep({
	station: 'true',
	step: 'seat',
	title: 'Move it on its seat',
	sumsInto: cureRunOut,
	fields: pick(
		reclock.fields,
		'boreClearanceUm',
		'seatAngleDeg',
		'seatOffsetUm',
		'hubEccentricityUm',
		'hubHighSpotAngleDeg'
	),
	compute(facts, values) {
		const read = lastRead(facts);
		if (!read)
			throw new InputFault(
				'boreClearanceUm',
				'inconsistent',
				'Read the rim first; the push follows from it.'
			);
		return single(
			compute(facts, reclock, {
				...values,
				eccentricityUm: read.output.eccentricityUm,
				highSpotAngleDeg: read.output.highSpotAngleDeg,
				massKg: massNowKg(wheelOf(facts))
			})
		);
	}
});

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
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const tool = truingTool(facts);
		return single(
			compute(facts, truePlan, {
				...values,
				runoutTirUm: lastRunout(facts) ?? values.runoutTirUm,
				wheelDiameterMm: wheel.diameterMm,
				wheelWidthMm: wheel.widthMm,
				speedRpm: facts.machine.spindleRpm,
				minDiameterMm: wheel.minDiameterMm,
				ratedSpeedMps: wheel.ratedMps,
				abrasive: tool.abrasive,
				truedWith: tool.truedWith,
				infeedStepUm: handwheelStepUm(facts.machine),
				dustControl: facts.machine.wet ? 'coolant' : 'extraction'
			})
		);
	}
});

/** What is measured of the wheel once it was trued, however its run-out is read. */
const CUT_AWAY = [
	DIAMETER_AFTER,
	yesNo('spunDry', 'Coolant off, then run on until dry', { required: true, label: 'Spun dry' }),
	whole('passesDone', 'As counted', { ...from0(1000), label: 'Passes made' }),
	um('takenUm', 'On the radius, by the dial of the feed', { ...from0(10000), label: 'Really taken off' })
] as const;

/** The line in the wheel's ledger. */
function cutAway(v: {
	diameterAfterMm: number;
	takenUm: number | null;
	passesDone: number | null;
}): LedgerEvent {
	const passes = v.passesDone === null ? '' : ` in ${v.passesDone} passes`;
	return {
		kind: 'trued',
		diameterAfterMm: v.diameterAfterMm,
		note: v.takenUm === null ? null : `${v.takenUm} µm off the radius${passes}`
	};
}

export const truedStep = defineStep({
	station: 'true',
	step: 'after',
	title: 'Trued',
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [...READ, ...CUT_AWAY] as const,
	compute(facts, values) {
		checkDiameter(facts, values.diameterAfterMm);
		return single(compute(facts, runout, taken(values)));
	},
	event: (_facts, values) => cutAway(values)
});

/** The same where the shop has no indicator: the line is struck again. */
export const penciledStep = defineStep({
	station: 'true',
	step: 'after-pencil',
	title: 'Trued, by a pencil line',
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [...LINE, ...CUT_AWAY] as const,
	compute(facts, { fromAngleDeg, toAngleDeg, advanceUm, diameterAfterMm }) {
		checkDiameter(facts, diameterAfterMm);
		return single(
			compute(facts, pencilTouch, { fromAngleDeg, toAngleDeg, advanceUm, limitTirUm: runoutLimitUm(facts) })
		);
	},
	event: (_facts, values) => cutAway(values)
});

/** Everything that can be recorded at True. */
export const trueSteps: readonly Step[] = [
	runoutStep,
	pencilStep,
	faceStep,
	seatStep,
	truePlanStep,
	truedStep,
	penciledStep
];
