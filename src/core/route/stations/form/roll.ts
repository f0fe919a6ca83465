import { leaveOut } from '../../leave-out.js';
import { yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { rotaryPlunge } from '../../../dress/rotary-plunge.js';
import { mirror } from '../../../form/mirror.js';
import { summaryOf } from '../../../form/profile/chain.js';
import { Evidence } from '../../evidence.js';
import { required, pick } from '../../step-fields.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { dressed } from '../dress/wheel.js';
import { type Form, formThere, sinceForm } from './made.js';
import { ofDresser } from './tool-for.js';

/** Whether this form was made on this wheel before: then the roll only freshens it. */
const carriesAlready = (evidence: Evidence, form: Form): boolean =>
	sinceForm(form, evidence.named('form', 'formed')) !== null;

/** A driven roll that is the mirror of the form, fed straight in. */
export const formRollStep = defineStep({
	station: 'form',
	step: 'roll',
	clientFacts: (r) => leaveOut(r, ['segments']),
	title: 'Set the roll',
	fields: [
		required(pick(rotaryPlunge.fields, 'rollSpeedRpm')[0]),
		required(pick(rotaryPlunge.fields, 'contactDirection')[0]),
		...pick(rotaryPlunge.fields, 'feedUmPerRev', 'totalDepthUm', 'dwellRevs'),
		yesNo('carriesForm', 'Looked at against the mirror drawn', {
			required: true,
			label: 'The roll carries this form'
		})
	] as const,
	compute(facts, values) {
		const evidence = Evidence.of(facts);
		const form = formThere(facts, evidence);
		const dresser = form.dresser;
		// Before anybody has looked it is previewed how it would run.
		if (values.carriesForm === false)
			throw new InputFault(
				'carriesForm',
				'inconsistent',
				`${dresser?.code ?? 'This roll'} carries ${dresser?.carriesForm ? `"${dresser.carriesForm}"` : 'no form on record'}; this form is "${form.name}". Take the roll that carries it.`
			);
		const w = dressed(facts);
		const main = compute(facts, rotaryPlunge, {
			rollSpeedRpm: values.rollSpeedRpm,
			contactDirection: values.contactDirection,
			feedUmPerRev: values.feedUmPerRev,
			totalDepthUm: values.totalDepthUm,
			dwellRevs: values.dwellRevs,
			formDepthMm: carriesAlready(evidence, form) ? null : summaryOf(form.chain).depthMm,
			wheelDiameterMm: w.wheelDiameterMm,
			wheelWidthMm: w.wheelWidthMm,
			wheelSpeedRpm: w.wheelSpeedRpm,
			ratedSpeedMps: w.ratedSpeedMps,
			ratedSpeedRpm: w.ratedSpeedRpm,
			rollDiameterMm: ofDresser(dresser?.bodyDiameterMm, 'Diameter'),
			rollWidthMm: ofDresser(dresser?.bodyWidthMm, 'Width'),
			rollMaxRpm: dresser?.mostRpm ?? null
		});
		return { main, secondary: [compute(facts, mirror, { segments: form.segments })] };
	}
});
