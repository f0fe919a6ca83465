import { choice, yesNo } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { needed } from '../calculation/needed.js';
import { Findings } from '../calculation/verdict.js';

const PARALLEL = yesNo('parallel', 'On a lathe: drawn by the carriage, or read with a dial', {
	label: 'Face parallel to the lathe'
});

/** What a face that was dressed by hand is looked at for before anything is ground with it. */
export const handFace = defineCalculation({
	id: 'dress.hand-face',
	title: 'Face dressed by hand',
	about:
		'Straight, corners right, no grooves, on a lathe parallel to its axis; and the rest is back before anything is ground.',
	source: 'Workshop practice.',
	formulas: ['every answer as it should be'],
	fields: [
		choice('machine', 'Where the wheel turns', ['bench', 'lathe'], { required: true }),
		yesNo('straight', 'A straight edge shows no light', { required: true, label: 'Face straight' }),
		yesNo('corners', 'As they are wanted, nothing broken out', { required: true, label: 'Corners right' }),
		yesNo('grooves', 'Left by tool or work', { required: true, label: 'Grooves left' }),
		yesNo('restBack', 'At its gap again, with the wheel standing', {
			required: true,
			label: 'Rest back at its gap'
		}),
		PARALLEL
	],
	outputs: [{ name: 'right', about: 'Face is as it should be', main: true }],
	example: { machine: 'bench', straight: true, corners: true, grooves: false, restBack: true },
	compute(values) {
		if (values.machine === 'lathe')
			needed(values, [PARALLEL], 'On a lathe a face that is not parallel grinds a cone.');
		const findings = new Findings()
			.stop(
				'rest-not-back',
				!values.restBack,
				'The rest still stands back: work would be drawn into the gap. Stop the wheel and set it.'
			)
			.caution('face-not-straight', !values.straight, 'The face is not straight: go across again, evenly.')
			.caution(
				'corners-broken',
				!values.corners,
				'The corners are not right: dress the face back until they are.'
			)
			.caution('grooves-left', values.grooves, 'Grooves are left: go across again.')
			.caution(
				'face-not-parallel',
				values.machine === 'lathe' && values.parallel === false,
				'The face is not parallel to the lathe: it would grind a cone.'
			);
		return { right: findings.verdict === 'ok', ...findings.judged() };
	}
});
