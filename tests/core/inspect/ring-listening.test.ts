import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { rateFromMean } from '../../../src/core/inspect/ring/decay.js';
import { example, refuses } from '../examples.js';

type Json = Record<string, unknown>;
const codes = (out: unknown): string[] => (out as { reasons: { code: string }[] }).reasons.map((r) => r.code);
const FOUR = [45, 315, 0, 270].map((angleDeg, i) => ({ timeS: 0.3 + 0.8 * i, angleDeg, amplitude: 0.4 }));
/** Four taps at a wheel of one note and its natural overtones. */
const rung = (seed: number, main: Json, more: Json = {}): Json => {
	const f = main.frequencyHz as number;
	const q = main.q as number;
	return {
		sampleRateHz: 24000,
		durationS: 3.7,
		seed,
		noiseRms: 0.001,
		taps: FOUR,
		modes: [
			main,
			{ frequencyHz: 1.64 * f, q, amplitude: 0.4, nodalDiameters: 0 },
			{ frequencyHz: 2.35 * f, q, amplitude: 0.25, nodalDiameters: 3 }
		],
		...more
	};
};
const listen = (synth: Json, more: Json = {}): Json =>
	calculation('inspect.ring-analysis').run({ synth, ...more }) as Json;

describe('inspect: listening', () => {
	it('inspect.ring-analysis 1', () =>
		example('inspect.ring-analysis', calculation('inspect.ring-analysis').example, {
			ring: 'clear',
			verdict: 'ok',
			mainFrequencyHz: 1060,
			q: 259.373,
			dampingRatio: 0.00192772,
			decayTimeS: 0.0778877,
			tapCount: 4,
			pairCovered: true,
			releases: false
		}));
	it('inspect.ring-analysis 2', () =>
		example(
			'inspect.ring-analysis',
			{
				synth: {
					sampleRateHz: 24000,
					durationS: 3.7,
					seed: 78,
					noiseRms: 0.001,
					taps: FOUR,
					modes: [{ frequencyHz: 1060, q: 260, splitHz: 40, axisDeg: 10 }]
				}
			},
			{
				ring: 'dull',
				verdict: 'stop',
				codes: ['mode-split-large'],
				splitPct: 3.77147,
				splitResolvablePct: 0.377605
			}
		));

	it('tells sound from cracked, damped, noisy, overdriven and silent, whatever the seed', () => {
		for (const seed of [1, 7, 1234, 99991]) {
			const f = 700 + (seed % 9) * 130;
			const sound = listen(rung(seed, { frequencyHz: f, q: 400 }));
			expect(sound.ring, `sound, seed ${seed}: ${codes(sound).join()}`).to.equal('clear');
			expect(sound.mainFrequencyHz).to.be.closeTo(f, 0.003 * f);
			expect(sound.q).to.be.closeTo(400, 40);
			const cracked = listen(rung(seed, { frequencyHz: f, q: 400, splitHz: 0.04 * f, axisDeg: seed % 90 }));
			expect(cracked.verdict, `cracked, seed ${seed}`).to.equal('stop');
			expect(codes(cracked)).to.include('mode-split-large');
			expect(cracked.splitPct).to.be.closeTo(4, 0.4);
			const damped = listen(rung(seed, { frequencyHz: f, q: 25 }));
			expect(damped.ring, `damped, seed ${seed}`).to.equal('dull');
			expect(codes(damped)).to.include('low-q');
			expect(codes(listen(rung(seed, { frequencyHz: f, q: 400 }, { noiseRms: 0.05 })))).to.deep.equal([
				'noisy'
			]);
			expect(codes(listen(rung(seed, { frequencyHz: f, q: 400 }, { gain: 9 })))).to.deep.equal(['clipped']);
			expect(
				codes(listen(rung(seed, { frequencyHz: f, q: 400 }, { gain: 0.004, noiseRms: 0 })))
			).to.deep.equal(['silent']);
		}
	}).timeout(60_000);

	it('never releases a wheel, whatever it hears', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 4294967295 }),
				fc.double({ min: 8, max: 900, noNaN: true }),
				fc.double({ min: 0, max: 60, noNaN: true }),
				(seed, q, splitHz) => {
					const out = listen({
						sampleRateHz: 8000,
						durationS: 3.3,
						seed,
						noiseRms: 0.001,
						taps: FOUR,
						modes: [{ frequencyHz: 900, q, splitHz, axisDeg: 20 }]
					});
					expect(out.releases).to.equal(false);
					expect(out.mayProceed).to.equal(undefined);
					expect(['clear', 'doubtful', 'dull', 'unusable-recording']).to.include(out.ring);
					if (out.ring === 'dull') expect(out.verdict).to.equal('stop');
				}
			),
			{ numRuns: 25 }
		)).timeout(60_000);

	it('says why a recording cannot be used', () => {
		const good = { frequencyHz: 900, q: 300 };
		expect(codes(listen(rung(3, good, { taps: FOUR.slice(0, 3) })))).to.deep.equal(['too-few-taps']);
		expect(
			codes(listen(rung(3, good, { taps: FOUR.map((t) => ({ ...t, timeS: t.timeS - 0.25 })) })))
		).to.deep.equal(['no-lead-in']);
		expect(
			codes(listen(rung(3, good, { taps: FOUR.slice(0, 2) }), { minTaps: 2 })),
			'two taps at the same twin'
		).to.deep.equal(['tap-coverage']);
		refuses(
			'inspect.ring-analysis',
			{ synth: rung(3, good, { durationS: 0.2, taps: [] }) },
			'synth.durationS',
			'below-minimum'
		);
		refuses(
			'inspect.ring-analysis',
			{ sampleRateHz: 8000, samples: new Array<number>(100).fill(0) },
			'samples',
			'too-few'
		);
		refuses('inspect.ring-analysis', { samples: [0] }, 'sampleRateHz', 'missing');
		refuses('inspect.ring-analysis', { synth: rung(3, good), bond: 'metal' }, 'bond', 'unknown-choice');
	});
	it('hears a real recording as it hears the made-up one', () => {
		const synth = rung(5, { frequencyHz: 900, q: 300 });
		const { samples } = calculation('inspect.ring-synthesise').run(synth) as Json;
		const heard = calculation('inspect.ring-analysis').run({ sampleRateHz: 24000, samples }) as Json;
		expect(heard.q).to.be.closeTo(listen(synth).q as number, 1e-9);
		expect(codes(heard), 'nobody said where it was tapped').to.deep.equal(['tap-coverage']);
	});
	it("compares with the wheel's own earlier ring and with the note its size gives", () => {
		const synth = rung(6, { frequencyHz: 900, q: 300 });
		expect(
			codes(listen(synth, { baseline: { frequencyHz: 900, q: 310 }, expectedFrequencyHz: 950 }))
		).to.deep.equal([]);
		expect(codes(listen(synth, { baseline: { frequencyHz: 925, q: 600 } }))).to.have.members([
			'frequency-shift',
			'q-drop'
		]);
		expect(codes(listen(synth, { baseline: { frequencyHz: 960, q: 300 } }))).to.deep.equal([
			'frequency-drop-large'
		]);
		expect(codes(listen(synth, { expectedFrequencyHz: 400 }))).to.deep.equal(['unexpected-frequency']);
	});
	it('is softer on organic bonds, which do not sing', () => {
		const synth = rung(8, { frequencyHz: 700, q: 45 });
		expect(listen(synth).ring).to.equal('dull');
		expect(listen(synth, { bond: 'resin' }).verdict).not.to.equal('stop');
	});
	it('solves the rate of a cut-off decay', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 1, max: 5000, noNaN: true }),
				fc.double({ min: 0.1, max: 1, noNaN: true }),
				(s, T) => {
					expect(rateFromMean(1 / s - T / Math.expm1(s * T), T)).to.be.closeTo(s, 1e-5 * s);
				}
			)
		));
});
