import { choice, from0, seconds, yesNo } from '../../../calculation/field/index.js';
import type { OutputOf } from '../../../calculation/define.js';
import { InputFault } from '../../../calculation/fault.js';
import { mountLifting } from '../../../mount/lifting.js';
import { runInOutcome } from '../../../run-in/outcome.js';
import { runInPlan } from '../../../run-in/plan.js';
import type { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type Computed, single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { massNowKg, wheelOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { mayTurnRpm } from '../mount/turning.js';
import { rollingMassKg } from './tolerance.js';

/** Held at arm's length, into the guard or over the stand. */
const REACH_MM = 400,
	HEIGHT_MM = 1000;
const LIFTED = [
	choice('lifted', 'The whole assembly', ['hand', 'two-person', 'hoist'], {
		required: true,
		label: 'Lifted by'
	}),
	...pick(mountLifting.fields, 'hoistCapacityKg')
] as const;

/** Wheel and mount as they are lifted together, by whom or by what. */
const lifting = (
	facts: SetupFacts,
	v: { lifted: string; hoistCapacityKg: number | null }
): Computed<ReturnType<typeof mountLifting.run>> =>
	compute(facts, mountLifting, {
		massKg: rollingMassKg(facts),
		method: v.lifted,
		hoistCapacityKg: v.hoistCapacityKg,
		reachMm: REACH_MM,
		handHeightMm: HEIGHT_MM,
		grip: 'fair'
	});

/** What has to be done before it can be said. @throws InputFault on the field; missing while nothing is said yet */
function mustBe(field: string, said: boolean, says: string): void {
	if (said !== true) throw new InputFault(field, said === false ? 'inconsistent' : 'missing', says);
}

export const offStep = defineStep({
	station: 'balance',
	step: 'off',
	title: 'Onto the stand',
	fields: [
		yesNo('isolated', 'Power locked off, waited until it stood', {
			required: true,
			label: 'Spindle stands and is locked out'
		}),
		...LIFTED,
		yesNo('arborClean', 'Of the flange and of the balancing arbor', {
			required: true,
			label: 'Tapers wiped, free of burrs'
		})
	],
	compute(facts, values) {
		mustBe('isolated', values.isolated, 'Wait until it stands and lock the power off, then say so.');
		mustBe(
			'arborClean',
			values.arborClean,
			'Wipe both tapers and stone off burrs, then say so: grit tilts it.'
		);
		return single(lifting(facts, values));
	},
	notAgainstStop: true
});

export const backStep = defineStep({
	station: 'balance',
	step: 'back',
	title: 'Back on the spindle',
	fields: [
		yesNo('isolated', 'Before hands go in', { required: true, label: 'Spindle stands and is locked out' }),
		yesNo('tapersClean', 'Of the spindle and of the flange', {
			required: true,
			label: 'Tapers wiped, free of burrs'
		}),
		...LIFTED,
		yesNo('tightened', "As the machine's instructions say", {
			required: true,
			label: 'Drawn tight, tools out'
		})
	],
	compute(facts, values) {
		mustBe('isolated', values.isolated, 'Lock the power off before hands go in, then say so.');
		mustBe('tapersClean', values.tapersClean, 'Wipe both tapers and stone off burrs, then say so.');
		mustBe('tightened', values.tightened, 'Draw it tight and take the tools out, then say so.');
		return single(lifting(facts, values));
	},
	notAgainstStop: true
});

/** How it is brought up again, and how long it runs empty: not its first run on this mount. */
export function restartPlan(
	facts: SetupFacts,
	v: { guardClosed: boolean; peopleClear: boolean }
): Computed<OutputOf<typeof runInPlan>> {
	const wheel = wheelOf(facts);
	return compute(facts, runInPlan, {
		runRpm: facts.machine.spindleRpm,
		ratedRpm: mayTurnRpm(facts),
		diameterMm: wheel.diameterMm,
		boreMm: wheel.boreMm,
		massKg: massNowKg(wheel),
		motorTorqueNm: facts.machine.motorTorqueNm,
		firstRun: false,
		...v
	});
}

export const restartStep = defineStep({
	station: 'balance',
	step: 'restart',
	title: 'Guarded start',
	turnsSpindle: true,
	online: 'whether this machine may start now is known there',
	fields: [
		...pick(runInPlan.fields, 'guardClosed', 'peopleClear'),
		...pick(runInOutcome.fields, 'heard'),
		seconds('ranS', 'By a watch', { ...from0(36000), required: true, label: 'Ran empty for' })
	] as const,
	compute(facts, { heard, ranS, ...v }) {
		const plan = restartPlan(facts, v);
		const asked = { requiredFreeRunS: plan.output.freeRunS, actualFreeRunS: ranS, heard };
		return { main: compute(facts, runInOutcome, asked), secondary: [plan] };
	},
	quarantines: ['abnormal-sound']
});

/** Where the assembly is: on the stand since it was booked there, else on the spindle. */
export function standsWhere(evidence: Evidence): 'stand' | 'spindle' {
	const [off, back] = [evidence.step(offStep), evidence.step(backStep)];
	return off && (!back || off.id > back.id) ? 'stand' : 'spindle';
}

/** It was started guarded since it went back on the spindle; asked where it had run before, for else Run in follows. */
export const restartAsked = (f: Pick<SetupFacts, 'stations'>): boolean =>
	f.stations.includes('run-in') && f.stations.indexOf('run-in') < f.stations.indexOf('balance');
