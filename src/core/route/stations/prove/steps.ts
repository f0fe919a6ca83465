import { between, from0, over0, roughnessUm, text, um, yesNo } from '../../../calculation/field/index.js';
import { isReason } from '../../../calculation/reason.js';
import { InputFault } from '../../../calculation/fault.js';
import { compareStep } from './compare.js';
import { jetStep } from './jet.js';
import { sparkOutStep } from './spark-out.js';
import { creepStep, touchStep, trialStep } from './trial.js';
import { FINISH_FOUND_BY, finishAtMostUm } from './finish.js';
import { holdStep, workHeld } from './hold.js';
import { release } from '../../../prove/release.js';
import { diagnoseFinish } from '../../../spec/diagnose-finish.js';
import { MEASURED_BY } from '../balance/measured-by.js';
import { Evidence, partOf } from '../../evidence.js';
import type { Effect } from '../../effect.js';
import { tolerance } from '../../../balance/tolerance.js';
import { singlePoint } from '../../../dress/single-point.js';
import { runInOutcome } from '../../../run-in/outcome.js';
import { compareMeasured } from '../../../form/compare-measured.js';
import { couponStep } from '../form/coupon.js';
import { formOf, sinceForm } from '../form/made.js';
import { dressedStep } from '../dress/dressed.js';
import { settingsStep } from '../dress/methods/single-point.js';
import { outcomeStep } from '../run-in/outcome.js';
import { knownSpeed } from '../run-in/known-speed.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { turningLimit } from '../mount/turning.js';
import { runoutLimitUm } from '../true/readings.js';
import { lastRunout } from '../true/known-runout.js';
import type { Unit } from '../../../calculation/fields.js';
import { show } from '../../gate-text.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep, type Step } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';

/** What the release sheet already knows from the records. */
export interface Proven {
	runInDone: boolean | null;
	speedRpm: number | null;
	maxRpm: number | null;
	balanceResidualGmm: number | null;
	balanceLimitGmm: number | null;
	runOutUm: number | null;
	runOutLimitUm: number | null;
	dressSoundEven: boolean | null;
	formErrorUm: number | null;
	formToleranceUm: number | null;
	workHoldingConfirmed: boolean | null;
}
/** What the stations before have shown already, as the release sheet asks for it. */
export function provenSoFar(facts: SetupFacts): Proven {
	const evidence = Evidence.of(facts);
	const balance = evidence.of(tolerance, 'balance', MEASURED_BY);
	const judged = typeof balance?.output.ratio === 'number';
	const residual = judged ? balance.input.unbalanceGmm : null;
	const done = evidence.step(dressedStep);
	const outcome = partOf(evidence.step(outcomeStep), runInOutcome);
	const form = formOf(facts, evidence);
	const coupon = partOf(sinceForm(form, evidence.step(couponStep)), compareMeasured);
	return {
		runInDone: outcome ? outcome.output.mayContinue : null,
		speedRpm: knownSpeed(evidence)?.rpm ?? null,
		maxRpm: turningLimit(facts)?.rpm ?? null,
		balanceResidualGmm: typeof residual === 'number' ? residual : null,
		balanceLimitGmm: balance?.output.permissibleGmm ?? null,
		runOutUm: lastRunout(facts),
		runOutLimitUm: runoutLimitUm(facts),
		dressSoundEven: done ? done.entered.soundEven : null,
		formErrorUm: coupon?.output.maxAbsUm ?? null,
		formToleranceUm: form?.toleranceUm ?? null,
		workHoldingConfirmed: workHeld(evidence)
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
	const point = partOf(Evidence.of(facts).step(settingsStep), singlePoint);
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
		targetRaUm: facts.brief.targetRaUm,
		gritNumber: w.gritNumber,
		dressDepthUm: Number(point.input.depthUm),
		leadUm: point.output.leadUm,
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
		roughnessUm('raUm', 'Measured', { ...from0(1000), label: 'Ra of the trial cut' }),
		yesNo('burnSeen', 'On the trial cut'),
		yesNo('chatterSeen', 'On the trial cut')
	],
	compute: (facts, values) =>
		single(compute(facts, diagnoseFinish, { ...dressInUse(facts), measuredRaUm: values.raUm }))
});

