import { from0, text, um, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { release } from '../../../prove/release.js';
import { diagnoseFinish } from '../../../spec/diagnose-finish.js';
import { MEASURED_BY } from '../balance/measure.js';
import { Evidence } from '../../evidence.js';
import { type SetupFacts, limitRpm } from '../../facts.js';
import { lastRunout, runoutLimitUm } from '../true/steps.js';
import { compute, defineStep, wheelOf } from '../../step.js';

/** What the release sheet already knows from the records. */
export function provenSoFar(facts: SetupFacts): Record<string, unknown> {
	const e = new Evidence(facts);
	const balance = e.latestOf('balance', MEASURED_BY, 'balance.tolerance');
	const speed = e.latest('run-in', 'speed');
	const done = e.latest('dress', 'done');
	const outcome = e.latest('run-in', 'outcome');
	return {
		runInDone: outcome ? outcome.output.mayContinue === true : null,
		speedRpm: e.number(speed, 'limitRpm') === null ? null : (speed!.input.measuredRpm as number),
		maxRpm: limitRpm(wheelOf(facts)),
		balanceResidualGmm: e.number(balance, 'ratio') === null ? null : (balance!.input.unbalanceGmm as number),
		balanceLimitGmm: e.number(balance, 'permissibleGmm'),
		runOutUm: lastRunout(facts),
		runOutLimitUm: runoutLimitUm(facts),
		dressSoundEven: done ? done.entered.soundEven === true : null
	};
}

const seen = <const N extends string>(name: N, label: string) =>
	yesNo(name, 'On the trial cut', { required: true, label });

/** The dress that stands on this wheel, as the diagnosis takes it. @throws InputFault */
export function dressInUse(facts: SetupFacts): {
	targetRaUm: number;
	gritNumber: number;
	dressDepthUm: number;
	leadUm: number;
	tipRadiusUm: number | null;
	flatWidthUm: number;
} {
	const point = new Evidence(facts).latest('dress', 'settings', 'dress.single-point');
	const w = wheelOf(facts);
	if (!point)
		throw new InputFault('dress', 'missing', 'No dress is booked for this wheel yet. Set the dress first.');
	if (w.gritNumber === null)
		throw new InputFault(
			'gritNumber',
			'missing',
			`The grit of wheel ${w.number} is not known. Enter it at the bench by hand.`
		);
	return {
		targetRaUm: facts.targetRaUm,
		gritNumber: w.gritNumber,
		dressDepthUm: Number(point.input.depthUm),
		leadUm: Number(point.output.leadUm),
		tipRadiusUm: (point.input.tipRadiusUm as number | null) ?? null,
		flatWidthUm: Number(point.input.flatWidthUm ?? 0)
	};
}

/** Wrong grit or wrong dress, kept with what was seen on the trial cut. */
export const diagnoseStep = defineStep({
	station: 'prove',
	step: 'diagnose',
	title: 'Wrong grit or wrong dress?',
	fields: [
		um('raUm', 'Measured', { ...from0(1000), label: 'Ra of the trial cut' }),
		yesNo('burnSeen', 'On the trial cut'),
		yesNo('chatterSeen', 'On the trial cut')
	],
	compute: (facts) => [compute(facts, diagnoseFinish, dressInUse(facts))]
});

export const releaseStep = defineStep({
	station: 'prove',
	step: 'release',
	title: 'Trial cut and release',
	fields: [
		um('raUm', 'Measured', { ...from0(1000), label: 'Ra of the trial cut' }),
		seen('burnSeen', 'Burn'),
		seen('chatterSeen', 'Chatter'),
		seen('crackSeen', 'Crack on the wheel'),
		{ ...seen('guardClosed', 'Guard closed'), about: 'And latched' },
		yesNo('soundNormal', 'While cutting', { required: true, label: 'Sounded normal' }),
		text('overrideReason', 'To release with a caution, 10 characters or more', {
			maxLength: 500,
			label: 'Reason'
		})
	],
	compute(facts, v) {
		return [
			compute(facts, release, {
				checks: {
					...provenSoFar(facts),
					crackSeen: v.crackSeen,
					guardClosed: v.guardClosed,
					raUm: v.raUm,
					raTargetUm: facts.targetRaUm,
					burnSeen: v.burnSeen,
					chatterSeen: v.chatterSeen,
					soundNormal: v.soundNormal,
					formAsked: false
				},
				leftOut: [
					...(facts.stations.includes('balance') ? [] : ['balanceResidualGmm']),
					...(facts.stations.includes('true') ? [] : ['runOutUm']),
					...(facts.stations.includes('dress') ? [] : ['dressSoundEven'])
				],
				overrideReason: v.overrideReason
			})
		];
	},
	quarantines: ['crack-seen']
});
