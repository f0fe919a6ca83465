import { kg, over0, gigapascals, kgPerM3 } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';
import { RING_FIELDS, judgeRing, ringRatios } from './ring-geometry.js';
import { RING_MODES, lambdaSq, thicknessFactor } from './ring-tables.js';

/** The note a sound wheel should sing. */
export const ringFrequency = defineCalculation({
	id: 'inspect.ring-frequency',
	worse: { diameterMm: 'none', thicknessMm: 'none', massKg: 'none' },
	title: 'The note it should sing',
	about:
		'From size, mass and stiffness: the first three notes of a flat wheel. Recessed and cup shapes do not follow this.',
	source: 'Thin-plate theory of the free annulus with a correction for shear and rotary inertia.',
	formulas: ['f = chi lambda^2 h/(2 pi R^2) sqrt(E/(12 rho (1 - nu^2)))', 'rho = m/(pi/4 (D^2 - d^2) h)'],
	fields: [
		...RING_FIELDS,
		gigapascals('modulusGPa', 'Vitrified wheels are somewhere around 20 to 90', {
			...over0(1000),
			required: true,
			label: 'Stiffness'
		}),
		kg('massKg', 'Weighed', over0(5000)),
		kgPerM3('densityKgPerM3', 'When it is not weighed', { ...over0(20000), label: 'Density' })
	],
	outputs: [
		{ name: 'modes.0.frequencyHz', unit: 'Hz', about: 'First note', main: true },
		{ name: 'modes', about: 'The first three notes' },
		{ name: 'densityKgPerM3', unit: 'kg/m3', about: 'Density' },
		{ name: 'boreRatio', about: 'Bore over diameter' },
		{ name: 'thicknessRatio', about: 'Thickness over radius' }
	],
	example: { diameterMm: 250, boreMm: 75, thicknessMm: 25, massKg: 2.3, modulusGPa: 52 },
	compute(values) {
		const { boreRatio, thicknessRatio, volumeM3, radiusM } = ringRatios(values);
		if (values.massKg === null && values.densityKgPerM3 === null)
			throw new InputFault('massKg', 'missing', 'Mass is missing. Weigh the wheel, or enter its density.');
		const densityKgPerM3 = values.massKg !== null ? values.massKg / volumeM3 : values.densityKgPerM3!;
		const h = values.thicknessMm / 1000;
		const plate =
			(h / (2 * Math.PI * radiusM ** 2)) *
			Math.sqrt((values.modulusGPa * 1e9) / (12 * densityKgPerM3 * (1 - values.poissonRatio ** 2)));
		const modes = RING_MODES.map((mode) => {
			const l = lambdaSq(mode, boreRatio, values.poissonRatio);
			const chi = thicknessFactor(mode, boreRatio, thicknessRatio);
			return {
				mode,
				lambdaSq: l,
				thicknessFactor: chi,
				thinPlateHz: l * plate,
				frequencyHz: chi * l * plate
			};
		});
		return {
			densityKgPerM3,
			boreRatio,
			thicknessRatio,
			modes,
			...judgeRing(new Findings(), thicknessRatio, densityKgPerM3).judged()
		};
	}
});
