import { countDress } from '../../sums.js';
import { from0, mm, over0, um, whole, yesNo, roughnessUm } from '../../../calculation/field/index.js';
import { dressCompensation } from '../../../set/dress-compensation.js';
import type { Recorded } from '../../evidence.js';
import { type GateLine, UNLESS_STOPPED, line } from '../../gate.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import type { Values } from '../../../calculation/fields.js';
import { DRESSED_FIELDS, dressedEffects, otherWheelOfPack, speedAfter } from './done.js';

const seen = <const N extends string>(name: N, label: string, about: string) =>
	yesNo(name, about, { required: true, label });

/** A released wheel dressed again: the dress, the zero, a look at the next part, the book; and back to grinding. */
export const againStep = defineStep({
	station: 'dress',
	step: 'again',
	title: 'Dress again',
	released: 'only',
	keyedBy: otherWheelOfPack,
	sumsInto: countDress,
	fields: [
		um('takenUm', 'Off the radius; off the face of a cup', {
			...over0(5000),
			required: true,
			label: 'Taken off'
		}),
		...DRESSED_FIELDS,
		whole('partsGround', 'Since the last dress', { ...from0(10000000), label: 'Parts ground' }),
		...pick(dressCompensation.fields, 'contactSide'),
		mm('zeroBeforeMm', 'On the dial', { min: -10000, max: 10000, default: 0, label: 'Zero before' }),
		mm('touchMm', 'A fresh touch', { min: -10000, max: 10000, label: 'Zero by a touch' }),
		seen('burnSeen', 'Burn', 'On the next part'),
		seen('chatterSeen', 'Chatter', 'On the next part'),
		seen('soundNormal', 'Sounds normal', 'While cutting'),
		roughnessUm('raUm', 'Of the next part', { ...from0(1000), label: 'Ra' })
	] as const,
	compute(facts, values) {
		const zero = compute(facts, dressCompensation, {
			dressRadialUm: values.takenUm,
			dialReads: facts.machine.dialReads,
			contactSide: values.contactSide,
			previousZeroMm: values.zeroBeforeMm,
			touchZeroMm: values.touchMm
		});
		return { main: speedAfter(facts, values), secondary: [zero] };
	},
	effectsUnlessStopped: (facts, values) =>
		dressedEffects(
			facts,
			values,
			'redressed',
			values.partsGround === null ? null : `${values.partsGround} parts since the last dress`
		)
});

type Again = Recorded<Values<typeof againStep.fields>>;
/** Whether it came out right: heard even, no burn, no chatter, sounds normal. */
const cameOutRight = ({ entered: e }: Again): boolean =>
	e.soundEven && !e.burnSeen && !e.chatterSeen && e.soundNormal;

/** A dress after the release is not evidence for grinding until it came out right. */
export function againLine(again: Again | null): GateLine[] {
	if (!again) return [];
	return [
		line({
			key: 'again',
			title: 'Redressed and looked at',
			from: again,
			accepts: UNLESS_STOPPED,
			holds: cameOutRight(again),
			value: cameOutRight(again) ? 'even, no burn, no chatter' : 'not right: dress again',
			waiting: ''
		})
	];
}
