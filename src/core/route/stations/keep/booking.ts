import { InputFault } from '../../../calculation/fault.js';
import type { Values } from '../../../calculation/fields.js';
import {
	between,
	choice,
	from0,
	mm,
	over0,
	text,
	um,
	whole,
	yesNo
} from '../../../calculation/field/index.js';
import { holdSpeed } from '../../../keep/hold-speed.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { countBooking } from '../../sums.js';
import type { Effect } from '../../effect.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { DIAMETER_AFTER, checkDiameter, wheelOf } from '../../wheel-size.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { chosenMethod } from '../dress/method.js';
import { surfaceOf } from '../dress/wheel.js';
import { withPackWheels } from '../mount/pack-wheel-lines.js';
import { scheduleOf } from './redress-cycle.js';
import { mayRunAbove } from './manufacturer-approval.js';

/** The marked surface speed, or what the marked rpm amounts to on the new wheel. */
function ratedMpsOf(facts: Pick<SetupFacts, 'wheel'>): number {
	const wheel = wheelOf(facts);
	return wheel.ratedMps ?? surfaceSpeedMps(wheel.newDiameterMm, wheel.ratedRpm ?? 0);
}

const FIELDS = [
	choice('what', 'Since the last entry', ['ground-on', 'redressed', 'taken-off', 'worn-out'], {
		required: true,
		label: 'What happened'
	}),
	{
		...DIAMETER_AFTER,
		about: 'Measured across; may stay empty where nothing but parts is booked',
		required: false
	} as const,
	whole('partsGround', 'Finished since the last entry', {
		...from0(10000000),
		required: true,
		label: 'Parts ground'
	}),
	mm('inPartMm', 'How deep the part under way is ground', { ...from0(1000), label: 'Part under way' }),
	um('takenUm', 'Off the radius; off the face of a cup', { ...over0(5000), label: 'Taken off' }),
	whole('redressAfterParts', 'Parts', { ...between(1, 1000000), label: 'Redress after' }),
	mm('redressAfterMm', 'Of infeed', { ...over0(10000), label: 'Redress after infeed' }),
	...pick(holdSpeed.fields, 'targetMps'),
	yesNo('staysOnMount', 'It goes to the rack on it, balanced as it is', {
		default: false,
		label: 'Stays on its mount'
	}),
	text('why', 'Where it still has abrasive left', { maxLength: 200, label: 'Why it is scrapped' }),
	yesNo('sure', 'Measured again and found so', { default: false, label: 'The odd diameter is right' })
] as const;
type Booked = Values<typeof FIELDS>;

/** So much of what was left goes in no ordinary step of work (guideline). */
const MUCH = 0.25;
/** A figure that is probably a slip of the hand is asked about before it is booked. @throws InputFault `really` */
function askedTwice(wheel: WheelFacts, diameterMm: number): void {
	const left = wheel.diameterMm - wheel.minDiameterMm;
	const says =
		diameterMm < wheel.minDiameterMm
			? `It is below the scrap diameter, ${wheel.minDiameterMm} mm`
			: wheel.diameterMm - diameterMm > Math.max(1, MUCH * left)
				? `That is ${(wheel.diameterMm - diameterMm).toFixed(1)} mm less than the last entry, ${wheel.diameterMm} mm`
				: null;
	if (says)
		throw new InputFault(
			'diameterAfterMm',
			'really',
			`Really ${diameterMm} mm? ${says}. Measure again; if it is so, say that it is right.`
		);
}

/** A reckoned size without the dust of binary fractions, which would add up from redress to redress. */
const cleaned = (mm: number): number => Math.round(mm * 1e6) / 1e6;

/** The diameter now: as measured, or reckoned from what a redress took off. @throws InputFault where neither is told or it cannot be */
function diameterNow(facts: SetupFacts, values: Booked): number {
	const wheel = wheelOf(facts);
	if (values.diameterAfterMm !== null) {
		const diameterMm = checkDiameter(facts, values.diameterAfterMm);
		if (!values.sure) askedTwice(wheel, diameterMm);
		return diameterMm;
	}
	if (values.what === 'ground-on') return wheel.diameterMm;
	if (values.what === 'redressed' && values.takenUm !== null)
		return surfaceOf(wheel) === 'face'
			? wheel.diameterMm
			: checkDiameter(facts, cleaned(wheel.diameterMm - (2 * values.takenUm) / 1000));
	throw new InputFault(
		'diameterAfterMm',
		'missing',
		values.what === 'redressed'
			? 'Diameter now is missing. Measure it, or say what was taken off the radius.'
			: 'Diameter now is missing. Measure it before the wheel leaves the machine.'
	);
}

