import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { compute, defineStep, mountOf, pick } from '../../step.js';
import { permissibleGmm, rollingMassKg } from './tolerance.js';

/** The stand levelled, and what the slope that remains pretends to be. */
export const levelStep = defineStep({
	station: 'balance',
	step: 'level',
	title: 'Level the stand',
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
	compute(facts, v) {
		const level = compute(facts, levelStand, v);
		const slope = compute(facts, slopeError, {
			massKg: rollingMassKg(facts),
			arborRadiusMm: mountOf(facts).journalRadiusMm,
			slopeMmPerM: level.output.rollSlopeMmPerM,
			allowedGmm: permissibleGmm(facts)
		});
		return { main: level, secondary: [slope] };
	}
});
