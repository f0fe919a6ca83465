import { from0, kg, megapascals, mm, number, over0, rpm } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';

const GRAVITY = 9.80665;

/** What is in a turning wheel, and in a piece of it. It explains the guard; it never permits anything. */
export const runInEnergy = defineCalculation({
	id: 'run-in.energy',
	title: 'Why the guard matters',
	about:
		'The energy of the turning wheel, the pull at its bore, and the piece that would fly. Information only: it permits nothing.',
	source: 'Rigid-body rotation and the stress of a spinning thin ring (Timoshenko).',
	formulas: [
		'E = I omega^2/2, I = m (R^2 + r^2)/2',
		'hoop at the bore = rho omega^2/4 ((3 + nu) R^2 + (1 - nu) r^2)',
		'centroid of a piece = 2/3 (R^3 - r^3)/(R^2 - r^2) sin(phi)/phi'
	],
	fields: [
		kg('massKg', 'Of the wheel', { ...over0(5000), required: true }),
		mm('diameterMm', 'Across', { ...over0(3000), required: true }),
		mm('boreMm', 'Hole', { ...over0(3000), required: true }),
		mm('thicknessMm', 'Along', { ...over0(2000), required: true }),
		rpm('speedRpm', 'As it turns', { ...from0(500000), required: true }),
		number('poissonRatio', 'Of the wheel', { min: 0, max: 0.5, maxOpen: true, default: 0.2, advanced: true }),
		number('fragmentFraction', 'A third is usual', {
			...over0(0.5),
			default: 1 / 3,
			label: 'Piece, share of the wheel'
		}),
		megapascals('tensileStrengthMPa', 'If the maker gives it', over0(500))
	],
	outputs: [
		{ name: 'kineticEnergyJ', unit: 'J', about: 'In the wheel', main: true },
		{ name: 'dropHeightM', unit: 'm', about: 'A piece would be thrown as if dropped from' },
		{ name: 'fragmentSpeedMps', unit: 'm/s', about: 'A piece flies at' },
		{ name: 'fragmentMassKg', unit: 'kg', about: 'A piece' },
		{ name: 'fragmentTranslationJ', unit: 'J', about: 'Its flight' },
		{ name: 'fragmentRotationJ', unit: 'J', about: 'Its spin' },
		{ name: 'fragmentCentroidMm', unit: 'mm', about: 'Its middle, from the axis' },
		{ name: 'rimSpeedMps', unit: 'm/s', about: 'Rim speed' },
		{ name: 'hoopStressBoreMPa', unit: 'MPa', about: 'Pull at the bore' },
		{ name: 'radialStressMaxMPa', unit: 'MPa', about: 'Pull outward, at most' },
		{ name: 'stressLimitRpm', unit: 'rpm', about: 'Would tear at, by its strength' },
		{ name: 'densityKgPerM3', unit: 'kg/m3', about: 'Density' },
		{ name: 'inertiaKgM2', unit: 'kgm2', about: 'Inertia' },
		{ name: 'informationOnly', about: 'Information only' }
	],
	example: {
		massKg: 5.2,
		diameterMm: 300,
		boreMm: 76.2,
		thicknessMm: 32,
		speedRpm: 2228,
		tensileStrengthMPa: 15
	},
	compute(values) {
		if (values.boreMm >= values.diameterMm)
			throw new InputFault(
				'boreMm',
				'above-maximum',
				`Bore ${values.boreMm} mm is not smaller than the diameter ${values.diameterMm} mm.`
			);
		const [R, r, h] = [values.diameterMm / 2000, values.boreMm / 2000, values.thicknessMm / 1000];
		const omega = (2 * Math.PI * values.speedRpm) / 60;
		const densityKgPerM3 = values.massKg / (Math.PI * (R ** 2 - r ** 2) * h);
		const inertiaKgM2 = (values.massKg * (R ** 2 + r ** 2)) / 2;
		const kineticEnergyJ = (inertiaKgM2 * omega ** 2) / 2;
		const nu = values.poissonRatio;
		const hoopStressBoreMPa =
			((densityKgPerM3 * omega ** 2) / 4) * ((3 + nu) * R ** 2 + (1 - nu) * r ** 2) * 1e-6;
		const radialStressMaxMPa = ((3 + nu) / 8) * densityKgPerM3 * omega ** 2 * (R - r) ** 2 * 1e-6;
		const phi = Math.PI * values.fragmentFraction;
		const centroid = ((2 / 3) * (R ** 3 - r ** 3) * Math.sin(phi)) / ((R ** 2 - r ** 2) * phi);
		const fragmentMassKg = values.fragmentFraction * values.massKg;
		const fragmentSpeedMps = omega * centroid;
		const fragmentTranslationJ = (fragmentMassKg * fragmentSpeedMps ** 2) / 2;
		return {
			informationOnly: true,
			densityKgPerM3,
			inertiaKgM2,
			kineticEnergyJ,
			rimSpeedMps: omega * R,
			hoopStressBoreMPa,
			radialStressMaxMPa,
			fragmentMassKg,
			fragmentCentroidMm: 1000 * centroid,
			fragmentSpeedMps,
			fragmentTranslationJ,
			fragmentRotationJ: values.fragmentFraction * kineticEnergyJ - fragmentTranslationJ,
			dropHeightM: fragmentTranslationJ / (fragmentMassKg * GRAVITY),
			stressLimitRpm:
				values.tensileStrengthMPa === null || values.speedRpm === 0
					? null
					: values.speedRpm * Math.sqrt(values.tensileStrengthMPa / hoopStressBoreMPa)
		};
	}
});
