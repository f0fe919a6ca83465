import { choice, kg, list, number, over0, percent, hertz } from '../calculation/field/index.js';
import { defineCalculation } from '../calculation/define.js';
import { Findings } from '../calculation/verdict.js';
import { RING_FIELDS, judgeRing, ringRatios } from './ring-geometry.js';
import { RING_MODES, lambdaSq, thicknessFactor } from './ring-tables.js';
import { median } from '../numeric/median.js';

/** How stiff a wheel is, from the note it sings, against its batch. */
export const sonicModulus = defineCalculation({
	id: 'inspect.sonic-modulus',
	worse: {
		diameterMm: 'down',
		boreMm: 'down',
		thicknessMm: 'up',
		frequencyHz: 'none',
		massKg: 'down',
		lowCautionPct: 'down',
		lowStopPct: 'down'
	},
	title: 'Stiffness from the note',
	about: 'A wheel softer than its batch mates is another grade, or damaged.',
	source: 'The ring formula solved for stiffness; limits against the batch are guidelines.',
	formulas: [
		'E = 12 rho (1 - nu^2) (2 pi R^2 f/(chi lambda^2 h))^2',
		'deviation % = 100 (E - median)/median'
	],
	fields: [
		...RING_FIELDS,
		hertz('frequencyHz', 'As rung', { ...over0(50000), required: true, label: 'Note' }),
		kg('massKg', 'Weighed', { ...over0(5000), required: true }),
		choice('mode', 'Which note', RING_MODES, { default: '2,0', advanced: true }),
		percent('lowCautionPct', 'Caution from this far below', { ...over0(100), default: 8, advanced: true }),
		percent('lowStopPct', 'Stop from this far below', { ...over0(100), default: 20, advanced: true }),
		list(
			'batchModulusGPa',
			'Their stiffness',
			number('modulus', 'One wheel', { ...over0(1000), required: true }),
			{ default: [] as number[], maxItems: 1000, label: 'Others of the batch' }
		)
	],
	outputs: [
		{ name: 'modulusGPa', unit: 'GPa', about: 'Stiffness', main: true },
		{ name: 'deviationPct', unit: '%', about: 'Off the batch' },
		{ name: 'batchMedianGPa', unit: 'GPa', about: 'Middle of the batch' },
		{ name: 'batchJudged', about: 'Judged against its batch' },
		{ name: 'rodWaveSpeedMps', unit: 'm/s', about: 'Speed of sound in it' },
		{ name: 'densityKgPerM3', unit: 'kg/m3', about: 'Density' },
		{ name: 'lambdaSq', about: 'Frequency factor' },
		{ name: 'thicknessFactor', about: 'Thickness factor' }
	],
	example: {
		diameterMm: 250,
		boreMm: 75,
		thicknessMm: 25,
		massKg: 2.3,
		frequencyHz: 1680,
		batchModulusGPa: [50, 51.5, 52.4]
	},
	compute(values) {
		const { boreRatio, thicknessRatio, volumeM3, radiusM } = ringRatios(values);
		const densityKgPerM3 = values.massKg / volumeM3;
		const l = lambdaSq(values.mode, boreRatio, values.poissonRatio);
		const chi = thicknessFactor(values.mode, boreRatio, thicknessRatio);
		const modulusPa =
			12 *
			densityKgPerM3 *
			(1 - values.poissonRatio ** 2) *
			((2 * Math.PI * radiusM ** 2 * values.frequencyHz) / (chi * l * (values.thicknessMm / 1000))) ** 2;
		const modulusGPa = modulusPa / 1e9;
		const batchJudged = values.batchModulusGPa.length >= 2;
		const batchMedianGPa = batchJudged ? median(values.batchModulusGPa) : null;
		const deviationPct =
			batchMedianGPa === null ? null : (100 * (modulusGPa - batchMedianGPa)) / batchMedianGPa;
		const d = deviationPct ?? 0;
		const findings = new Findings()
			.stop(
				'modulus-very-low',
				batchJudged && d <= -values.lowStopPct,
				`${(-d).toFixed(0)} % softer than its batch. Do not mount; quarantine it.`
			)
			.caution(
				'modulus-low',
				batchJudged && d > -values.lowStopPct && d <= -values.lowCautionPct,
				'Softer than its batch: another grade, or damaged. Ring it again and weigh it.'
			)
			.caution(
				'modulus-high',
				batchJudged && d >= values.lowCautionPct,
				'Stiffer than its batch: another grade? Check the marking.'
			);
		return {
			modulusGPa,
			densityKgPerM3,
			rodWaveSpeedMps: Math.sqrt(modulusPa / densityKgPerM3),
			lambdaSq: l,
			thicknessFactor: chi,
			batchJudged,
			batchMedianGPa,
			deviationPct,
			...judgeRing(findings, thicknessRatio, densityKgPerM3).judged()
		};
	}
});
