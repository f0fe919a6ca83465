import { yesNo } from '../../../../calculation/field/index.js';
import { handPace } from '../../../../dress/hand-pace.js';
import { singlePoint } from '../../../../dress/single-point.js';
import { Evidence, partOf } from '../../../evidence.js';
import { type GateLine, line } from '../../../gate.js';
import { recordedText } from '../../../gate-text.js';
import { required, pick } from '../../../step-fields.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { wheelOf } from '../../../wheel-size.js';
import { ALONG_FORM, goesAlongForm } from '../keeps-form.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { dressed, ratedOf } from '../wheel.js';
import { PASSES, holderOf, planFor, planLine, traverseOf } from './passes.js';
import { positionLine, positionStep, turnedLine } from './position.js';

export const settingsStep = defineStep({
	station: 'dress',
	step: 'settings',
	title: 'Set the dress',
	fields: [
		...pick(singlePoint.fields, 'depthUm'),
		required(pick(singlePoint.fields, 'traverseMmPerMin')[0]),
		...pick(singlePoint.fields, 'coolant'),
		...PASSES,
		yesNo('dustExtraction', 'When dressed dry', { default: false }),
		...pick(handPace.fields, 'measuredPassTimeS'),
		ALONG_FORM
	],
	compute(facts, values) {
		goesAlongForm(facts, values.alongForm);
		const wheel = wheelOf(facts);
		const dresser = dresserOf(facts, Evidence.of(facts));
		const { abrasive, grainSizeUm, wheelSpeedRpm } = dressed(facts);
		const tip = { tipRadiusUm: dresser.tipRadiusUm ?? null, flatWidthUm: dresser.flatWidthUm ?? 0 };
		const point = compute(facts, singlePoint, {
			wheelDiameterMm: wheel.diameterMm,
			wheelSpeedRpm,
			...ratedOf(wheel),
			grainSizeUm,
			abrasive,
			depthUm: values.depthUm,
			traverseMmPerMin: traverseOf(values),
			...tip,
			coolant: values.coolant,
			dustExtraction: values.dustExtraction,
			idlePasses: values.dryPasses
		});
		const { leadUm } = point.output;
		const pace =
			facts.machine.axes === 'by-hand' || values.measuredPassTimeS !== null
				? [
						compute(facts, handPace, {
							wheelWidthMm: wheel.rimWidthMm ?? wheel.widthMm,
							wheelSpeedRpm,
							leadUm,
							...tip,
							depthUm: values.depthUm,
							abrasive,
							grainSizeUm,
							measuredPassTimeS: values.measuredPassTimeS
						})
					]
				: [];
		const plan = planFor(facts, { ...values, leadUm });
		return {
			main: point,
			secondary: [plan, ...pace, ...holderOf(facts, dresser, 'single-point', values.depthUm)]
		};
	}
});

/** One diamond or a blade: it trails, the dress suits the work, and wheel is left after it. */
export const singlePointMethod: DressingMethod = {
	steps: [positionStep, settingsStep],
	lines(facts, evidence, chosen): GateLine[] {
		const settings = since(chosen, evidence.step(settingsStep));
		const point = partOf(settings, singlePoint);
		const holder = settings?.parts.find((part) => part.calculation === 'dress.holder-stiffness') ?? null;
		const pace = partOf(settings, handPace);
		// What was recorded before idle passes were counted knows the overlap of one pass only.
		const dense = point?.output.overlap.effectiveOverlapRatio ?? point?.output.overlap.overlapRatio ?? 0;
		return [
			positionLine(facts, evidence, chosen),
			line({
				key: 'settings',
				title: 'Dress suits the work',
				from: point,
				value: recordedText(
					point,
					point ? `overlap ${dense.toFixed(1)}, ${point.output.overlap.dressClass}` : ''
				),
				waiting: 'depth, traverse, passes'
			}),
			planLine(settings),
			...(holder
				? [
						line({
							key: 'holder',
							title: 'Holder is stiff',
							from: holder,
							value: recordedText(holder, 'yes'),
							waiting: ''
						})
					]
				: []),
			...(pace
				? [
						line({
							key: 'pace',
							title: 'Pace by hand',
							from: pace,
							value: recordedText(pace, `a stroke in ${pace.output.passTimeS.toFixed(1)} s`),
							waiting: ''
						})
					]
				: [])
		];
	},
	after: (_facts, _evidence, chosen) => [turnedLine(chosen)]
};
