import { weights } from '../../../balance/weights.js';
import { InputFault } from '../../../calculation/fault.js';
import { add, angleOf, fold360, len, vec } from '../../../numeric/angles.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { type Estimate, lastEstimate } from './conclude.js';
import { MOVE, trackOf, weightsInput } from './track.js';

/** What has been learnt of the unbalance so far, told without the weights. @throws InputFault when nothing has */
function learntOf(facts: SetupFacts): Estimate {
	const r = lastEstimate(facts);
	if (!r) throw new InputFault('anglesDeg', 'inconsistent', 'Measure first; the move follows from it.');
	return r.output;
}

export const moveStep = defineStep({
	...MOVE,
	title: 'Weights moved',
	invalidates: ['prove'],
	compute(facts, { anglesDeg }) {
		const { unbalanceGmm, heavyAngleDeg } = learntOf(facts);
		const track = trackOf(facts);
		if (!track) throw new InputFault('anglesDeg', 'inconsistent', 'This mount has no weights in a track.');
		if (anglesDeg.length !== track.weights.length)
			throw new InputFault(
				'anglesDeg',
				anglesDeg.length < track.weights.length ? 'too-few' : 'too-many',
				`There are ${track.weights.length} weights in the track. Give one angle each.`
			);
		const told = compute(facts, weights, { unbalanceGmm, heavyAngleDeg, ...weightsInput(facts, track) });
		const set = anglesDeg.map(fold360);
		// What is really left is told for the places the weights were set to, whatever was advised.
		const left = set.reduce(
			(v, a, i) => add(v, vec(track.weights[i]!.massG * track.radiusMm, a)),
			vec(unbalanceGmm, heavyAngleDeg)
		);
		return single({ ...told, output: { ...told.output, setAnglesDeg: set, setResidualGmm: len(left) } });
	}
});

/** What is too much now, with the weights as they stand: length and direction of its heavy side. */
export function presentOf(facts: SetupFacts): { unbalanceGmm: number; heavyAngleDeg: number } {
	const bare = learntOf(facts);
	const track = trackOf(facts);
	const now = (track?.weights ?? []).reduce(
		(v, w) => add(v, vec(w.massG * track!.radiusMm, w.angleDeg)),
		vec(bare.unbalanceGmm, bare.heavyAngleDeg)
	);
	return { unbalanceGmm: len(now), heavyAngleDeg: angleOf(now) };
}
