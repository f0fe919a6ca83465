import {
	between,
	choice,
	deg,
	from0,
	gPerCm3,
	mm as mmField,
	mps,
	over0,
	whole,
	yesNo
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { DEG, fold360 } from '../numeric/angles.js';
import { angle, gmm } from './shared-fields.js';

const FLANGE_MARGIN_MM = 5;
const mm = <const N extends string>(name: N, min: number, max: number, about: string) =>
	mmField(name, about, between(min, max));

/** Shallow drillings on the heavy side: shown so that it is seen how little they remove, and refused where they are unsafe. */
export const dimples = defineCalculation({
	id: 'balance.dimples',
	worse: {
		unbalanceGmm: 'up',
		drillDiameterMm: 'none',
		pointAngleDeg: 'down',
		depthMm: 'none',
		radiusMm: 'none',
		densityGPerCm3: 'down',
		wheelWidthMm: 'down',
		wheelDiameterMm: 'down',
		flangeDiameterMm: 'up',
		operatingSpeedMps: 'up',
		spacingMm: 'up',
		maxPerSide: 'down',
		maxSpeedMps: 'down',
		maxDepthMm: 'down',
		rimMarginMm: 'up'
	},
	title: 'Dimples in the wheel',
	about:
		"Altering a wheel is forbidden by many codes and makers. This shows how little it removes, and refuses it where it is unsafe. Never on this program's word alone.",
	source: 'Solid geometry; limits are guidelines, the maker and local codes decide.',
	formulas: [
		'cone k = (d/2)/tan(point/2)',
		'V = pi/3 (h tan(point/2))^2 h, or pi d^2/4 (h - k) + pi d^2 k/12',
		'removed = 2 mass r sum cos'
	],
	fields: [
		{ ...gmm('unbalanceGmm', 'Measured'), required: true },
		{ ...angle('heavyAngleDeg', 'Heavy side'), required: true },
		{ ...mm('drillDiameterMm', 1, 30, 'Of the drill'), required: true },
		deg('pointAngleDeg', 'Of the drill', { min: 60, max: 180, maxOpen: true, default: 130 }),
		{ ...mm('depthMm', 0, 50, 'To the tip'), minOpen: true, required: true },
		{ ...mm('radiusMm', 5, 1000, 'Of the dimple centres'), required: true },
		gPerCm3('densityGPerCm3', 'Of the wheel', { ...between(0.5, 8), required: true, label: 'Density' }),
		{ ...mm('wheelWidthMm', 0, 1000, 'Width'), minOpen: true, required: true },
		{ ...mm('wheelDiameterMm', 5, 2000, 'Across'), required: true },
		{ ...mm('flangeDiameterMm', 0, 2000, 'Outside'), minOpen: true, required: true },
		mps('operatingSpeedMps', 'It runs at', { ...from0(500), required: true, label: 'Speed' }),
		choice('bond', 'Of the wheel', ['vitrified', 'resin', 'rubber', 'metal', 'plated'], { required: true }),
		yesNo('makerConsent', 'In writing', { default: false, label: 'The maker consents' }),
		{ ...mm('spacingMm', 0, 1000, 'Centre to centre; 2.5 drills when empty'), minOpen: true },
		yesNo('codeForbids', 'Your code or your shop forbids altering a wheel', {
			guideline: true,
			default: false,
			advanced: true,
			label: 'Forbidden here'
		}),
		whole('maxPerSide', 'Guideline', {
			...between(1, 20),
			guideline: true,
			default: 6,
			label: 'Most a side'
		}),
		mps('maxSpeedMps', 'Guideline', {
			...over0(500),
			guideline: true,
			label: 'Not above',
			default: 35,
			advanced: true
		}),
		{
			...mm('maxDepthMm', 0, 50, 'Least of 5 mm and a tenth of the width when empty'),
			minOpen: true,
			advanced: true
		},
		{ ...mm('rimMarginMm', 0, 500, 'Guideline'), guideline: true, default: 15, advanced: true }
	],
	outputs: [
		{ name: 'removedGmm', unit: 'gmm', about: 'Removed', main: true },
		{ name: 'residualGmm', unit: 'gmm', about: 'Left over' },
		{ name: 'perSide', about: 'Dimples a side' },
		{ name: 'anglesDeg', unit: 'deg', about: 'At' },
		{ name: 'spacingDeg', unit: 'deg', about: 'Apart' },
		{ name: 'dimpleMassG', unit: 'g', about: 'One dimple' },
		{ name: 'dimpleVolumeMm3', unit: 'mm3', about: 'One dimple' },
		{ name: 'exactPerSide', about: 'Would take it all' },
		{ name: 'exactDepthMm', unit: 'mm', about: 'at a depth of' }
	],
	example: {
		unbalanceGmm: 150,
		heavyAngleDeg: 12,
		drillDiameterMm: 9,
		depthMm: 3.2,
		radiusMm: 105,
		densityGPerCm3: 2.05,
		wheelWidthMm: 40,
		wheelDiameterMm: 330,
		flangeDiameterMm: 120,
		operatingSpeedMps: 28,
		bond: 'vitrified',
		makerConsent: true
	},
	compute(values) {
		const d = values.drillDiameterMm;
		const spacingMm = values.spacingMm ?? 2.5 * d;
		if (spacingMm < 2 * d)
			throw new InputFault(
				'spacingMm',
				'below-minimum',
				`Spacing ${spacingMm} mm is less than two drills, ${2 * d} mm. Keep them further apart.`
			);
		const tan = Math.tan((values.pointAngleDeg / 2) * DEG);
		const cone = d / 2 / tan;
		const coneVolume = (Math.PI * d * d * cone) / 12;
		const volume =
			values.depthMm <= cone
				? (Math.PI / 3) * (values.depthMm * tan) ** 2 * values.depthMm
				: (Math.PI * d * d * (values.depthMm - cone)) / 4 + coneVolume;
		const dimpleMassG = (volume * values.densityGPerCm3) / 1000;
		const spacingDeg = spacingMm / values.radiusMm / DEG;
		const offsets = (n: number) => Array.from({ length: n }, (_, j) => (j - (n - 1) / 2) * spacingDeg);
		const pull = (n: number) => offsets(n).reduce((s, o) => s + Math.cos(o * DEG), 0);
		const removed = (n: number) => 2 * dimpleMassG * values.radiusMm * pull(n);
		const counts = Array.from(
			{ length: Math.min(values.maxPerSide, Math.floor(180 / spacingDeg) + 1) + 1 },
			(_, n) => n
		);
		const perSide = counts.reduce(
			(best, n) =>
				Math.abs(values.unbalanceGmm - removed(n)) < Math.abs(values.unbalanceGmm - removed(best)) - 1e-9
					? n
					: best,
			0
		);
		const exactPerSide = counts.find((count) => removed(count) >= values.unbalanceGmm) ?? null;
		let exactDepthMm: number | null = null;
		if (exactPerSide) {
			const wanted =
				(1000 * values.unbalanceGmm) / (2 * values.radiusMm * pull(exactPerSide) * values.densityGPerCm3);
			exactDepthMm =
				wanted <= coneVolume
					? Math.cbrt((3 * wanted) / (Math.PI * tan * tan))
					: cone + (4 * (wanted - coneVolume)) / (Math.PI * d * d);
		}
		const deepest = values.maxDepthMm ?? Math.min(5, values.wheelWidthMm / 10);
		const findings = new Findings()
			.stop(
				'forbidden-here',
				values.codeForbids,
				'Altering a wheel is forbidden here. Use weights, or true it again.'
			)
			.stop(
				'no-maker-consent',
				!values.makerConsent,
				"Without the maker's written consent a wheel is not altered."
			)
			.stop(
				'not-at-this-speed',
				values.operatingSpeedMps > values.maxSpeedMps,
				`At ${values.operatingSpeedMps} m/s a wheel is not drilled; limit ${values.maxSpeedMps} m/s.`
			)
			.stop('bond-not-suitable', values.bond !== 'vitrified', 'Only vitrified wheels, if at all.')
			.stop(
				'dimple-too-deep',
				values.depthMm > deepest,
				`${values.depthMm} mm is too deep; at most ${deepest} mm here.`
			)
			.stop(
				'dimple-outside-zone',
				values.radiusMm + d / 2 > values.wheelDiameterMm / 2 - values.rimMarginMm ||
					values.radiusMm - d / 2 < values.flangeDiameterMm / 2 + FLANGE_MARGIN_MM,
				'Too near the rim or the flange.'
			)
			.stop(
				'too-many-dimples',
				exactPerSide === null,
				'That many dimples would not take it. Use weights, or true it again.'
			)
			.caution(
				'altering-wheel',
				true,
				'This alters the wheel. The maker, local codes and trained people decide.'
			);
		return {
			dimpleVolumeMm3: volume,
			dimpleMassG,
			perSide,
			spacingDeg,
			anglesDeg: offsets(perSide).map((offset) => fold360(values.heavyAngleDeg + offset)),
			removedGmm: removed(perSide),
			residualGmm: values.unbalanceGmm - removed(perSide),
			exactPerSide,
			exactDepthMm,
			...findings.judged()
		};
	}
});
