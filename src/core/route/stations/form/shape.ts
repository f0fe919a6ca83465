import { leaveOut } from '../../leave-out.js';
import { choice, from0, over0, text, um, ohms } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { checkProfile } from '../../../form/check-profile.js';
import { SEGMENTS, type RawSegment, chainOf } from '../../../form/profile/chain.js';
import type { Segment } from '../../../form/profile/segment.js';
import { toolPath } from '../../../form/tool-path.js';
import type { Tool } from '../../../form/tool.js';
import type { SetupFacts } from '../../../facts/setup.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import type { Computed } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { excludedWords } from '../dress/words.js';
import { surfaceOf } from '../dress/wheel.js';
import { carries } from './carries.js';
import { featuresOf } from './features.js';
import { toolFor } from './tool-for.js';
import {
	FORMING_METHOD_NAMES,
	type FormingMethod,
	dressersForMethod,
	whyNotDresser,
	whyNotMethod
} from './forming-method.js';

/** The abrasive a form may use, as a wheel of that least diameter: a cup loses depth of rim, not diameter. */
function leastDiameterMm(wheel: WheelFacts): number | null {
	const layer = wheel.rimDepthMm === null ? 0 : wheel.diameterMm - 2 * wheel.rimDepthMm;
	const least = surfaceOf(wheel) === 'face' ? layer : Math.max(wheel.minDiameterMm, layer);
	return least > 0 && least < wheel.diameterMm ? least : null;
}

/** Why a way cannot make this form, whatever the wheel; null when it can. */
export function cannotMake(chain: readonly Segment[], way: FormingMethod): string | null {
	const arcs = chain.filter((segment) => segment.kind === 'arc').length;
	if (way === 'sine' && arcs)
		return `The form has ${arcs} ${arcs === 1 ? 'arc' : 'arcs'}; a sine dresser makes flanks only.`;
	if ((way === 'sine' || way === 'radius') && !featuresOf(chain, way).length)
		return `The form has no ${way === 'sine' ? 'flank' : 'arc'} to be set for.`;
	return null;
}

/** Ways that serve for this form here, the likeliest first: a roll that carries it, then what the machine itself moves, then a fixture. */
export function waysThatServe(
	facts: SetupFacts,
	/** Null while there is none: then what wheel and machine allow. */
	chain: readonly Segment[] | null,
	name: string,
	rimOhm: number | null
): FormingMethod[] {
	const carried = facts.dressers.some(
		(dresser) => dresser.kind === 'form-roll' && carries(dresser.carriesForm, name)
	);
	const order: readonly FormingMethod[] = [
		...(carried ? ['roll' as const] : []),
		'program',
		'radius',
		'sine',
		'roll',
		'wire'
	];
	return [...new Set(order)].filter(
		(w) => !whyNotMethod(facts, w, rimOhm) && !(chain && cannotMake(chain, w))
	);
}

/** Whether a way and its dresser can make this form on this wheel. @throws InputFault on `way`, `dresserCode` or `segments` */
function checkWay(
	facts: SetupFacts,
	values: {
		name: string;
		way: FormingMethod;
		dresserCode: string | null;
		segments: RawSegment[];
		rimResistanceOhm: number | null;
	}
): Tool | null {
	// While somebody types it is previewed with what is there.
	if (!values.segments?.length)
		throw new InputFault('segments', 'missing', 'The form is missing. Take one in, or draw it.');
	if (!values.way) throw new InputFault('way', 'missing', 'Made by is missing. Pick one.');
	const not = whyNotMethod(facts, values.way, values.rimResistanceOhm);
	if (not) throw new InputFault('way', 'inconsistent', `${not} Choose another way.`);
	const serving = dressersForMethod(facts, values.way, values.name);
	const dresser = values.dresserCode ? serving.find((d) => d.code === values.dresserCode) : serving[0];
	if (!dresser)
		throw new InputFault(
			'dresserCode',
			'unknown-choice',
			`Dresser ${values.dresserCode} does not serve here. Choose one of the list.`
		);
	const why = whyNotDresser(facts, dresser, values.rimResistanceOhm);
	if (why)
		throw new InputFault(
			'dresserCode',
			'inconsistent',
			`${dresser.code}: ${excludedWords(why)} Choose another.`
		);
	const cannot = cannotMake(chainOf(values.segments), values.way);
	if (cannot) throw new InputFault('way', 'inconsistent', `${cannot} Choose another way.`);
	return toolFor(values.way, dresser);
}

/** The form, kept under the name of its part, with what it is made by. */
export const shapeStep = defineStep({
	station: 'form',
	step: 'shape',
	title: 'Shape',
	// The form itself stands in what was entered.
	clientFacts: (r) => ({ ...leaveOut(r, ['segments', 'sampleXMm']), entered: r.entered }),
	fields: [
		text('name', 'Of the part', { required: true, minLength: 2, maxLength: 60, label: 'Form named after' }),
		SEGMENTS,
		um('toleranceUm', 'Of the form', { ...over0(10000), required: true, label: 'Form tolerance' }),
		choice('way', 'One that serves here', FORMING_METHOD_NAMES, { required: true, label: 'Made by' }),
		text('dresserCode', 'The first that serves when left empty', { maxLength: 20, label: 'Dresser' }),
		um('mayLeaveUm', 'In a hollow, by the tip', { ...from0(10000), default: 1, label: 'May be left' }),
		ohms('rimResistanceOhm', 'Across the rim, for wire on a hybrid bond', {
			...from0(1e9),
			label: 'Rim resistance'
		})
	] as const,
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const tool = checkWay(facts, values);
		const main = compute(facts, checkProfile, {
			segments: values.segments,
			// A roll is the mirror of the form: it fills every hollow there is.
			tool: tool ?? { kind: 'disc', tipRadiusMm: 0 },
			wheelDiameterMm: wheel.diameterMm,
			minDiameterMm: leastDiameterMm(wheel),
			faceWidthMm: wheel.rimWidthMm ?? wheel.widthMm
		});
		const { continuous, singleValued } = main.output;
		const secondary: Computed[] =
			tool && continuous && singleValued
				? [
						compute(facts, toolPath, {
							segments: values.segments,
							tool,
							unreachedToleranceUm: values.mayLeaveUm
						})
					]
				: [];
		return { main, secondary: secondary };
	},
	effects: (_facts, values) => [
		{ kind: 'keep-form', name: values.name, segments: values.segments, toleranceUm: values.toleranceUm }
	]
});
