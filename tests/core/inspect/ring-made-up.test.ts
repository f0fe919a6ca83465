import { expect } from 'chai';
import { calculation } from '../../../src/core/calculations.js';
import { mulberry32 } from '../../../src/core/numeric/random.js';
import { example, refuses } from '../examples.js';

type Json = Record<string, unknown>;

describe('inspect: the made-up ring', () => {
	it('draws the numbers it says it draws', () => {
		const next = mulberry32(2024);
		for (const wanted of [0.8117623739, 0.7108214949, 0.6505258859, 0.6853262642])
			expect(next()).to.be.closeTo(wanted, 5e-11);
	});
	it('inspect.ring-synthesise 1', () =>
		example(
			'inspect.ring-synthesise',
			{
				sampleRateHz: 8000,
				durationS: 0.25,
				seed: 99,
				noiseRms: 0.005,
				taps: [{ timeS: 0.05, angleDeg: 60, amplitude: 0.6 }],
				modes: [{ frequencyHz: 500, q: 120, splitHz: 5, axisDeg: 20 }]
			},
			{
				sampleCount: 2000,
				peak: 0.597901,
				rms: 0.161824,
				'samples.0': -0.00414885,
				'samples.399': 0.00839606,
				'samples.400': 0.00407733,
				'samples.403': 0.560801,
				'samples.1000': -0.187598
			}
		));
	it('is silence without taps and noise, and never louder than its limit', () => {
		example(
			'inspect.ring-synthesise',
			{ sampleRateHz: 8000, durationS: 0.1, taps: [], modes: [] },
			{ sampleCount: 800, peak: 0, rms: 0, clippedCount: 0 }
		);
		const loud = calculation('inspect.ring-synthesise').run({
			sampleRateHz: 8000,
			durationS: 0.2,
			gain: 50,
			taps: [{ timeS: 0.01 }],
			modes: [{ frequencyHz: 400, q: 200 }]
		}) as Json;
		expect(loud.peak).to.equal(1);
		expect(loud.clippedCount).to.be.above(100);
	});
	it('refuses a tap after the end, a note above what the rate holds, twins wider than their note', () => {
		const base = { sampleRateHz: 8000, durationS: 0.2, taps: [] as Json[], modes: [] as Json[] };
		refuses('inspect.ring-synthesise', { ...base, taps: [{ timeS: 0.2 }] }, 'taps.0.timeS', 'above-maximum');
		refuses(
			'inspect.ring-synthesise',
			{ ...base, modes: [{ frequencyHz: 4000, q: 100 }] },
			'modes.0.frequencyHz',
			'above-maximum'
		);
		refuses(
			'inspect.ring-synthesise',
			{ ...base, modes: [{ frequencyHz: 400, q: 100, splitHz: 400 }] },
			'modes.0.splitHz',
			'above-maximum'
		);
		refuses(
			'inspect.ring-analysis',
			{ synth: { ...base, taps: [{ timeS: 0.3 }] } },
			'synth.taps.0.timeS',
			'above-maximum'
		);
	});
});
