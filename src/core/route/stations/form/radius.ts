import { between, group, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { centreOf, type Segment } from '../../../form/profile/segment.js';
import { radiusSetting } from '../../../form/radius-setting.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { ENVELOPE } from '../../../form/swing-extras.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick, without } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { BLOCK_FIELDS, blocksEffect, wrungFor } from './blocks.js';
import { featuresOf } from './features.js';
import { type Form, formThere } from './made.js';

/** Where an arc begins and ends as the swing counts it, from the radial line through its centre, in degrees. */
export function swingOf(arc: Segment & { kind: 'arc' }): { fromDeg: number; toDeg: number } {
	const centre = centreOf(arc);
	const at = (zMm: number) =>
		(Math.asin(Math.max(-1, Math.min(1, (zMm - centre.zMm) / arc.radiusMm))) * 180) / Math.PI;
	return { fromDeg: at(arc.z0Mm), toDeg: at(arc.z1Mm) };
}

/** What is asked of a swing, whatever blocks are taken for it. */
const SWING_FIELDS = [
	...pick(
		radiusSetting.fields,
		'method',
		'constantMm',
		'stopFromDeg',
		'stopToDeg',
		'measuredRadiusMm',
		'clearanceMm',
		'axisOffsetUm'
	),
	// The wheel is known.
	group('envelope', ENVELOPE.about, without(ENVELOPE.fields, 'wheelDiameterMm'), {
		advanced: true,
		label: 'Room of the head'
	}),
	...pick(radiusSetting.fields, 'slide', 'grit')
] as const;
type Swing = { [F in (typeof SWING_FIELDS)[number] as F['name']]?: unknown };

/** What the shop keeps of the fixture, for the way it is set and for the other: each checks what is typed. */
function keptConstants(form: Form, method: unknown) {
	const { faceToCentreMm = null, baseToCentreMm = null } = form.dresser ?? {};
	return method === 'height-gauge'
		? { knownConstantMm: baseToCentreMm, otherConstantMm: faceToCentreMm }
		: { knownConstantMm: faceToCentreMm, otherConstantMm: baseToCentreMm };
}

/** The swing of one arc of the form on its dresser. @throws InputFault */
export const radiusSettingFor = (
	facts: SetupFacts,
	form: Form,
	arc: Segment & { kind: 'arc' },
	values: Swing
) =>
	compute(facts, radiusSetting, {
		method: values.method,
		constantMm: values.constantMm,
		...keptConstants(form, values.method),
		wheelRadiusMm: arc.radiusMm,
		side: arc.side,
		tipRadiusMm: (form.dresser?.tipRadiusUm ?? 0) / 1000,
		clearanceMm: values.clearanceMm,
		...swingOf(arc),
		stopFromDeg: values.stopFromDeg,
		stopToDeg: values.stopToDeg,
		measuredRadiusMm: values.measuredRadiusMm,
		axisOffsetUm: values.axisOffsetUm,
		envelope: values.envelope && { ...values.envelope, wheelDiameterMm: wheelOf(facts).diameterMm },
		slide: values.slide,
		grit: values.grit
	});

/** A round or hollow radius by blocks in a radius dresser. */
export const radiusStep = defineStep({
	station: 'form',
	step: 'radius',
	title: 'Set the radius dresser',
	keyedBy: (entered) => String(entered.segmentIndex),
	fields: [
		whole('segmentIndex', 'Which arc', { ...between(0, 499), required: true, label: 'Arc' }),
		...SWING_FIELDS,
		...BLOCK_FIELDS,
		yesNo('blocksOut', 'Screw tight first, then out', { required: true, label: 'Blocks are out again' }),
		yesNo('screwTight', 'Tried by hand', { required: true, label: 'Screw is tight' }),
		yesNo('turnedByHand', 'Once through, wheel standing', {
			required: true,
			label: 'Swung by hand first'
		})
	] as const,
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		const feature = featuresOf(form.chain, 'radius').find((f) => f.index === values.segmentIndex);
		const arc = form.chain[values.segmentIndex];
		if (!feature || arc?.kind !== 'arc')
			throw new InputFault(
				'segmentIndex',
				'unknown-choice',
				'This form has no such arc. Choose one of the list.'
			);
		const main = radiusSettingFor(facts, form, arc, values);
		const { stackMm, correctedStackMm } = main.output;
		return { main, secondary: [wrungFor(facts, values, correctedStackMm ?? stackMm)] };
	},
	effects: (_facts, values) => [blocksEffect(values, values.segmentIndex, values.blocksOut)]
});
