import { foundBy } from '../../basis.js';
import { AFTER_MOUNT } from '../after.js';
import { text } from '../../../calculation/field/index.js';
import type { Values } from '../../../calculation/fields.js';
import type { Limits } from '../../../calculation/limits.js';
import { visual } from '../../../inspect/visual.js';
import { isOrganic } from '../../../spec/families.js';
import type { WheelFacts } from '../../../facts/wheel.js';
import { type Result, single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { pick } from '../../step-fields.js';
import { wheelOf } from '../../wheel-size.js';
import type { OutputOf } from '../../../calculation/define.js';

/** What a look at a wheel is asked for, in a setup, at the rack or as it arrives. */
export const LOOK_FIELDS = [
	...pick(
		visual.fields,
		'crack',
		'dropped',
		'markingLegible',
		'boreClean',
		'facesClean',
		'moisture',
		'blotterState',
		'chips',
		'manufactureDate'
	),
	text('note', 'Where a crack or stain is, in your words', { maxLength: 300, label: 'What you saw' })
] as const;

/** Findings of a look that take the wheel out of use until a lead clears it. */
export const LOOK_QUARANTINES = [
	'crack',
	'dropped',
	'chip-critical-zone',
	'chip-large',
	'frost',
	'marking-illegible',
	'no-rated-speed',
	'expired'
] as const;

/** The look at one wheel on one day. */
export function lookOf(
	w: Pick<WheelFacts, 'bondFamily' | 'ratedMps' | 'ratedRpm' | 'expiresOn'>,
	today: string,
	values: Values<typeof LOOK_FIELDS>,
	limits: Limits
): Result<OutputOf<typeof visual>> {
	const { note: _note, ...seen } = values;
	const bond = w.bondFamily ?? 'vitrified';
	return single(
		compute({ guidelines: { limits } }, visual, {
			...seen,
			manufactureDate: isOrganic(bond) ? (seen.manufactureDate ?? null) : null,
			bond,
			todayDate: today,
			ratedSpeedMps: w.ratedMps,
			ratedSpeedRpm: w.ratedRpm,
			expiryDate: w.expiresOn
		})
	);
}

export const lookStep = defineStep({
	station: 'inspect',
	step: 'look',
	title: 'Look it over',
	basis: () => foundBy('by eye'),
	invalidates: ['mount', ...AFTER_MOUNT],
	fields: LOOK_FIELDS,
	compute: (facts, values) => lookOf(wheelOf(facts), facts.today, values, facts.guidelines.limits),
	effects: (facts) => [{ kind: 'keep-pictures', wheelId: wheelOf(facts).id }],
	quarantines: LOOK_QUARANTINES
});
