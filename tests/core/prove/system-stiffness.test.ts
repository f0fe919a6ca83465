import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

type Output = {
	tauS: number;
	cUm: number;
	scatterUm: number;
	toleranceTimeS: number | null;
	equilibriumLagUm: number | null;
	reasons: { code: string }[];
};
const run = (input: object) => calculation('prove.system-stiffness').run(input) as unknown as Output;
const TIMES = [0, 0.5, 1, 2, 3, 5, 8];
const sizes = (tau: number, c: number, s = 0, noise: readonly number[] = []) =>
	TIMES.map((tS, i) => ({ tS, sizeUm: s + c * Math.exp(-tS / tau) + (noise[i] ?? 0) }));

describe('prove.system-stiffness', () => {
	it('finds the time constant that was put in, whatever the size and the sign', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.3, max: 8, noNaN: true }),
				fc.double({ min: 1, max: 60, noNaN: true }),
				fc.boolean(),
				fc.double({ min: -50, max: 50, noNaN: true }),
				(tau, size, under, s) => {
					const out = run({ sizes: sizes(tau, under ? -size : size, s), infeedUmPerS: 4, withinUm: 0.5 });
					expect(out.tauS).to.be.closeTo(tau, 1e-4 * tau);
					expect(out.cUm).to.be.closeTo(under ? -size : size, 1e-3 * size);
					expect(out.equilibriumLagUm).to.be.closeTo(4 * tau, 1e-3 * tau);
					expect(out.toleranceTimeS).to.be.closeTo(Math.max(0, tau * Math.log(size / 0.5)), 0.02);
					expect(out.reasons).to.deep.equal([]);
				}
			)
		));
	it('a power dies away with the same constant, and says nothing of a size', () => {
		const power = sizes(2, 300, 40).map(({ tS, sizeUm }) => ({ tS, watts: sizeUm }));
		const out = run({ power });
		expect(out.tauS).to.be.closeTo(2, 1e-4);
		expect(out.toleranceTimeS).to.equal(null);
		refuses('prove.system-stiffness', { power, withinUm: 1 }, 'withinUm', 'inconsistent');
		refuses('prove.system-stiffness', { power, sizes: sizes(2, 5) }, 'power', 'inconsistent');
	});
	it('warns where nothing settles, and where the readings are noise', () => {
		const line = TIMES.map((tS) => ({ tS, sizeUm: 10 - tS }));
		expect(run({ sizes: line }).reasons.map((r) => r.code)).to.include('not-settling');
		const noisy = run({ sizes: TIMES.map((tS, i) => ({ tS, sizeUm: [0, 3, 0, -3, 0, 3, 0][i] })) });
		expect(noisy.reasons.map((r) => r.code)).to.include('noisy');
	});
	it('wants four readings, and one kind of them', () => {
		refuses('prove.system-stiffness', {}, 'sizes', 'missing');
		refuses('prove.system-stiffness', { sizes: sizes(2, 5).slice(0, 3) }, 'sizes', 'too-few');
	});
});
