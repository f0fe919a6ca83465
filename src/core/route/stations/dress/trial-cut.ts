import { between, mps, over0, um, whole, yesNo } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { cluster } from '../../../dress/cluster.js';
import { predictFinish } from '../../../dress/predict-finish.js';
import { rotaryTraverse } from '../../../dress/rotary-traverse.js';
import { singlePoint } from '../../../dress/single-point.js';
import { surfaceSpeedMps } from '../../../spec/speed.js';
import { Evidence } from '../../evidence.js';
import type { SetupFacts } from '../../facts.js';
import { alone, compute, defineStep, wheelOf } from '../../step.js';
import { cutOf, learnt } from './foresee.js';
import { told } from './wheel.js';

/** Lead and bite of the dress that stands on the wheel. @throws InputFault `missing` while there is none with a lead */
export function standingDress(facts: SetupFacts): { leadUm: number; depthUm: number } {
	const e = Evidence.of(facts);
	const found = [singlePoint, cluster, rotaryTraverse]
		.map((c) => e.of<{ leadUm: number }>(c, 'dress', ['settings', 'cluster', 'disc']))
		.filter((r) => r !== null)
		.sort((a, b) => b.id - a.id)[0];
	if (!found)
		throw new InputFault(
			'dress',
			'missing',
			'No dress with a lead is booked for this wheel yet. Set one first.'
		);
	const points = Number((found.output as { activePoints?: number }).activePoints ?? 1);
	return { leadUm: found.output.leadUm / points, depthUm: Number(found.input.depthUm) };
}

/** One trial cut measured: what this dress gave, and how far that is from what was foreseen. */
export const trialCutStep = defineStep({
	station: 'dress',
	step: 'cut',
	title: 'Trial cut',
	fields: [
		um('raUm', 'Measured on the cut', { ...over0(100), required: true, label: 'Ra measured' }),
		um('workDepthUm', 'Of the cut; the brief’s when left empty', { ...over0(20000), label: 'Depth of cut' }),
		mps('workSpeedMps', 'Table or work; the brief’s when left empty', { ...over0(100), label: 'Work speed' })
	] as const,
	compute(facts, v) {
		const w = wheelOf(facts);
		const cut = cutOf(facts);
		const fit = learnt(facts);
		const removal = (v.workDepthUm ?? cut.depthUm) * (v.workSpeedMps ?? cut.workMps);
		return alone(
			compute(facts, predictFinish, {
				...standingDress(facts),
				specificRemovalMm2PerS: removal,
				wheelSpeedMps: surfaceSpeedMps(w.diameterMm, facts.machine.spindleRpm),
				fit: fit?.output.fit ?? null,
				ranges: fit?.output.ranges ?? null,
				grainSizeUm: told(w.gritMeanUm, 'grainSizeUm', 'Mean grain of the wheel')
			})
		);
	},
	effects: (facts, v, { main }) => [
		{
			kind: 'keep-cut',
			wheelId: wheelOf(facts).id,
			cut: {
				...standingDress(facts),
				specificRemovalMm2PerS: Number(main.input.specificRemovalMm2PerS),
				wheelSpeedMps: Number(main.input.wheelSpeedMps),
				raUm: v.raUm
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
	compute(facts, v) {
		if (!facts.cuts.some((c) => c.id === v.cutId))
			throw new InputFault('cutId', 'unknown-choice', `There is no trial cut ${v.cutId} of this wheel.`);
		const cuts = facts.cuts.map((c) => (c.id === v.cutId ? { ...c, leftOut: v.leftOut } : c));
		const without = learnt(facts, cuts);
		if (!without)
			throw new InputFault(
				'leftOut',
				'too-few',
				'Fewer than three cuts would be left: nothing can be learnt from them. Cut once more first.'
			);
		return alone(without);
	},
	effects: (_facts, v) => [{ kind: 'leave-cut', cutId: v.cutId, leftOut: v.leftOut }]
});
