import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { example, refuses } from '../examples.js';

describe('inspect: the note of a wheel', () => {
	it('inspect.ring-frequency 1', () =>
		example(
			'inspect.ring-frequency',
			{ diameterMm: 250, boreMm: 75, thicknessMm: 25, massKg: 2.3, modulusGPa: 52 },
			{
				densityKgPerM3: 2059.57,
				boreRatio: 0.3,
				'modes.0.lambdaSq': 5.134,
				'modes.0.thicknessFactor': 0.9422,
				'modes.0.thinPlateHz': 1935.46,
				'modes.0.frequencyHz': 1823.59,
				'modes.1.frequencyHz': 2997.28,
				'modes.2.frequencyHz': 4406.31,
				verdict: 'ok'
			}
		));
	it('inspect.ring-frequency 2', () =>
		example(
			'inspect.ring-frequency',
			{
				diameterMm: 500,
				boreMm: 203.2,
				thicknessMm: 60,
				densityKgPerM3: 2280,
				modulusGPa: 38,
				poissonRatio: 0.24
			},
			{
				'modes.0.lambdaSq': 4.70053,
				'modes.0.thicknessFactor': 0.921691,
				'modes.0.frequencyHz': 803.599,
				'modes.1.frequencyHz': 1472.71,
				'modes.2.frequencyHz': 1996.85
			}
		));
	it('inspect.sonic-modulus 1', () =>
		example(
			'inspect.sonic-modulus',
			{
				diameterMm: 250,
				boreMm: 75,
				thicknessMm: 25,
				massKg: 2.3,
				frequencyHz: 1680,
				batchModulusGPa: [50, 51.5, 52.4]
			},
			{
				modulusGPa: 44.1336,
				rodWaveSpeedMps: 4629.1,
				batchMedianGPa: 51.5,
				deviationPct: -14.3037,
				verdict: 'caution',
				codes: ['modulus-low']
			}
		));

	it('stiffness worked back from the note is the stiffness it was made with', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 0.6, noNaN: true }),
				fc.double({ min: 0.01, max: 0.6, noNaN: true }),
				fc.double({ min: 0.1, max: 0.4, noNaN: true }),
				fc.double({ min: 5, max: 120, noNaN: true }),
				fc.constantFrom('2,0', '0,1', '3,0'),
				(bore, thick, poissonRatio, modulusGPa, mode) => {
					const shape = {
						diameterMm: 300,
						boreMm: 300 * bore * 0.9999,
						thicknessMm: 150 * thick * 0.9999,
						poissonRatio,
						massKg: 3
					};
					const note = calculation('inspect.ring-frequency').run({ ...shape, modulusGPa }) as unknown as {
						modes: { mode: string; frequencyHz: number }[];
					};
					const back = calculation('inspect.sonic-modulus').run({
						...shape,
						mode,
						frequencyHz: note.modes.find((m) => m.mode === mode)!.frequencyHz
					}) as unknown as { modulusGPa: number };
					expect(back.modulusGPa).to.be.closeTo(modulusGPa, 1e-6 * modulusGPa);
				}
			),
			{ numRuns: 200 }
		));

	it('refuses shapes the tables do not reach, and a wheel of no weight', () => {
		refuses(
			'inspect.ring-frequency',
			{ diameterMm: 250, boreMm: 160, thicknessMm: 25, massKg: 2, modulusGPa: 50 },
			'boreMm',
			'above-maximum'
		);
		refuses(
			'inspect.ring-frequency',
			{ diameterMm: 250, boreMm: 75, thicknessMm: 80, massKg: 2, modulusGPa: 50 },
			'thicknessMm',
			'above-maximum'
		);
		refuses(
			'inspect.ring-frequency',
			{ diameterMm: 250, boreMm: 75, thicknessMm: 25, modulusGPa: 50 },
			'massKg',
			'missing'
		);
	});
	it('warns of a thick wheel and of a density no wheel has', () =>
		example(
			'inspect.ring-frequency',
			{ diameterMm: 200, boreMm: 50, thicknessMm: 50, densityKgPerM3: 7800, modulusGPa: 50 },
			{ codes: ['density-unusual', 'thick-wheel'] }
		));
	it('judges stiffness only against two others or more', () => {
		const wheel = { diameterMm: 250, boreMm: 75, thicknessMm: 25, massKg: 2.3, frequencyHz: 1300 };
		example(
			'inspect.sonic-modulus',
			{ ...wheel, batchModulusGPa: [50] },
			{ batchJudged: false, deviationPct: null, verdict: 'ok' }
		);
		example(
			'inspect.sonic-modulus',
			{ ...wheel, batchModulusGPa: [50, 54] },
			{ batchJudged: true, batchMedianGPa: 52, verdict: 'stop', codes: ['modulus-very-low'] }
		);
	});
});
