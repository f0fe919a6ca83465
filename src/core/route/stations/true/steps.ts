import { foundBy, measuredWith } from '../../basis.js';
import { cureRunOut, noteRunOut } from '../../sums.js';
import { AFTER_TRUE } from '../after.js';
import { handwheelStepUm } from '../dress/run.js';
import { from0, um } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { faceRunout } from '../../../true/face-runout.js';
import { pencilTouch } from '../../../true/pencil-touch.js';
import { truePlan } from '../../../true/plan.js';
import { reclock } from '../../../true/reclock.js';
import { runout } from '../../../true/runout.js';
import { single } from '../../result.js';
import { massNowKg, wheelOf } from '../../wheel-size.js';
import { compute } from '../../compute-step.js';
import { defineStep, type Step } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { READ, taken, preBalance, runoutLimitUm, highSpotRead } from './readings.js';
import { truingTool } from './tool.js';
import { handStep, handTruedStep } from './by-hand.js';
import { CUT_AWAY, checkAfter, cutAway } from './cut-away.js';
import { lastRunout } from './known-runout.js';

export const runoutStep = defineStep({
	station: 'true',
	step: 'runout',
	title: 'Read the rim',
	basis: () => measuredWith('dial indicator'),
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
	basis: () => foundBy('pencil line'),
	sumsInto: noteRunOut,
	fields: LINE,
	compute: (facts, values) =>
		single(compute(facts, pencilTouch, { ...values, limitTirUm: runoutLimitUm(facts) }))
});

export const faceStep = defineStep({
	station: 'true',
	step: 'face',
	title: 'Wobble of the face',
	basis: () => measuredWith('dial indicator'),
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
		const read = highSpotRead(facts);
		if (!read)
			throw new InputFault(
				'boreClearanceUm',
				'inconsistent',
				'Read the rim first; the push follows from it.'
			);
		return single(
			compute(facts, reclock, {
				...values,
				eccentricityUm: read.eccentricityUm,
				highSpotAngleDeg: read.highSpotAngleDeg,
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

export const truedStep = defineStep({
	station: 'true',
	step: 'after',
	title: 'Trued',
	basis: () => measuredWith('dial indicator'),
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [...READ, ...CUT_AWAY] as const,
	compute(facts, values) {
		checkAfter(facts, values);
		return single(compute(facts, runout, taken(values)));
	},
	event: (_facts, values) => cutAway(values)
});

/** The same where the shop has no indicator: the line is struck again. */
export const penciledStep = defineStep({
	station: 'true',
	step: 'after-pencil',
	title: 'Trued, by a pencil line',
	basis: () => foundBy('pencil line'),
	sumsInto: cureRunOut,
	invalidates: AFTER_TRUE,
	fields: [...LINE, ...CUT_AWAY] as const,
	compute(facts, { fromAngleDeg, toAngleDeg, advanceUm, ...after }) {
		checkAfter(facts, after);
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
	penciledStep,
	handStep,
	handTruedStep
];
