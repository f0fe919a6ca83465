import { InputFault } from '../../../calculation/fault.js';
import { between, choice, from0, whole, yesNo } from '../../../calculation/field/index.js';
import { holdSpeed } from '../../../keep/hold-speed.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import type { Effect } from '../../effect.js';
import type { SetupFacts, WheelFacts } from '../../facts.js';
import { withCompanions } from '../mount/companions.js';
import { giveUpStep } from './give-up.js';
import { keepTroubleStep } from './trouble.js';
import { intervalStep } from './interval.js';
import {
	alone,
	DIAMETER_AFTER,
	checkDiameter,
	compute,
	defineStep,
	pick,
	wheelOf,
	type Step
} from '../../step.js';

/** The marked surface speed, or what the marked rpm amounts to on the new wheel. */
export function ratedMpsOf(facts: SetupFacts): number {
	const w = wheelOf(facts);
	return w.ratedMps ?? surfaceSpeedMps(w.newDiameterMm, w.ratedRpm ?? 0);
}

/** So much of what was left goes in no ordinary step of work (guideline). */
const MUCH = 0.25;
/** A figure that is probably a slip of the hand is asked about before it is booked. @throws InputFault `really` */
function askedTwice(w: WheelFacts, diameterMm: number): void {
	const left = w.diameterMm - w.minDiameterMm;
	const says =
		diameterMm < w.minDiameterMm
			? `It is below the scrap diameter, ${w.minDiameterMm} mm`
			: w.diameterMm - diameterMm > Math.max(1, MUCH * left)
				? `That is ${(w.diameterMm - diameterMm).toFixed(1)} mm less than the last entry, ${w.diameterMm} mm`
				: null;
	if (says)
		throw new InputFault(
			'diameterAfterMm',
			'really',
			`Really ${diameterMm} mm? ${says}. Measure again; if it is so, say that it is right.`
		);
}

export const keepStep = defineStep({
	station: 'keep',
	step: 'entry',
	title: 'Book it',
	fields: [
		choice('what', 'Since the last entry', ['ground-on', 'redressed', 'taken-off'], {
			required: true,
			label: 'What happened'
		}),
		DIAMETER_AFTER,
		whole('partsGround', 'Since the last entry', {
			...from0(10000000),
			required: true,
			label: 'Parts ground'
		}),
		whole('redressAfterParts', 'Parts', { ...between(1, 1000000), label: 'Redress after' }),
		...pick(holdSpeed.fields, 'targetMps'),
		yesNo('staysOnMount', 'It goes to the rack on it, balanced as it is', {
			default: false,
			label: 'Stays on its mount'
		}),
		yesNo('sure', 'Measured again and found so', { default: false, label: 'The odd diameter is right' })
	],
	compute(facts, v) {
		const w = wheelOf(facts);
		const diameterMm = checkDiameter(facts, v.diameterAfterMm);
		if (!v.sure) askedTwice(w, diameterMm);
		return alone(
			compute(facts, holdSpeed, {
				diameterMm,
				minDiameterMm: Math.min(w.minDiameterMm || 1, diameterMm),
				targetMps: v.targetMps,
				rpmMin: facts.machine.spindleRpmMin,
				rpmMax: facts.machine.spindleRpmMax,
				ratedMps: ratedMpsOf(facts),
				markedRpm: w.ratedRpm
			})
		);
	},
	event: (facts, v) => ({
		kind: v.what === 'taken-off' ? 'parked' : v.what === 'redressed' ? 'redressed' : 'ground',
		diameterAfterMm: v.diameterAfterMm,
		note: `${v.partsGround} parts ground${v.redressAfterParts ? `, redress after ${v.redressAfterParts}` : ''}`
	}),
	effectsUnlessStopped: (facts, v): Effect[] =>
		v.what === 'taken-off'
			? [
					{ kind: 'wheel-state', wheelId: wheelOf(facts).id, state: 'available', reason: null },
					...withCompanions(facts, 'parked', 'available'),
					{
						kind: 'keep-on-mount',
						wheelId: wheelOf(facts).id,
						mountId: v.staysOnMount && facts.mount && !facts.companions.length ? facts.mount.id : null
					},
					{ kind: 'state', state: 'finished' }
				]
			: []
});

/** Everything that can be recorded at Keep. */
export const keepSteps: readonly Step[] = [keepStep, intervalStep, keepTroubleStep, giveUpStep];
