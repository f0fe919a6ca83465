import {
	between,
	mm,
	mps,
	over0,
	um,
	whole,
	yesNo,
	roughnessUm,
	watts
} from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { cluster } from '../../../dress/cluster.js';
import { predictFinish } from '../../../dress/predict-finish.js';
import { rotaryTraverse } from '../../../dress/rotary-traverse.js';
import { singlePoint } from '../../../dress/single-point.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { burnOf, cutOf, learnt } from './predict-dress.js';
import { told } from './wheel.js';

/** What a dress with a lead left on the wheel. */
interface Standing {
	leadUm: number;
	depthUm: number;
	sharpnessIndex: number;
}

/** Lead, bite and sharpness of the dress that stands on the wheel. @throws InputFault `missing` while there is none with a lead */
export function standingDress(facts: SetupFacts): Standing {
	const evidence = Evidence.of(facts);
	const point = evidence.of(singlePoint, 'dress', ['settings']);
	const nib = evidence.of(cluster, 'dress', ['cluster']);
	const disc = evidence.of(rotaryTraverse, 'dress', ['disc']);
	const left = (
		r: { id: number; input: Record<string, unknown> } | null,
		leadUm: number | undefined,
		sharpnessIndex: number | undefined
	) =>
		r && leadUm !== undefined && sharpnessIndex !== undefined
			? [{ id: r.id, dress: { leadUm, depthUm: Number(r.input.depthUm), sharpnessIndex } }]
			: [];
	const found = [
		...left(point, point?.output.leadUm, point?.output.overlap.sharpnessIndex),
		...left(nib, nib ? nib.output.leadUm / nib.output.activePoints : undefined, nib?.output.sharpnessIndex),
		...left(disc, disc?.output.leadUm, disc ? disc.output.relativeRoughness ** 2 : undefined)
	].sort((x, y) => y.id - x.id)[0];
	if (!found)
		throw new InputFault(
			'dress',
			'missing',
			'No dress with a lead is booked for this wheel yet. Set one first.'
		);
	return found.dress;
}

/** One trial cut measured: what this dress gave, and how far that is from what was foreseen. */
export const trialCutStep = defineStep({
	station: 'dress',
	step: 'cut',
	title: 'Trial cut',
	fields: [
		roughnessUm('raUm', 'Measured on the cut', { ...over0(100), required: true, label: 'Ra measured' }),
		um('workDepthUm', 'Of the cut; the brief’s when left empty', { ...over0(20000), label: 'Depth of cut' }),
		mps('workSpeedMps', 'Table or work; the brief’s when left empty', { ...over0(100), label: 'Work speed' }),
		watts('powerW', 'By the meter, idle taken off', { ...over0(1e7), label: 'Net power' }),
		mm('workWidthMm', 'Of the cut; the power is spread over it', { ...over0(2000), label: 'Width of cut' })
	] as const,
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const usual = cutOf(facts);
		const cut = {
			depthUm: values.workDepthUm ?? usual.depthUm,
			workMps: values.workSpeedMps ?? usual.workMps
		};
		const { sharpnessIndex, ...dress } = standingDress(facts);
		const fit = learnt(facts);
		const finish = compute(facts, predictFinish, {
			...dress,
			specificRemovalMm2PerS: cut.depthUm * cut.workMps,
			wheelSpeedMps: surfaceSpeedMps(wheel.diameterMm, facts.machine.spindleRpm),
			fit: fit?.output.fit ?? null,
			ranges: fit?.output.ranges ?? null,
			grainSizeUm: told(wheel.gritMeanUm, 'grainSizeUm', 'Mean grain of the wheel')
		});
		const burn = burnOf(facts, { sharpnessIndex, dressClass: null }, cut, {
			powerW: values.powerW,
			workWidthMm: values.workWidthMm
		});
		return { main: finish, secondary: [burn] };
	},
	effects: (facts, values, { main }) => [
		{
			kind: 'keep-cut',
			wheelId: wheelOf(facts).id,
			cut: {
				leadUm: Number(main.input.leadUm),
				depthUm: Number(main.input.depthUm),
				specificRemovalMm2PerS: Number(main.input.specificRemovalMm2PerS),
				wheelSpeedMps: Number(main.input.wheelSpeedMps),
				raUm: values.raUm
			}
		}
	]
});

/** A cut that misleads is left out of what is learnt from; the law without it stands beside. */
export const leaveCutStep = defineStep({
	station: 'dress',
	step: 'leave-cut',
	title: 'Leave a trial cut out',
	fields: [
		whole('cutId', 'Its number', { ...between(1, 4294967295), required: true, label: 'Trial cut' }),
		yesNo('leftOut', 'It stays in the list', { required: true, label: 'Left out' })
	] as const,
	compute(facts, values) {
		if (!facts.cuts.some((cut) => cut.id === values.cutId))
			throw new InputFault('cutId', 'unknown-choice', `There is no trial cut ${values.cutId} of this wheel.`);
		const cuts = facts.cuts.map((cut) =>
			cut.id === values.cutId ? { ...cut, leftOut: values.leftOut } : cut
		);
		const without = learnt(facts, cuts);
		if (!without)
			throw new InputFault(
				'leftOut',
				'too-few',
				'Fewer than three cuts would be left: nothing can be learnt from them. Cut once more first.'
			);
		return single(without);
	},
	effects: (_facts, values) => [{ kind: 'leave-cut', cutId: values.cutId, leftOut: values.leftOut }]
});
