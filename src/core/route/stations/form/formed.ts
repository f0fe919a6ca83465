import { foundBy } from '../../basis.js';
import { from0, whole } from '../../../calculation/field/index.js';
import type { Effect } from '../../effect.js';
import { Evidence } from '../../evidence.js';
import { single } from '../../result.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { DRESSED_FIELDS, speedAfter } from '../dress/done.js';
import { pick } from '../../step-fields.js';
import { isTurned } from '../../../shop/dresser.js';
import { formThere } from './made.js';

const UNTOUCHED = { widthAfterMm: null, wheelNumber: null } as const;

/** The form is in the wheel: heard, measured, booked. */
export const formedStep = defineStep({
	station: 'form',
	step: 'formed',
	title: 'Form dressed',
	basis: () => foundBy('by ear'),
	invalidates: ['dress', 'prove'],
	fields: [
		...pick(DRESSED_FIELDS, 'soundEven', 'diameterAfterMm', 'rimDepthAfterMm', 'diamondTurned', 'heard'),
		whole('passesMade', 'Counted while they were made', { ...from0(5000), label: 'Passes made' })
	] as const,
	compute: (facts, values) => single(speedAfter(facts, { ...values, ...UNTOUCHED })),
	effectsUnlessStopped(facts, values): Effect[] {
		const form = formThere(facts, Evidence.of(facts));
		const dresser = form.dresser;
		return [
			{
				kind: 'ledger',
				wheelId: wheelOf(facts).id,
				event: 'dressed',
				diameterAfterMm: values.diameterAfterMm,
				rimDepthAfterMm: values.rimDepthAfterMm,
				note: `form ${form.name}`
			},
			...(dresser
				? [
						{
							kind: 'count-dress' as const,
							dresserId: dresser.id,
							turned: isTurned(dresser.kind) && values.diamondTurned
						}
					]
				: [])
		];
	}
});
