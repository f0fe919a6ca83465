import { foundBy } from '../../basis.js';
import { countRoll } from '../../sums.js';
import { text } from '../../../calculation/field/index.js';
import { InputFault } from '../../../calculation/fault.js';
import { tolerance } from '../../../balance/tolerance.js';
import { type Evidence, Evidence as Standing, partOf } from '../../evidence.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { show } from '../../gate-text.js';
import { defineStep } from '../../define-step.js';
import { learnt } from './conclude.js';
import { CORRECTED_BY } from './corrected-by.js';
import { MEASURED_BY } from './measured-by.js';
import { frictionGmm, toleranceFor } from './tolerance.js';

/** The measurement over the limit that nothing was done about since; null where there is none. */
export function measuredOver(facts: SetupFacts, evidence: Evidence) {
	const measured = evidence.newest(
		'balance',
		MEASURED_BY.filter((m) => m !== 'stays')
	);
	const judged = partOf(measured, tolerance);
	const corrected = evidence.newest('balance', CORRECTED_BY);
	const over = judged !== null && typeof judged.output.ratio === 'number' && judged.output.ratio > 1 + 1e-9;
	return over && (corrected === null || corrected.id < judged.id) ? judged : null;
}

/** Whether what stands is a rest everywhere: it shows no amount, only that less is there than the stand can feel. */
export const isBound = (evidence: Evidence): boolean =>
	evidence.newest('balance', MEASURED_BY)?.step === 'stays';

/** Wherever it is let go it stays: what is left is no more than friction hides, and a measurement that says otherwise is not overruled. */
export const staysStep = defineStep({
	station: 'balance',
	step: 'stays',
	title: 'It stays put everywhere',
	basis: () => foundBy('stays put on the stand'),
	sumsInto: countRoll,
	fields: [
		text('changed', 'Since it was measured over the limit', {
			minLength: 5,
			maxLength: 200,
			label: 'What was changed'
		})
	],
	compute(facts, { changed }) {
		const over = measuredOver(facts, Standing.of(facts));
		if (over && !changed?.trim())
			throw new InputFault(
				'changed',
				'missing',
				`It was measured with ${show(facts)(over.input.unbalanceGmm as number, 'gmm')}, over the limit, and nothing was done since. Say what was changed, or go on with what was measured: a stand that sticks lets every wheel rest.`
			);
		const f = frictionGmm(facts);
		const estimate = learnt(facts, { stays: true, sigmaMomentGmm: f }, false);
		return { main: toleranceFor(facts, f), secondary: [estimate] };
	}
});
