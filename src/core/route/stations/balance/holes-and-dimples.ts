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
	compute(facts, v) {
		const now = presentOf(facts);
		return single(
			compute(facts, holes, {
				...v,
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
	compute(facts, v) {
		const w = wheelOf(facts);
		const now = presentOf(facts);
		const volumeCm3 = (Math.PI * (w.newDiameterMm ** 2 - w.boreMm ** 2) * w.widthMm) / 4000;
		const bond =
			w.bondFamily === 'vitrified' ||
			w.bondFamily === 'rubber' ||
			w.bondFamily === 'metal' ||
			w.bondFamily === 'plated'
				? w.bondFamily
				: 'resin';
		return single(
			compute(facts, dimples, {
				...v,
				...now,
				densityGPerCm3: Math.max(0.5, Math.min(8, (1000 * w.massKg) / volumeCm3)),
				wheelWidthMm: w.widthMm,
				wheelDiameterMm: w.diameterMm,
				flangeDiameterMm: mountOf(facts).flangeMm,
				operatingSpeedMps: Math.min(500, (Math.PI * w.diameterMm * facts.machine.spindleRpm) / 60000),
				bond
			})
		);
	}
});
