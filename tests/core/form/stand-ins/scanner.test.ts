import { expect } from 'chai';
import fc from 'fast-check';
import { distanceTo } from '../../../../src/core/form/profile/unreached.js';
import { type Scan, scanned } from '../../../../src/core/form/stand-ins/scanner.js';
import { calculation } from '../../../../src/core/calculations.js';
import { chains } from '../on-form.js';

const NONE: Scan = {
	count: 80,
	noseErrorUm: 0,
	shiftZMm: 0,
	shiftXMm: 0,
	turnDeg: 0,
	wearUm: 0,
	sigmaUm: 0,
	seed: 1
};
const CORNER = [
	{ kind: 'arc', z0Mm: 0, x0Mm: 1.5, z1Mm: 1.5, x1Mm: 0, radiusMm: 1.5, side: 'convex' },
	{ kind: 'line', z0Mm: 1.5, x0Mm: 0, z1Mm: 12, x1Mm: 0 }
] as const;

describe('the profile scanner of the trainer', () => {
	it('gives back the form itself where nothing differs', () =>
		fc.assert(
			fc.property(chains(), (chain) => {
				for (const p of scanned(chain, NONE))
					expect(Math.min(...chain.map((s) => distanceTo(s, p)))).to.be.below(1e-9);
			}),
			{ numRuns: 50 }
		));
	it('is the same for the same seed, and another for another', () => {
		const noisy = { ...NONE, sigmaUm: 2 };
		expect(scanned(CORNER, noisy)).to.deep.equal(scanned(CORNER, noisy));
		expect(scanned(CORNER, { ...noisy, seed: 2 })).not.to.deep.equal(scanned(CORNER, noisy));
	});
	it('a larger nose makes a corner smaller by as much, and the fit finds it', () => {
		const points = scanned(CORNER, { ...NONE, noseErrorUm: 12 }).map((p) => [p.zMm, p.xMm]);
		const out = calculation('form.compare-measured').run({ segments: CORNER, points, fit: 'none' }) as {
			arcs: { errorMm: number }[];
			worst: { errorUm: number };
		};
		expect(out.arcs[0]!.errorMm).to.be.closeTo(-0.012, 1e-6);
		expect(out.worst.errorUm).to.be.closeTo(-12, 1e-6);
	});
	it('wear takes its corner and leaves the flat alone', () => {
		const points = scanned(CORNER, { ...NONE, wearUm: 10 });
		expect(points.at(-1)!.xMm).to.be.closeTo(0, 1e-12);
		const off = points.map((p) => Math.min(...CORNER.map((s) => distanceTo(s, p))));
		expect(1000 * Math.max(...off)).to.be.within(7, 10);
	});
});
