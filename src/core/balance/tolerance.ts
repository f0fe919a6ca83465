import { WHEEL_DIAMETER_MM } from '../shop/ranges.js';
import {
	between,
	choice,
	from0,
	gmm,
	kg,
	mm,
	mmPerS,
	number,
	over0,
	rpm,
	GROSS_END
} from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { InputFault } from '../calculation/fault.js';
import { Findings } from '../calculation/verdict.js';

/** Grades usual for kinds of grinder; guidelines, editable. */
const MACHINE_GRADES = {
	bench: 6.3,
	'surface-toolroom': 2.5,
	cylindrical: 2.5,
	'tool-cutter': 2.5,
	internal: 2.5,
	precision: 1,
	'high-precision': 0.4
} as const;

export const MACHINE_CLASSES = [
	'bench',
	'surface-toolroom',
	'cylindrical',
	'tool-cutter',
	'internal',
	'precision',
	'high-precision'
] as const;

/** How much unbalance is allowed, from the balance quality grade, and what a given one amounts to. */
export const tolerance = defineCalculation({
	id: 'balance.tolerance',
	worse: { gradeMmPerS: 'down', massKg: 'down', speedRpm: 'up', unbalanceGmm: 'up', stopRatio: 'down' },
	title: 'Balance tolerance',
	about: 'The unbalance a grade allows at this mass and speed, and how a measured one compares.',
	source: 'ISO 21940-11 balance quality grade G; classes are guidelines.',
	formulas: [
		'omega = pi n/30',
		'permissible = 1000 m G/omega',
		'force = U 1e-6 omega^2',
		'grade reached = U omega/(1000 m)'
	],
	fields: [
		choice('machineClass', 'Kind of grinder', MACHINE_CLASSES),
		mmPerS('gradeMmPerS', 'Wins over the kind of grinder', { ...over0(4000), label: 'Grade G' }),
		kg('massKg', 'Everything that turns', { ...over0(5000), required: true }),
		rpm('speedRpm', 'At which it grinds', { ...between(1, 200000), required: true, label: 'Running speed' }),
		mm('wheelDiameterMm', 'For the mass at the rim', WHEEL_DIAMETER_MM),
		mm('correctionRadiusMm', 'For the mass in the track', { ...between(1, 1000), label: 'Weight radius' }),
		gmm('unbalanceGmm', 'Measured', from0(1e8)),
		kg('headMassKg', 'Wheel head, for the shake', over0(100000)),
		number('stopRatio', 'Gross above this many times the tolerance', {
			...GROSS_END,
			guideline: true,
			label: 'Gross above',
			default: 10,
			advanced: true
		})
	],
	outputs: [
		{ name: 'permissibleGmm', unit: 'gmm', about: 'Allowed unbalance', main: true },
		{ name: 'gradeMmPerS', unit: 'mm/s', about: 'Grade' },
		{ name: 'ratio', about: 'Measured against allowed' },
		{ name: 'achievedGradeMmPerS', unit: 'mm/s', about: 'Grade reached' },
		{ name: 'permissibleEccentricityUm', unit: 'um', about: 'Allowed off-centre' },
		{ name: 'permissibleForceN', unit: 'N', about: 'Force at the tolerance' },
		{ name: 'forceN', unit: 'N', about: 'Force now' },
		{ name: 'rimMassG', unit: 'g', about: 'As mass at the rim' },
		{ name: 'correctionMassG', unit: 'g', about: 'As mass in the track' },
		{ name: 'vibrationUm', unit: 'um', about: 'Shake of a free head' },
		{ name: 'vibrationMmPerS', unit: 'mm/s', about: 'Speed of the shake, peak' },
		{ name: 'vibrationRmsMmPerS', unit: 'mm/s', about: 'The same as a meter shows it, rms' }
	],
	example: {
		machineClass: 'cylindrical',
		massKg: 21,
		speedRpm: 1350,
		unbalanceGmm: 610,
		wheelDiameterMm: 457,
		correctionRadiusMm: 80,
		headMassKg: 160
	},
	compute(values) {
		const G = values.gradeMmPerS ?? (values.machineClass ? MACHINE_GRADES[values.machineClass] : null);
		if (G === null)
			throw new InputFault(
				'gradeMmPerS',
				'missing',
				'Grade G is missing. Enter it or pick the kind of grinder.'
			);
		const omega = (Math.PI * values.speedRpm) / 30;
		const permissibleGmm = (1000 * values.massKg * G) / omega;
		const u = values.unbalanceGmm;
		const ratio = u === null ? null : u / permissibleGmm;
		const shake = u ?? permissibleGmm;
		const findings = new Findings()
			.stop(
				'gross-unbalance',
				ratio !== null && ratio > values.stopRatio,
				`More than ${values.stopRatio} times the tolerance. Do not run it; look for what is wrong.`
			)
			.caution(
				'above-tolerance',
				ratio !== null && ratio > 1 + 1e-9 && ratio <= values.stopRatio,
				`${u?.toFixed(0)} g mm, allowed ${permissibleGmm.toFixed(0)} g mm.`
			);
		const vibrationMmPerS = values.headMassKg === null ? null : (shake / values.headMassKg / 1000) * omega;
		return {
			gradeMmPerS: G,
			permissibleGmm,
			permissibleEccentricityUm: (1000 * G) / omega,
			permissibleForceN: permissibleGmm * 1e-6 * omega ** 2,
			rimMassG: values.wheelDiameterMm === null ? null : permissibleGmm / (values.wheelDiameterMm / 2),
			correctionMassG: values.correctionRadiusMm === null ? null : permissibleGmm / values.correctionRadiusMm,
			ratio,
			achievedGradeMmPerS: u === null ? null : (u * omega) / (1000 * values.massKg),
			forceN: u === null ? null : u * 1e-6 * omega ** 2,
			vibrationUm: values.headMassKg === null ? null : shake / values.headMassKg,
			vibrationMmPerS,
			vibrationRmsMmPerS: vibrationMmPerS === null ? null : vibrationMmPerS / Math.SQRT2,
			...findings.judged()
		};
	}
});
