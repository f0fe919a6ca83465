import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { refuses } from '../examples.js';

describe('balance.level-stand and balance.slope-error', () => {
	const frame = { footSpacingMm: 420, footDepthMm: 310, screwPitchMm: 1.5 };
	interface Level {
		slopeXMmPerM: number;
		levelErrorMmPerM: number;
		adjustments: { foot: string; direction: string; turn: string; heightMm: number; turns: number }[];
	}
	it('turning the level end for end takes its own fault out, whatever it is', () =>
		fc.assert(
			fc.property(
				fc.double({ min: -3, max: 3, noNaN: true }),
				fc.double({ min: -3, max: 3, noNaN: true }),
				fc.double({ min: -2, max: 2, noNaN: true }),
				(x, y, eps) => {
					const out = run<Level>('balance.level-stand', {
						xForwardMmPerM: x + eps,
						xReversedMmPerM: x - eps,
						yForwardMmPerM: y + eps,
						...frame
					});
					expect(out.slopeXMmPerM).to.be.closeTo(x, 1e-9);
					expect(out.levelErrorMmPerM).to.be.closeTo(eps, 1e-9);
					const [first, second] = out.adjustments;
					if (Math.abs(x) > 0.0501)
						expect(first).to.deep.include({ foot: x > 0 ? 'A' : 'B', direction: 'raise' });
					// Lifting A or B tips the middle of their side, which C has to make good as well.
					const left = y - (first!.heightMm / frame.footDepthMm / 2) * 1000;
					if (Math.abs(left) > 0.0501)
						expect(second).to.deep.include({ foot: 'C', direction: left < 0 ? 'raise' : 'lower' });
					expect(first!.turns * 1.5).to.be.closeTo(first!.heightMm, 1e-9);
				}
			)
		));
	it('says when nothing is to be turned and when the level was not checked', () => {
		const out = run<Level>('balance.level-stand', { xForwardMmPerM: 0.02, yForwardMmPerM: -0.03, ...frame });
		expect(out.adjustments.map((a) => a.direction)).to.deep.equal(['none', 'none']);
		expect(codes(out)).to.deep.equal(['level-not-checked']);
		refuses(
			'balance.level-stand',
			{ xForwardMmPerM: 0.02, yForwardMmPerM: 60, ...frame },
			'yForwardMmPerM',
			'above-maximum'
		);
	});
	it('the steepest slope allowed fakes exactly its share', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 2, max: 60 }),
				fc.integer({ min: 20, max: 400 }),
				(massKg, allowedGmm) => {
					const max = run<{ maxSlopeMmPerM: number }>('balance.slope-error', {
						massKg,
						arborRadiusMm: 15,
						slopeMmPerM: 0,
						allowedGmm
					}).maxSlopeMmPerM;
					const out = run<{ fakedUnbalanceGmm: number }>('balance.slope-error', {
						massKg,
						arborRadiusMm: 15,
						slopeMmPerM: max,
						allowedGmm
					});
					expect(out.fakedUnbalanceGmm).to.be.closeTo(0.25 * allowedGmm, 1e-6 * allowedGmm);
				}
			)
		));
	it('a wheel rolls off a slope that fakes more than it has; discs do not roll', () => {
		expect(
			codes(run('balance.slope-error', { massKg: 11, arborRadiusMm: 15, slopeMmPerM: 3, unbalanceGmm: 240 }))
		).to.deep.equal(['wheel-rolls-off']);
		expect(
			run('balance.slope-error', {
				massKg: 11,
				arborRadiusMm: 15,
				slopeMmPerM: 3,
				unbalanceGmm: 240,
				standType: 'discs'
			})
		).to.deep.include({ fakedUnbalanceGmm: 0, headingErrorDeg: 0, maxSlopeMmPerM: null, verdict: 'ok' });
	});
});
