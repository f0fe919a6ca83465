import { cluster } from '../../../../dress/cluster.js';
import { Evidence, partOf } from '../../../evidence.js';
import { line } from '../../../gate.js';
import { recordedText, show } from '../../../gate-text.js';
import { compute } from '../../../compute-step.js';
import { defineStep } from '../../../define-step.js';
import { pick } from '../../../step-fields.js';
import { dresserOf, since } from '../method.js';
import type { DressingMethod } from '../dressing-method.js';
import { dressed, told } from '../wheel.js';
import { PASSES, holderOf, planFor, planLine } from './passes.js';
import { positionLine, positionStep, turnedLine } from './position.js';

/** Lead and bite of a nib: its points must leave no gap between their tracks. */
export const clusterStep = defineStep({
	station: 'dress',
	step: 'cluster',
	title: 'Set the nib',
	fields: [...pick(cluster.fields, 'depthUm', 'leadUm', 'tiltDeg', 'target'), ...PASSES] as const,
	compute(facts, values) {
		const dresser = dresserOf(facts, Evidence.of(facts));
		const { abrasive, grainSizeUm, wheelSpeedRpm } = dressed(facts);
		const nib = compute(facts, cluster, {
			clusterWidthMm: told(dresser.clusterWidthMm, 'dresser', 'Width of the nib'),
			pointsAcross: told(dresser.pointsAcross, 'dresser', 'Points across the nib'),
			wheelSpeedRpm,
			depthUm: values.depthUm,
			tiltDeg: values.tiltDeg,
			target: values.target,
			leadUm: values.leadUm,
			tipRadiusUm: dresser.tipRadiusUm ?? null,
			flatWidthUm: dresser.flatWidthUm ?? 0,
			abrasive,
			grainSizeUm
		});
		// A nib may go across far quicker than a single point; a plan takes no more than a point may.
		const leadUm = Math.min(nib.output.leadUm, MAX_LEAD_UM);
		return {
			main: nib,
			secondary: [
				planFor(facts, { ...values, leadUm }, false),
				...holderOf(facts, dresser, 'cluster', values.depthUm)
			]
		};
	}
});
const MAX_LEAD_UM = 20_000;

/** Many points share the work: no gap between their tracks, its face flat on the wheel. */
export const clusterMethod: DressingMethod = {
	steps: [positionStep, clusterStep],
	lines(facts, evidence, chosen) {
		const set = since(chosen, evidence.step(clusterStep));
		const nib = partOf(set, cluster);
		return [
			positionLine(facts, evidence, chosen),
			line({
				key: 'cluster',
				title: 'Tracks leave no gap',
				from: nib,
				value: recordedText(nib, `lead ${show(facts)(nib?.output.leadUm, 'um')}`),
				waiting: 'bite and lead'
			}),
			planLine(set)
		];
	},
	after: (_facts, _evidence, chosen) => [turnedLine(chosen)]
};
