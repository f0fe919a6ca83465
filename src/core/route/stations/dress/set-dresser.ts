import { calibrateWheel } from '../../../set/calibrate-wheel.js';
import { contactSide } from '../../../set/contact-side.js';
import { dressCompensation } from '../../../set/dress-compensation.js';
import { registerDresser } from '../../../set/register-dresser.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { recordedText, show } from '../../gate-text.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep, type Step } from '../../define-step.js';
import { pick, without } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { againStep } from './again.js';
import { type Chosen, chosenMethod, since } from './method.js';

/** Four touches: where the dresser meets the wheel, how its way lies to the spindle, where the passes end. */
export const registerStep = defineStep({
	station: 'dress',
	step: 'register',
	title: 'Register the dresser',
	fields: without(
		registerDresser.fields,
		'wheelWidthMm',
		'tipRadiusMm',
		'xReads',
		'dresserRemounted',
		'wheelRemounted'
	),
	compute(facts, values) {
		const tipUm = chosenMethod(facts, Evidence.of(facts))?.dresser?.tipRadiusUm ?? 0;
		return single(
			compute(facts, registerDresser, {
				...values,
				wheelWidthMm: wheelOf(facts).rimWidthMm ?? wheelOf(facts).widthMm,
				tipRadiusMm: Math.min(20, (tipUm ?? 0) / 1000),
				xReads: facts.machine.dialReads
			})
		);
	}
});

/** The side on which the wheel meets work and dresser, as the slide counts it. */
export const sideStep = defineStep({
	station: 'dress',
	step: 'side',
	title: 'Contact side',
	fields: contactSide.fields,
	compute: (facts, values) => single(compute(facts, contactSide, values))
});

/** Wheel and probe on one reference. */
export const calibrateStep = defineStep({
	station: 'dress',
	step: 'calibrate',
	title: 'Calibrate the wheel',
	fields: pick(calibrateWheel.fields, 'touchXMm', 'touchZMm', 'probeXMm', 'probeZMm', 'scatterLimitUm'),
	compute: (facts, values) =>
		single(compute(facts, calibrateWheel, { ...values, xReads: facts.machine.dialReads }))
});

/** The zero goes after the rim, and a touch shows whether it went the right way. */
export const zeroStep = defineStep({
	station: 'dress',
	step: 'zero',
	title: 'Zero after the dress',
	fields: pick(
		dressCompensation.fields,
		'dressRadialUm',
		'contactSide',
		'previousZeroMm',
		'touchZeroMm',
		'verifyLimitUm'
	),
	compute: (facts, values) =>
		single(compute(facts, dressCompensation, { ...values, dialReads: facts.machine.dialReads }))
});

/** Everything that sets the dresser. */
export const settingSteps: readonly Step[] = [registerStep, sideStep, calibrateStep, zeroStep];
/** Lines that must hold before a dress, where they were begun. */
export const SET_BEFORE: readonly string[] = ['register', 'side'];

/** What was touched stands until the wheel is mounted again, another dresser is taken, or, for the zero, it is dressed. */
export function setLines(facts: SetupFacts, evidence: Evidence, chosen: Chosen): GateLine[] {
	const q = show(facts);
	const [register, side, calibrate, zero] = [
		evidence.step(registerStep),
		evidence.step(sideStep),
		evidence.step(calibrateStep),
		evidence.step(zeroStep)
	];
	const again = evidence.step(againStep);
	const dressedAt = evidence.newest('dress', ['done', 'again'])?.id ?? 0;
	const registered = since(chosen, register);
	// A redress carries its own zero with it.
	const carried = again && again.id === dressedAt ? again : null;
	const zeroed = zero !== null && zero.id > dressedAt ? zero : carried;
	const moved = partOf(zeroed, dressCompensation);
	const stale = calibrate !== null && calibrate.id < dressedAt && !zeroed;
	return [
		...(register
			? [
					line({
						key: 'register',
						title: 'Dresser registered',
						from: registered,
						value: recordedText(
							registered,
							`taper ${q(partOf(registered, registerDresser)?.output.taperUm, 'um')}`
						),
						waiting: 'another dresser was taken: touch all four places anew'
					})
				]
			: []),
		...(side
			? [
					line({
						key: 'side',
						title: 'Contact side agrees',
						from: side,
						value: recordedText(side, partOf(side, contactSide)?.output.expectedSide ?? ''),
						waiting: ''
					})
				]
			: []),
		...(calibrate
			? [
					line({
						key: 'calibrate',
						title: 'Wheel calibrated',
						from: calibrate,
						holds: !stale,
						value: stale
							? 'dressed since: move the zero, touch again'
							: recordedText(
									calibrate,
									`within ${q(partOf(calibrate, calibrateWheel)?.output.scatterUm, 'um')}`
								),
						waiting: ''
					})
				]
			: []),
		...(zero || (calibrate && dressedAt)
			? [
					line({
						key: 'zero',
						title: 'Zero moved by the dress',
						from: moved,
						...(zeroed === carried ? { accepts: UNLESS_STOPPED } : {}),
						value: recordedText(zeroed === carried ? null : moved, q(moved?.output.newZeroMm, 'mm')),
						waiting: 'sign, and a touch'
					})
				]
			: [])
	];
}
