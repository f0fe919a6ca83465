import { leaveOut } from '../../leave-out.js';
import { from0, um, between, mm } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { gcode } from '../../../form/gcode.js';
import { summaryOf } from '../../../form/profile/chain.js';
import { formPasses } from '../../../form/passes.js';
import type { Tool } from '../../../form/tool.js';
import { Evidence, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import { type Form, formThere, sinceForm } from './made.js';
import { toolFor } from './tool-for.js';
import { formPassesStep } from './passes.js';

/** The tool that the program is written for: its nose as the coupon showed it to be. @throws InputFault on `noseCorrectionUm` */
export function toolOfProgram(form: Form, noseCorrectionUm: number): Tool {
	const tool = toolFor(form.way, form.dresser)!;
	if (tool.kind === 'wire') return { ...tool, gapUm: Math.max(0, tool.gapUm + noseCorrectionUm) };
	const tipRadiusMm = (tool.tipRadiusMm ?? 0) + noseCorrectionUm / 1000;
	if (tipRadiusMm < 0)
		throw new InputFault(
			'noseCorrectionUm',
			'below-minimum',
			`A nose of ${((tool.tipRadiusMm ?? 0) * 1000).toFixed(0)} µm cannot be ${-noseCorrectionUm} µm smaller. Look at it under the glass.`
		);
	return { ...tool, tipRadiusMm };
}

/** What is left to take off, pass by pass, as the passes were planned. @throws InputFault `missing` */
export function remainingOf(facts: SetupFacts): number[] {
	const evidence = Evidence.of(facts);
	const planned = partOf(sinceForm(formThere(facts, evidence), evidence.step(formPassesStep)), formPasses);
	if (!planned) throw new InputFault('passes', 'missing', 'Plan the passes first.');
	return planned.output.passes.map((pass) => pass.remainingUm);
}

/**
 * A wheel wider than its form has abrasive beside it: the program has to know where the wheel ends, or it would come in through it.
 * @throws InputFault on `faceFromMm` or `faceToMm`
 */
function besideTheWheel(
	facts: SetupFacts,
	form: Form,
	v: { faceFromMm: number | null; faceToMm: number | null }
): void {
	const w = wheelOf(facts);
	const wheelMm = w.rimWidthMm ?? w.widthMm;
	const { widthMm } = summaryOf(form.chain);
	if (wheelMm <= widthMm + WIDTH_SLACK_MM) return;
	const says = `The wheel is ${wheelMm} mm wide, the form ${Number(widthMm.toFixed(3))} mm`;
	for (const field of ['faceFromMm', 'faceToMm'] as const)
		if (v[field] === null)
			throw new InputFault(
				field,
				'missing',
				`${says}: say where along the form the wheel begins and ends, so that the dresser comes in beside it.`
			);
	if (v.faceToMm! - v.faceFromMm! < wheelMm - WIDTH_SLACK_MM)
		throw new InputFault(
			'faceToMm',
			'inconsistent',
			`${says}; from ${v.faceFromMm} to ${v.faceToMm} mm it would be narrower than it is. Measure where it ends.`
		);
}
/** A width is measured no finer than this. */
const WIDTH_SLACK_MM = 0.05;

/** The program that moves the dresser along the form, pass by pass. */
export const programStep = defineStep({
	station: 'form',
	step: 'program',
	title: 'Write the program',
	clientFacts: (r) => leaveOut(r, ['segments', 'remainingUm', 'text']),
	fields: [
		...pick(
			gcode.fields,
			'feedMmPerMin',
			'xMode',
			'xZero',
			'units',
			'direction',
			'arcFormat',
			'safeClearanceMm',
			'leadMm'
		),
		mm('faceFromMm', 'Where the wheel begins; the form’s end when left empty', {
			...between(-5000, 5000),
			label: 'Left end of the wheel'
		}),
		mm('faceToMm', 'Where the wheel ends; the form’s end when left empty', {
			...between(-5000, 5000),
			label: 'Right end of the wheel'
		}),
		um('noseCorrectionUm', 'By the coupon; plus is a larger nose', {
			...between(-2000, 2000),
			default: 0,
			label: 'Nose corrected by'
		}),
		um('dressRadialUm', 'Off the radius, for the compensation', { ...from0(5000), label: 'Dressed' })
	] as const,
	notAgainstStop: true,
	compute(facts, values) {
		const form = formThere(facts, Evidence.of(facts));
		besideTheWheel(facts, form, values);
		return single(
			compute(facts, gcode, {
				segments: form.segments,
				tool: toolOfProgram(form, values.noseCorrectionUm),
				feedMmPerMin: values.feedMmPerMin,
				xMode: values.xMode,
				xZero: values.xZero,
				units: values.units,
				direction: values.direction,
				arcFormat: values.arcFormat,
				safeClearanceMm: values.safeClearanceMm,
				leadMm: values.leadMm,
				faceLeftMm: values.faceFromMm,
				faceRightMm: values.faceToMm,
				wheelDiameterMm: wheelOf(facts).diameterMm,
				remainingUm: remainingOf(facts),
				dressRadialUm: values.dressRadialUm,
				title: `${form.name}, draft, dry run first`
			})
		);
	}
});
