import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { add, vec } from '../../../src/core/numeric/angles.js';
import { refuses } from '../examples.js';

const deg = fc.integer({ min: 0, max: 359 });

describe('balance.holes', () => {
	type Out = {
		placements: { hole: number; angleDeg: number; massG: number }[];
		totalMassG: number;
		exactTotalMassG: number;
		residualGmm: number;
	};
	const pulls = (out: Out, r: number) =>
		out.placements.reduce((v, p) => add(v, vec(p.massG * r, p.angleDeg)), { x: 0, y: 0 });
	it('makes the correction with holes that are not overfilled', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 900 }),
				deg,
				fc.integer({ min: 3, max: 24 }),
				fc.integer({ min: 2, max: 12 }),
				(correctionGmm, correctionAngleDeg, holeCount, maxMassG) => {
					const out = run<Out>('balance.holes', {
						correctionGmm,
						correctionAngleDeg,
						holeRadiusMm: 65,
						holeCount,
						maxMassG
					});
					if (codes(out).length) {
						expect(codes(out)).to.deep.equal(['capacity-exceeded']);
						expect(out.residualGmm).to.equal(correctionGmm);
						return;
					}
					const v = pulls(out, 65),
						c = vec(correctionGmm, correctionAngleDeg);
					expect(Math.hypot(v.x - c.x, v.y - c.y)).to.be.below(1e-3);
					for (const p of out.placements) expect(p.massG).to.be.at.most(maxMassG + 1e-9);
					// No lighter way with a little less in one hole and a little more in its neighbours: two holes next to the correction are the best without a limit.
					const free = run<Out>('balance.holes', {
						correctionGmm,
						correctionAngleDeg,
						holeRadiusMm: 65,
						holeCount
					});
					expect(out.totalMassG).to.be.at.least(free.totalMassG - 1e-6);
					expect(free.placements.length).to.be.at.most(2);
				}
			)
		));
	it('fills the neighbours when one is full, with less in all than any other split of a fine grid', () => {
		const out = run<Out>('balance.holes', {
			correctionGmm: 800,
			correctionAngleDeg: 0,
			holeRadiusMm: 65,
			holeCount: 12,
			maxMassG: 5
		});
		expect(out.placements.map((p) => p.hole).sort((a, b) => a - b)).to.deep.equal([1, 2, 12]);
		expect(out.placements.find((p) => p.hole === 1)!.massG).to.be.closeTo(5, 1e-9);
	});
	it('rounds to steps no coarser than they are, says when they are too coarse and where there are no holes', () => {
		const out = run<Out>('balance.holes', {
			correctionGmm: 510,
			correctionAngleDeg: 100,
			holeRadiusMm: 65,
			holeCount: 8,
			massStepG: 4,
			permissibleGmm: 20
		});
		for (const p of out.placements) expect(p.massG % 4).to.be.closeTo(0, 1e-9);
		expect(codes(out)).to.deep.equal(['step-too-coarse']);
		expect(
			codes(
				run('balance.holes', {
					correctionGmm: 510,
					correctionAngleDeg: 100,
					holeRadiusMm: 65,
					holeAnglesDeg: [280, 300, 260]
				})
			)
		).to.deep.equal(['no-holes-that-side']);
		expect(
			run<Out>('balance.holes', {
				correctionGmm: 500,
				correctionAngleDeg: 100,
				holeRadiusMm: 50,
				holeAnglesDeg: [100, 100],
				maxMassG: 6
			}).placements.map((p) => Math.round(1e6 * p.massG) / 1e6)
		).to.deep.equal([6, 4]);
		expect(
			run<Out>('balance.holes', { correctionGmm: 0, correctionAngleDeg: 0, holeRadiusMm: 50, holeCount: 4 })
				.placements
		).to.deep.equal([]);
		refuses(
			'balance.holes',
			{ correctionGmm: 5, correctionAngleDeg: 1, holeRadiusMm: 50 },
			'holeCount',
			'missing'
		);
	});
});