/** What a wheel must show before it is scrapped, and how deep a part can be. @throws InputFault */
function asksOf(facts: SetupFacts, values: Booked, diameterMm: number): void {
	const wheel = wheelOf(facts);
	const { partMm } = scheduleOf(facts);
	if (values.inPartMm !== null && partMm !== null && values.inPartMm > partMm)
		throw new InputFault(
			'inPartMm',
			'above-maximum',
			`${values.inPartMm} mm is deeper than the part, ${partMm} mm. Book the part as ground and begin the next at 0 mm.`
		);
	const left = surfaceOf(wheel) === 'face' ? (wheel.rimDepthMm ?? 0) > 0 : diameterMm > wheel.minDiameterMm;
	if (values.what === 'worn-out' && left && !values.why?.trim())
		throw new InputFault(
			'why',
			'missing',
			`Why it is scrapped is missing: at ${diameterMm} mm it is not at its scrap diameter, ${wheel.minDiameterMm} mm. Say why, or take it off to the rack.`
		);
}

const partsWords = (n: number): string => `${n} ${n === 1 ? 'part' : 'parts'} ground`;

/** One line of the wheel's book while it grinds: parts finished, how deep the next one is, what a redress took off, or that it came off. */
export const keepStep = defineStep({
	station: 'keep',
	step: 'entry',
	title: 'Book it',
	sumsInto: countBooking,
	fields: FIELDS,
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const diameterMm = diameterNow(facts, values);
		asksOf(facts, values, diameterMm);
		return single(
			compute(facts, holdSpeed, {
				diameterMm,
				minDiameterMm: Math.min(wheel.minDiameterMm || 1, diameterMm),
				targetMps: values.targetMps,
				rpmMin: facts.machine.spindleRpmMin,
				rpmMax: facts.machine.spindleRpmMax,
				ratedMps: ratedMpsOf(facts),
				markedRpm: wheel.ratedRpm,
				newDiameterMm: Math.max(wheel.newDiameterMm, diameterMm),
				allowAboveMarkedRpm: mayRunAbove(facts)
			})
		);
	},
	effectsUnlessStopped(facts, values): Effect[] {
		const wheel = wheelOf(facts);
		return [
			ledgerLine(facts, values),
			...(values.what === 'redressed' ? countDress(facts) : []),
			...(values.what === 'taken-off' ? comesOff(facts, values.staysOnMount) : []),
			...(values.what === 'worn-out'
				? ([
						{
							kind: 'wheel-state',
							wheelId: wheel.id,
							state: 'scrapped',
							reason: values.why?.trim() || 'worn down to its scrap diameter'
						},
						...withPackWheels(facts, 'parked', 'available'),
						{ kind: 'state', state: 'finished' }
					] satisfies Effect[])
				: [])
		];
	}
});

const EVENTS = {
	'ground-on': 'ground',
	redressed: 'redressed',
	'taken-off': 'parked',
	'worn-out': 'scrapped'
} as const;
function ledgerLine(facts: SetupFacts, values: Booked): Effect {
	const wheel = wheelOf(facts);
	const reckoned = values.diameterAfterMm === null;
	const taken = values.what === 'redressed' ? values.takenUm : null;
	const words = [
		...(values.partsGround > 0 || values.what === 'ground-on' ? [partsWords(values.partsGround)] : []),
		...(values.inPartMm ? [`the part under way ${values.inPartMm} mm deep`] : []),
		...(values.redressAfterParts ? [`redress after ${values.redressAfterParts}`] : []),
		...(taken === null ? [] : [`${taken} µm off${reckoned ? ', diameter reckoned' : ''}`]),
		...(values.what === 'worn-out' ? [values.why?.trim() || 'worn out'] : [])
	];
	const face = surfaceOf(wheel) === 'face' && taken !== null && wheel.rimDepthMm !== null;
	return {
		kind: 'ledger',
		wheelId: wheel.id,
		event: EVENTS[values.what],
		diameterAfterMm:
			reckoned && values.what === 'ground-on' ? null : diameterNow(facts, { ...values, sure: true }),
		...(face ? { rimDepthAfterMm: Math.max(0, wheel.rimDepthMm! - taken! / 1000) } : {}),
		note: words.join(', ').slice(0, 200)
	};
}

function countDress(facts: SetupFacts): Effect[] {
	const dresser = chosenMethod(facts, Evidence.of(facts))?.dresser;
	return dresser ? [{ kind: 'count-dress', dresserId: dresser.id, turned: false }] : [];
}

function comesOff(facts: SetupFacts, staysOnMount: boolean): Effect[] {
	const wheel = wheelOf(facts);
	return [
		{ kind: 'wheel-state', wheelId: wheel.id, state: 'available', reason: null },
		...withPackWheels(facts, 'parked', 'available'),
		{
			kind: 'keep-on-mount',
			wheelId: wheel.id,
			mountId: staysOnMount && facts.mount && !facts.companions.length ? facts.mount.id : null
		},
		{ kind: 'state', state: 'finished' }
	];
}
