import { between, deg, list } from '../../../calculation/field/index.js';
import { dimples } from '../../../balance/dimples.js';
import { holes } from '../../../balance/holes.js';
import { weights } from '../../../balance/weights.js';
import { InputFault } from '../../../calculation/fault.js';
import { add, angleOf, fold360, len, vec } from '../../../numeric/angles.js';
import { Evidence } from '../../evidence.js';
import type { RecordFacts, SetupFacts } from '../../facts.js';
import { MEASURED_BY } from './measure.js';
import { toleranceFor, trackOf, weightsInput } from './track.js';
import { type Computed, compute, defineStep, mountOf, pick, wheelOf } from '../../step.js';

/** The last thing done about the unbalance; a roll after it has to confirm. */
export const CORRECTED_BY = ['move', 'holes', 'dimples'] as const;

/** What has been learnt of the unbalance so far, with the weights as they were then. @throws InputFault when nothing has */
function learnt(facts: SetupFacts): RecordFacts {
	const r = new Evidence(facts).latestOf('balance', MEASURED_BY, 'balance.update-estimate');
	if (!r) throw new InputFault('anglesDeg', 'inconsistent', 'Measure first; the move follows from it.');
	return r;
}

export const moveStep = defineStep({
	station: 'balance',
	step: 'move',
	title: 'Weights moved',
	fields: [
		list(
			'anglesDeg',
			'Face angles',
			deg('angle', 'Face angle', { ...between(-36000, 36000), required: true }),
			{ required: true, minItems: 2, maxItems: 4, label: 'Where the weights stand now' }
		)
	],
	compute(facts, { anglesDeg }) {
		const estimate = learnt(facts);
		const track = trackOf(facts);
		if (!track) throw new InputFault('anglesDeg', 'inconsistent', 'This mount has no weights in a track.');
		if (anglesDeg.length !== track.weights.length)
			throw new InputFault(
				'anglesDeg',
				anglesDeg.length < track.weights.length ? 'too-few' : 'too-many',
				`There are ${track.weights.length} weights in the track. Give one angle each.`
			);
		const bare = {
			unbalanceGmm: estimate.output.unbalanceGmm as number,
			heavyAngleDeg: estimate.output.heavyAngleDeg as number
		};
		const told = compute(facts, weights, { ...bare, ...weightsInput(facts, track) });
		const set = anglesDeg.map(fold360);
		// What is really left is told for the places the weights were set to, whatever was advised.
		const left = set.reduce(
			(v, a, i) => add(v, vec(track.weights[i]!.massG * track.radiusMm, a)),
			vec(bare.unbalanceGmm, bare.heavyAngleDeg)
		);
		return [{ ...told, output: { ...told.output, setAnglesDeg: set, setResidualGmm: len(left) } }];
	}
});

/** What is too much now, with the weights as they stand: length and direction of its heavy side. */
export function presentOf(facts: SetupFacts): { unbalanceGmm: number; heavyAngleDeg: number } {
	const bare = learnt(facts).output as { unbalanceGmm: number; heavyAngleDeg: number };
	const track = trackOf(facts);
	const now = (track?.weights ?? []).reduce(
		(v, w) => add(v, vec(w.massG * track!.radiusMm, w.angleDeg)),
		vec(bare.unbalanceGmm, bare.heavyAngleDeg)
	);
	return { unbalanceGmm: len(now), heavyAngleDeg: angleOf(now) };
}

/** Screws or plugs in fixed holes, beside or instead of a track. */
export const holesStep = defineStep({
	station: 'balance',
	step: 'holes',
	title: 'Screws in holes',
	notAgainstStop: true,
	fields: pick(holes.fields, 'holeRadiusMm', 'holeCount', 'startAngleDeg', 'maxMassG', 'massStepG'),
	compute(facts, v): Computed[] {
		const now = presentOf(facts);
		return [
			compute(facts, holes, {
				...v,
				correctionGmm: now.unbalanceGmm,
				correctionAngleDeg: fold360(now.heavyAngleDeg + 180),
				permissibleGmm: toleranceFor(facts, null).output.permissibleGmm
			})
		];
	}
});

/** Dimples: only with the maker's consent, and refused where they are unsafe. */
export const dimplesStep = defineStep({
	station: 'balance',
	step: 'dimples',
	title: 'Dimples in the wheel',
	notAgainstStop: true,
	fields: pick(dimples.fields, 'drillDiameterMm', 'pointAngleDeg', 'depthMm', 'radiusMm', 'makerConsent'),
	compute(facts, v): Computed[] {
		const w = wheelOf(facts);
		const now = presentOf(facts);
		const volumeCm3 = (Math.PI * (w.newDiameterMm ** 2 - w.boreMm ** 2) * w.widthMm) / 4000;
		const bond =
			w.bondFamily === 'vitrified' ||
			w.bondFamily === 'rubber' ||
			w.bondFamily === 'metal' ||
			w.bondFamily === 'plated'
				? w.bondFamily
				: 'resin';
		return [
			compute(facts, dimples, {
				...v,
				...now,
				densityGPerCm3: Math.max(0.5, Math.min(8, (1000 * w.massKg) / volumeCm3)),
				wheelWidthMm: w.widthMm,
				wheelDiameterMm: w.diameterMm,
				flangeDiameterMm: mountOf(facts).flangeMm,
				operatingSpeedMps: Math.min(500, (Math.PI * w.diameterMm * facts.machine.spindleRpm) / 60000),
				bond
			})
		];
	}
});
