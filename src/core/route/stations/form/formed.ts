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
	invalidates: ['dress', 'prove'],
	fields: [
		...pick(DRESSED_FIELDS, 'soundEven', 'diameterAfterMm', 'rimDepthAfterMm', 'diamondTurned', 'heard'),
		whole('passesMade', 'Counted while they were made', { ...from0(5000), label: 'Passes made' })
	] as const,
	compute: (facts, v) => single(speedAfter(facts, { ...v, ...UNTOUCHED })),
	effectsUnlessStopped(facts, v): Effect[] {
		const form = formThere(facts, Evidence.of(facts));
		const d = form.dresser;
		return [
			{
				kind: 'ledger',
				wheelId: wheelOf(facts).id,
				event: 'dressed',
				diameterAfterMm: v.diameterAfterMm,
				rimDepthAfterMm: v.rimDepthAfterMm,
				note: `form ${form.name}`
			},
			...(d
				? [{ kind: 'count-dress' as const, dresserId: d.id, turned: isTurned(d.kind) && v.diamondTurned }]
				: [])
		];
	}
});
