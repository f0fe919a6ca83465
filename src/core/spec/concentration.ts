import { between, choice, mm, number, over0 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

/** Grain density in g/cm3; one carat is 0.2 g. */
const DENSITY = { diamond: 3.52, cbn: 3.48 } as const;
const MAX_VOLUME_PERCENT = 60;
const size = <const N extends string>(name: N, label: string, about: string) =>
	mm(name, about, { ...over0(3000), label });

/** How much diamond or boron nitride a rim holds. */
export const concentration = defineCalculation({
	id: 'spec.concentration',
	worse: { value: 'up' },
	title: 'Concentration',
	about: 'C or V number to volume, carats in a cubic centimetre, and carats in the rim of a straight wheel.',
	source: 'Trade definition: C100 is 4.4 carats/cm3, a quarter of the volume; V is volume in thousandths.',
	formulas: [
		'C: volume % = 0.25 n, ct/cm3 = 0.044 n',
		'V: volume % = n/10, ct/cm3 = volume x density/0.2',
		'rim = pi (D - X) X T'
	],
	fields: [
		choice('family', 'Diamond or boron nitride', ['diamond', 'cbn'], { required: true, label: 'Grain' }),
		choice('notation', 'Letter before the number', ['C', 'V'], { required: true }),
		number('value', 'As printed', { ...between(1, 600), required: true, label: 'Number' }),
		size('diameterMm', 'Diameter', 'For the carats of a rim'),
		size('rimWidthMm', 'Rim width', 'For the carats of a rim'),
		size('rimDepthMm', 'Rim depth', 'For the carats of a rim')
	],
	outputs: [
		{ name: 'volPercent', unit: '%', about: 'Of the rim is grain', main: true },
		{ name: 'concentrationC', about: 'As a C number' },
		{ name: 'concentrationV', about: 'As a V number' },
		{ name: 'caratPerCm3', unit: 'cm3', about: 'Carats in a cubic centimetre' },
		{ name: 'rimVolumeCm3', unit: 'cm3', about: 'Rim, cubic centimetres' },
		{ name: 'rimCarat', unit: 'carat', about: 'Carats in the rim' }
	],
	example: { family: 'diamond', notation: 'C', value: 75, diameterMm: 150, rimWidthMm: 10, rimDepthMm: 5 },
	compute(values) {
		const volPercent = values.notation === 'C' ? 0.25 * values.value : values.value / 10;
		if (volPercent > MAX_VOLUME_PERCENT * (1 + 1e-9))
			throw new InputFault(
				'value',
				'above-maximum',
				`${values.notation}${values.value} would be ${volPercent} % of the rim. More than ${MAX_VOLUME_PERCENT} % is not possible; read the number again.`
			);
		const { diameterMm: D, rimWidthMm: T, rimDepthMm: X } = values;
		if (D !== null && X !== null && 2 * X > D * (1 + 1e-9))
			throw new InputFault(
				'rimDepthMm',
				'above-maximum',
				`A rim ${X} mm deep does not fit on a wheel of ${D} mm.`
			);
		const caratPerCm3 =
			values.notation === 'C' ? 0.044 * values.value : ((volPercent / 100) * DENSITY[values.family]) / 0.2;
		const rimVolumeCm3 = D === null || T === null || X === null ? null : (Math.PI * (D - X) * X * T) / 1000;
		const findings = new Findings().caution(
			'concentration-high',
			volPercent > 50 * (1 + 1e-9),
			'More than half of the rim would be grain: unusual. Read the number again.'
		);
		return {
			volPercent,
			concentrationC: volPercent / 0.25,
			concentrationV: 10 * volPercent,
			caratPerCm3,
			rimVolumeCm3,
			rimCarat: rimVolumeCm3 === null ? null : rimVolumeCm3 * caratPerCm3,
			...findings.judged()
		};
	}
});
