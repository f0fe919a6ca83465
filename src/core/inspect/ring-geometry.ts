import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import { between, from0, mm, number, over0 } from '../calculation/field/index.js';
import { InputFault } from '../calculation/fault.js';
import type { NumberField } from '../calculation/fields.js';
import type { Findings } from '../calculation/verdict.js';

/** The fields that describe a flat ring. */
export const RING_FIELDS = [
	mm('diameterMm', 'Diameter', { ...WHEEL_DIAMETER_MM, required: true }),
	mm('boreMm', 'Bore', { ...from0(2000), required: true }),
	mm('thicknessMm', 'Thickness', { ...over0(1000), required: true }),
	number('poissonRatio', 'Of the wheel; 0.2 for vitrified', {
		...between(0.1, 0.4),
		default: 0.2,
		advanced: true
	})
] as const satisfies readonly NumberField[];

const LARGEST_BORE_RATIO = 0.6;
const THICKEST = 0.6;
const THICK = 0.4;

export interface Ring {
	diameterMm: number;
	boreMm: number;
	thicknessMm: number;
}
/** Ratios of a ring the tables reach. @throws InputFault for a ring they do not */
export function ringRatios(v: Ring): {
	boreRatio: number;
	thicknessRatio: number;
	volumeM3: number;
	radiusM: number;
} {
	if (v.boreMm >= v.diameterMm)
		throw new InputFault(
			'boreMm',
			'above-maximum',
			`Bore ${v.boreMm} mm is not smaller than the diameter ${v.diameterMm} mm.`
		);
	const boreRatio = v.boreMm / v.diameterMm;
	const thicknessRatio = v.thicknessMm / (v.diameterMm / 2);
	if (boreRatio > LARGEST_BORE_RATIO + 1e-9)
		throw new InputFault(
			'boreMm',
			'above-maximum',
			'A bore over 0.6 of the diameter is outside the tables: this is a thin ring, not a wheel.'
		);
	if (thicknessRatio > THICKEST + 1e-9)
		throw new InputFault(
			'thicknessMm',
			'above-maximum',
			'A wheel thicker than 0.6 of its radius is outside the tables. Judge it by ear and by its own earlier ring.'
		);
	return {
		boreRatio,
		thicknessRatio,
		volumeM3: (Math.PI / 4) * (v.diameterMm ** 2 - v.boreMm ** 2) * v.thicknessMm * 1e-9,
		radiusM: v.diameterMm / 2000
	};
}

/** The cautions a ring and its density can earn. */
export function judgeRing(findings: Findings, thicknessRatio: number, densityKgPerM3: number): Findings {
	return findings
		.caution(
			'thick-wheel',
			thicknessRatio > THICK + 1e-9,
			'Thick for its size: the computed note is approximate.'
		)
		.caution(
			'density-unusual',
			densityKgPerM3 < 1200 || densityKgPerM3 > 4500,
			'An unusual density. Check mass and sizes.'
		);
}