/** What the wheel's book says of a release: balance, run-out and finish as they were shown. */
function releaseNote(facts: SetupFacts, raUm: number | null): string {
	const known = provenSoFar(facts);
	const q = show(facts);
	const of = (name: string, value: number | null, limit: number | null, unit: Unit): string[] =>
		value === null ? [] : [`${name} ${q(value, unit)}${limit === null ? '' : ` of ${q(limit, unit)}`}`];
	return [
		...of('balance', known.balanceResidualGmm, known.balanceLimitGmm, 'gmm'),
		...of('run-out', known.runOutUm, known.runOutLimitUm, 'um'),
		...of('Ra', raUm, facts.brief.targetRaUm, 'um-Ra')
	].join(', ');
}

/** Nothing was balanced on this route: the finish stands for it. */
export const judgedByFinish = (facts: Pick<SetupFacts, 'stations'>): boolean =>
	facts.stations.includes('true') && !facts.stations.includes('balance');
/** Asked where the drawing asks it: the reading and its limit, typed side by side. */
const ALSO_ASKED = [
	um('sizeErrorUm', 'Plus is large', { ...between(-1e5, 1e5), label: 'Size off by', advanced: true }),
	um('sizeToleranceUm', 'Plus and minus', { ...over0(1e5), label: 'Size, tolerance', advanced: true }),
	um('flatnessUm', 'Measured', { ...from0(1e5), label: 'Flat within', advanced: true }),
	um('flatnessLimitUm', 'Asked', { ...over0(1e5), label: 'Flatness, limit', advanced: true }),
	um('taperUm', 'Over the length', { ...between(-1e5, 1e5), label: 'Taper', advanced: true }),
	um('taperLimitUm', 'Asked', { ...over0(1e5), label: 'Taper, limit', advanced: true })
] as const;
const MEASURE_THE_FINISH =
	'Ra of the trial cut is missing. On this route nothing is balanced; the finish says whether that is enough, so it is measured or compared.';

export const releaseStep = defineStep({
	station: 'prove',
	step: 'release',
	title: 'Trial cut and release',
	fields: [
		roughnessUm('raUm', 'Measured or compared', { ...from0(1000), label: 'Ra of the trial cut' }),
		FINISH_FOUND_BY,
		seen('burnSeen', 'Burn'),
		seen('chatterSeen', 'Chatter'),
		seen('crackSeen', 'Crack on the wheel'),
		{ ...seen('guardClosed', 'Guard closed'), about: 'And latched' },
		yesNo('soundNormal', 'While cutting', { required: true, label: 'Sounded normal' }),
		...ALSO_ASKED,
		text('overrideReason', 'To release with a caution, 10 letters or more', {
			maxLength: 500,
			label: 'Reason'
		})
	],
	compute(facts, values) {
		if (values.raUm === null && judgedByFinish(facts))
			throw new InputFault('raUm', 'missing', MEASURE_THE_FINISH);
		return single(
			compute(facts, release, {
				checks: {
					...provenSoFar(facts),
					crackSeen: values.crackSeen,
					guardClosed: values.guardClosed,
					raUm: finishAtMostUm(values),
					raTargetUm: facts.brief.targetRaUm,
					burnSeen: values.burnSeen,
					chatterSeen: values.chatterSeen,
					soundNormal: values.soundNormal,
					...Object.fromEntries(ALSO_ASKED.map((a) => [a.name, values[a.name]])),
					formAsked: facts.stations.includes('form')
				},
				leftOut: [
					...(facts.stations.includes('balance') ? [] : ['balanceResidualGmm']),
					...(facts.stations.includes('true') ? [] : ['runOutUm']),
					...(facts.stations.includes('dress') ? [] : ['dressSoundEven'])
				],
				// Too few letters are none: it goes on waiting for one.
				overrideReason: isReason(values.overrideReason) ? values.overrideReason : null
			})
		);
	},
	effectsUnlessStopped: (facts, values, result): Effect[] =>
		result.main.output.released === 'no'
			? []
			: [
					{ kind: 'state', state: 'released' },
					{
						kind: 'ledger',
						wheelId: wheelOf(facts).id,
						event: 'released',
						diameterAfterMm: null,
						note: releaseNote(facts, finishAtMostUm(values))
					}
				],
	quarantines: ['crack-seen']
});

/** Everything that can be recorded at Prove. */
export const proveSteps: readonly Step[] = [
	holdStep,
	touchStep,
	trialStep,
	sparkOutStep,
	creepStep,
	compareStep,
	jetStep,
	diagnoseStep,
	releaseStep
];
