import { measuredWith } from '../../basis.js';
import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { mountOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { permissibleGmm, rollingMassKg } from './tolerance.js';

/** The stand levelled, and what the slope that remains pretends to be. */
export const levelStep = defineStep({
	station: 'balance',
	step: 'level',
	title: 'Level the stand',
	basis: () => measuredWith('level'),
	fields: pick(
		levelStand.fields,
		'xForwardMmPerM',
		'xReversedMmPerM',
		'yForwardMmPerM',
		'yReversedMmPerM',
		'footSpacingMm',
		'footDepthMm',
		'screwPitchMm',
		'raiseTurn',
		'rollsAlong',
		'toleranceMmPerM'
	),
	compute(facts, values) {
		const level = compute(facts, levelStand, values);
		const slope = compute(facts, slopeError, {
			massKg: rollingMassKg(facts),
			arborRadiusMm: mountOf(facts).journalRadiusMm,
			slopeMmPerM: level.output.rollSlopeMmPerM,
			allowedGmm: permissibleGmm(facts)
		});
		return { main: level, secondary: [slope] };
	}
});
