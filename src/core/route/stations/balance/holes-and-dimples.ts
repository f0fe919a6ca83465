import { dimples } from '../../../balance/dimples.js';
import { holes } from '../../../balance/holes.js';
import { fold360 } from '../../../numeric/angles.js';
import { single } from '../../result.js';
import { compute } from '../../compute-step.js';
import { defineStep } from '../../define-step.js';
import { mountOf, wheelOf } from '../../wheel-size.js';
import { pick } from '../../step-fields.js';
import { presentOf } from './move.js';
import { permissibleGmm } from './tolerance.js';

/** Screws or plugs in fixed holes, beside or instead of a track. */
export const holesStep = defineStep({
	station: 'balance',
	step: 'holes',
	title: 'Screws in holes',
	invalidates: ['prove'],
	notAgainstStop: true,
	fields: pick(holes.fields, 'holeRadiusMm', 'holeCount', 'startAngleDeg', 'maxMassG', 'massStepG'),
	compute(facts, values) {
		const now = presentOf(facts);
		return single(
			compute(facts, holes, {
				...values,
				correctionGmm: now.unbalanceGmm,
				correctionAngleDeg: fold360(now.heavyAngleDeg + 180),
				permissibleGmm: permissibleGmm(facts)
			})
		);
	}
});

/** Dimples: only with the maker's consent, and refused where they are unsafe. */
export const dimplesStep = defineStep({
	station: 'balance',
	step: 'dimples',
	title: 'Dimples in the wheel',
	invalidates: ['prove'],
	notAgainstStop: true,
	fields: pick(dimples.fields, 'drillDiameterMm', 'pointAngleDeg', 'depthMm', 'radiusMm', 'makerConsent'),
	compute(facts, values) {
		const wheel = wheelOf(facts);
		const now = presentOf(facts);
		const volumeCm3 = (Math.PI * (wheel.newDiameterMm ** 2 - wheel.boreMm ** 2) * wheel.widthMm) / 4000;
		const bond =
			wheel.bondFamily === 'vitrified' ||
			wheel.bondFamily === 'rubber' ||
			wheel.bondFamily === 'metal' ||
			wheel.bondFamily === 'plated'
				? wheel.bondFamily
				: 'resin';
		return single(
			compute(facts, dimples, {
				...values,
				...now,
				densityGPerCm3: Math.max(0.5, Math.min(8, (1000 * wheel.massKg) / volumeCm3)),
				wheelWidthMm: wheel.widthMm,
				wheelDiameterMm: wheel.diameterMm,
				flangeDiameterMm: mountOf(facts).flangeMm,
				operatingSpeedMps: Math.min(500, (Math.PI * wheel.diameterMm * facts.machine.spindleRpm) / 60000),
				bond
			})
		);
	}
});
