import { defineCalculation } from '../calculation/define.js';
import { from0, mm, over0, um } from '../calculation/field/index.js';
import { Findings } from '../calculation/verdict.js';

const ARCSEC_PER_RAD = (180 * 3600) / Math.PI;

/** What a dresser that does not stand square does to the form. */
export const squared = defineCalculation({
	id: 'form.squared',
	worse: { readingUm: 'up', overMm: 'down', formWidthMm: 'up', toleranceUm: 'down' },
	title: 'Dresser squared',
	about:
		'How far the form is tapered by a dresser whose way is not parallel to the spindle, from a dial run along it.',
	source: 'First principles.',
	formulas: ['taper = reading x width of the form / length run', 'tilt = atan(reading / length run)'],
	fields: [
		um('readingUm', 'Change of the dial along it', { ...from0(5000), required: true, label: 'Dial' }),
		mm('overMm', 'The dial was run along', { ...over0(1000), required: true, label: 'Over' }),
		mm('formWidthMm', 'Of the form', { ...over0(1000), required: true, label: 'Width' }),
		um('toleranceUm', 'Of the form', { ...over0(10000), required: true, label: 'Allowed' })
	],
	outputs: [
		{ name: 'taperUm', unit: 'um', about: 'The form is tapered by', main: true },
		{ name: 'tiltArcsec', about: 'Out of square, seconds of arc' }
	],
	example: { readingUm: 4, overMm: 80, formWidthMm: 20, toleranceUm: 10 },
	compute(values) {
		const taperUm = (values.readingUm * values.formWidthMm) / values.overMm;
		const findings = new Findings().caution(
			'out-of-square',
			taperUm > values.toleranceUm,
			`The form comes out ${taperUm.toFixed(1)} µm tapered, ${values.toleranceUm} µm are allowed. Square the dresser.`
		);
		return {
			taperUm,
			tiltArcsec: Math.atan(values.readingUm / (1000 * values.overMm)) * ARCSEC_PER_RAD,
			...findings.judged()
		};
	}
});
