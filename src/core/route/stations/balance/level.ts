import { foundBy, measuredWith } from '../../basis.js';
import { levelStand } from '../../../balance/level-stand.js';
import { slopeError } from '../../../balance/slope-error.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { mountOf } from '../../wheel-size.js';
import { InputFault } from '../../../calculation/fault.js';
import { mmPerM, over0, yesNo } from '../../../calculation/field/index.js';
import { single } from '../../result.js';
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

/** The bubble centred both ways, the level turned end for end: what is left is at most one of its divisions. */
export const levelBothWaysStep = defineStep({
	station: 'balance',
	step: 'level-both-ways',
	title: 'Level both ways',
	basis: ({ divisionMmPerM }) => foundBy('level both ways', { value: divisionMmPerM, unit: 'mm/m' }),
	fields: [
		mmPerM('divisionMmPerM', 'As it is marked on the level', {
			...over0(20),
			required: true,
			label: 'One division'
		}),
		yesNo('along', 'Turned end for end too', { required: true, label: 'Bubble centred along the roll' }),
		yesNo('across', 'Turned end for end too', { required: true, label: 'Bubble centred across it' })
	],
	compute(facts, { divisionMmPerM, along, across }) {
		for (const [field, centred] of Object.entries({ along, across }))
			if (!centred)
				throw new InputFault(
					field,
					'inconsistent',
					'Turn the foot screws until the bubble is centred whichever way the level lies, then book it.'
				);
		return single(
			compute(facts, slopeError, {
				massKg: rollingMassKg(facts),
				arborRadiusMm: mountOf(facts).journalRadiusMm,
				slopeMmPerM: divisionMmPerM,
				allowedGmm: permissibleGmm(facts)
			})
		);
	}
});

/** Every way to level the stand. */
export const LEVELLED_BY = [levelStep.step, levelBothWaysStep.step] as const;
