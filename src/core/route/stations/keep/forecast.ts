import { InputFault } from '../../../calculation/fault.js';
import { lifeForecast } from '../../../keep/life-forecast.js';
import type { SetupFacts } from '../../../facts/setup.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { wheelOf } from '../../wheel-size.js';
import { without } from '../../step-fields.js';
import { surfaceOf } from '../dress/wheel.js';
import { redressCycle } from './redress-cycle.js';

const NEVER_SAID =
	'When it is redressed is not known yet. Say after how many parts or how much infeed, or plan it under When to redress.';

/** A wheel as the forecast takes it: on its radius; one that is dressed on its face is counted by the depth of its rim. */
function stockOf(facts: SetupFacts): { diameterMm: number; minDiameterMm: number; newDiameterMm: number } {
	const wheel = wheelOf(facts);
	if (surfaceOf(wheel) === 'periphery')
		return {
			diameterMm: wheel.diameterMm,
			minDiameterMm: wheel.minDiameterMm || 1,
			newDiameterMm: wheel.newDiameterMm
		};
	const diameterMm = wheel.diameterMm;
	// What is left of the rim is what a radius would have left: half of so much diameter.
	const minDiameterMm = Math.max(1, diameterMm - 2 * (wheel.rimDepthMm ?? 0));
	return { diameterMm, minDiameterMm, newDiameterMm: diameterMm };
}

/** How long the wheel lasts on this job, by when the next is ordered, and what a part costs. */
export const forecastStep = defineStep({
	station: 'keep',
	step: 'forecast',
	title: 'How long it lasts, and what a part costs',
	fields: without(
		lifeForecast.fields,
		'diameterMm',
		'minDiameterMm',
		'newDiameterMm',
		'partsPerRedress',
		'redressesPerPart',
		'partDepthMm',
		'partsSinceRedress',
		'fromDate'
	),
	compute(facts, values) {
		const l = redressCycle(facts);
		const inside = l.insideMm.length;
		const every =
			l.everyParts ??
			(l.everyMm !== null && l.partMm !== null ? Math.floor(l.everyMm / l.partMm + 1e-9) : null);
		if (!inside && !every) throw new InputFault('redressAfterParts', 'missing', NEVER_SAID);
		return single(
			compute(facts, lifeForecast, {
				...values,
				...stockOf(facts),
				partsPerRedress: inside ? 0 : every,
				redressesPerPart: inside || null,
				partDepthMm: l.partMm,
				partsSinceRedress: inside ? 0 : Math.min(l.sinceParts, every!),
				fromDate: facts.today
			})
		);
	}
});
