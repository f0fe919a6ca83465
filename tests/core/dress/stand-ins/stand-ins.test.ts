import { expect } from 'chai';
import fc from 'fast-check';
import { fitFinish } from '../../../../src/core/dress/fit-finish.js';
import { readFlat } from '../../../../src/core/dress/stand-ins/diamond-flat.js';
import { nextSpark, startOfSparks } from '../../../../src/core/dress/stand-ins/generator.js';
import { netPower } from '../../../../src/core/dress/stand-ins/power-meter.js';
import { pressEffort } from '../../../../src/core/dress/stand-ins/press-effort.js';
import { hiddenLaw, readRa } from '../../../../src/core/dress/stand-ins/roughness-meter.js';
import { rollRunUp, upToSpeedS } from '../../../../src/core/dress/stand-ins/run-up.js';
import { ZONES, madeUpFace, passOver, soundsEven } from '../../../../src/core/dress/stand-ins/wheel-face.js';
import { stick } from '../../../../src/core/dress/stick.js';

describe('the face that a trainer dresses', () => {
	/** Passes until it sounds even; how many it took and what came off. */
	const dressed = (seed: number, flexUmPerUm = 0) => {
		let face = madeUpFace(seed);
		const topUm = Math.max(...face);
		for (let n = 1; n <= 60; n++) {
			const pass = passOver(face, { topUm, depthUm: 5 * n, leadUm: 60, flexUmPerUm, seed: seed + n });
			face = pass.left;
			if (pass.even) return { n, face };
		}
		return { n: Infinity, face };
	};
	it('is the same for the same seed, and another one for another', () => {
		expect(madeUpFace(7)).to.deep.equal(madeUpFace(7));
		expect(madeUpFace(7)).to.not.deep.equal(madeUpFace(8));
		expect(madeUpFace(7)).to.have.length(ZONES);
		expect(Math.min(...madeUpFace(7))).to.equal(0);
	});
	it('comes even in the end, whatever it was; a holder that gives way takes longer', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 1e6 }), (seed) => {
				const stiff = dressed(seed);
				expect(stiff.n).to.be.below(20);
				expect(dressed(seed, 1).n).to.be.at.least(stiff.n);
				expect(Math.max(...stiff.face) - Math.min(...stiff.face)).to.be.below(1e-9);
			}),
			{ numRuns: 60 }
		));
	it('takes nothing off what lies deeper than the dresser', () => {
		const pass = passOver([0, 10, 20], { topUm: 20, depthUm: 5, leadUm: 60, seed: 1 });
		expect(pass.left).to.deep.equal([0, 10, 15]);
		expect(pass.levels.slice(0, 2)).to.deep.equal([0, 0]);
		expect([pass.even, pass.takenUm]).to.deep.equal([false, 5]);
	});
	it('half of the mean is the least that still sounds even; silence never does', () => {
		expect(soundsEven([2, 2, 2, 6 / 7])).to.equal(true);
		expect(soundsEven([2, 2, 2, 0.85])).to.equal(false);
		expect(soundsEven([0, 0, 0])).to.equal(false);
	});
});

describe('instruments of the trainer', () => {
	it('the stick grows easier press by press until the wheel counts as open', () => {
		const forces = Array.from({ length: 12 }, (_, k) => pressEffort(k, { firstN: 50, openN: 12, seed: 3 }));
		const state = (n: number) => stick.run({ ...stick.example, pressForcesN: forces.slice(0, n) }).openState;
		expect([state(2), state(3), state(12)]).to.deep.equal(['unknown', 'opening', 'open']);
		expect(forces).to.deep.equal(
			Array.from({ length: 12 }, (_, k) => pressEffort(k, { firstN: 50, openN: 12, seed: 3 }))
		);
	});
	it('the flat is read in steps of 5 um, within 8.5 of what it is', () =>
		fc.assert(
			fc.property(fc.double({ min: 0, max: 60, noNaN: true }), fc.nat(), (removedCm3, seed) => {
				const read = readFlat({ growthUmPerCm3: 7, removedCm3, seed });
				expect(read % 5).to.equal(0);
				expect(Math.abs(read - 7 * removedCm3)).to.be.at.most(8.5 + 1e-9);
			})
		));
	it('from what the roughness meter reads, the hidden law is found', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 1e5 }), (seed) => {
				const law = hiddenLaw(185, seed);
				const cuts = Array.from({ length: 24 }, (_, i) => {
					const cut = {
						leadUm: 40 + 5 * i,
						depthUm: 8 + (i % 5) * 4,
						specificRemovalMm2PerS: 0.4 * (1 + (i % 8)),
						wheelSpeedMps: 32
					};
					return { ...cut, raUm: readRa(law, cut, seed + i) };
				});
				const { fit } = fitFinish.run({ grainSizeUm: 185, cuts });
				expect(Math.abs(fit.logC - law.logC)).to.be.below(0.12);
				expect(Math.abs(fit.x - law.x)).to.be.below(0.12);
			}),
			{ numRuns: 40 }
		));
	it('the roll comes up to its speed and slips under load', () => {
		expect(rollRunUp({ setRpm: 3000, afterS: 0 })).to.equal(0);
		expect(rollRunUp({ setRpm: 3000, afterS: upToSpeedS() })).to.be.closeTo(2970, 1e-6);
		expect(rollRunUp({ setRpm: 3000, afterS: 60, slipShare: 0.03 })).to.be.closeTo(2910, 1e-6);
	});
	it('the power meter lags and settles within its noise', () => {
		const at = (afterS: number) =>
			netPower({ specificEnergyJPerMm3: 40, removalMm3PerS: 20, afterS, seed: 5 });
		expect(at(0)).to.equal(0);
		expect(at(0.3) / at(30)).to.be.closeTo(1 - Math.exp(-1), 1e-9);
		expect(at(30)).to.be.within(784, 816);
	});
});

describe('the generator of the trainer', () => {
	const set = { stepS: 0.1, setGapUm: 18, setCurrentA: 7, approachUm: 0, wireMargin: 1.7 };
	it('voltage follows the gap; beyond the set gap the current falls in proportion', () => {
		const s = nextSpark(startOfSparks(36), set);
		expect([s.voltageV, s.currentA]).to.deep.equal([30 + 0.8 * 36, 3.5]);
		expect(nextSpark(startOfSparks(10), set).currentA).to.equal(7);
	});
	it('a short pulls the wire back', () => {
		const s = nextSpark(startOfSparks(4), { ...set, approachUm: 1.5 });
		expect([s.short, s.gapUm]).to.deep.equal([true, 7.5]);
		expect(nextSpark(startOfSparks(4), { ...set, approachUm: 1 }).short).to.equal(false);
	});
	it('a wire that carries too much breaks after three seconds, one that bears it never', () => {
		const run = (wireMargin: number, steps: number) => {
			let s = startOfSparks(18);
			for (let i = 0; i < steps; i++) s = nextSpark(s, { ...set, wireMargin });
			return s.broken;
		};
		expect([run(0.99, 29), run(0.99, 30), run(1, 1000)]).to.deep.equal([false, true, false]);
	});
});
