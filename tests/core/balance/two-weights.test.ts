import { codes, run } from '../judged.js';
import { expect } from 'chai';
import fc from 'fast-check';
import { add, angleOf, len, vec, wrap180 } from '../../../src/core/numeric/angles.js';
import { refuses } from '../examples.js';

const deg = fc.integer({ min: 0, max: 359 });
interface Placed {
	massG: number;
	angleDeg: number;
	travelDeg: number | null;
}

describe('balance.two-weights', () => {
	type Out = {
		placements: Placed[];
		residualGmm: number;
		residualAngleDeg: number | null;
		openingDeg: number;
		totalTravelDeg: number | null;
	};
	it('leaves exactly what it says, and nothing when it can', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 1500 }),
				deg,
				fc.integer({ min: 3, max: 12 }),
				fc.integer({ min: 3, max: 12 }),
				fc.integer({ min: 0, max: 60 }),
				(unbalanceGmm, heavyAngleDeg, massG, secondMassG, minGapDeg) => {
					const out = run<Out>('balance.two-weights', {
						unbalanceGmm,
						heavyAngleDeg,
						massG,
						secondMassG,
						radiusMm: 55,
						minGapDeg
					});
					const left = out.placements.reduce(
						(v, p) => add(v, vec(p.massG * 55, p.angleDeg)),
						vec(unbalanceGmm, heavyAngleDeg)
					);
					expect(len(left)).to.be.closeTo(out.residualGmm, 1e-6);
					if (!out.reasons.length) expect(out.residualGmm).to.be.below(1e-6);
					expect(out.openingDeg).to.be.at.least(minGapDeg - 1e-6);
					if (out.residualAngleDeg !== null)
						expect(Math.abs(wrap180(out.residualAngleDeg - angleOf(left)))).to.be.below(1e-3);
				}
			)
		));
	it('weights that must stand exactly opposite, or exactly together, leave nothing', () => {
		for (const [unbalanceGmm, massG, secondMassG] of [
			[220, 9, 5],
			[770, 9, 5],
			[165, 3, 6],
			[1320, 12, 12]
		] as const)
			for (const heavyAngleDeg of [0, 45, 157, 301.5])
				expect(
					run<Out>('balance.two-weights', { unbalanceGmm, heavyAngleDeg, massG, secondMassG, radiusMm: 55 })
						.residualGmm
				).to.be.below(1e-9);
	});
	it('turns with the unbalance; of two mirror images it takes the nearer', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 10, max: 900 }),
				deg,
				deg,
				deg,
				deg,
				(unbalanceGmm, heavyAngleDeg, a, b, by) => {
					const at = (turn: number) =>
						run<Out>('balance.two-weights', {
							unbalanceGmm,
							heavyAngleDeg: heavyAngleDeg + turn,
							massG: 9,
							radiusMm: 55,
							currentAnglesDeg: [a + turn, b + turn]
						});
					const [one, other] = [at(0), at(by)];
					expect(other.totalTravelDeg).to.be.closeTo(one.totalTravelDeg!, 1e-6);
					expect(other.residualGmm).to.be.closeTo(one.residualGmm, 1e-6);
				}
			)
		));
	it('says which way it cannot', () => {
		const of = (more: object) =>
			codes(
				run('balance.two-weights', { unbalanceGmm: 430, heavyAngleDeg: 38, massG: 9, radiusMm: 55, ...more })
			);
		expect(of({ unbalanceGmm: 5000 })).to.deep.equal(['capacity-exceeded']);
		expect(of({ unbalanceGmm: 960, minGapDeg: 40 })).to.deep.equal(['weights-too-close']);
		expect(of({ unbalanceGmm: 20, secondMassG: 3 })).to.deep.equal(['weights-too-unequal']);
		const covered = run('balance.two-weights', {
			unbalanceGmm: 1000,
			heavyAngleDeg: 38,
			massG: 9,
			radiusMm: 55,
			permissibleGmm: 50
		});
		expect(covered.verdict).to.equal('caution');
		expect(
			run<Out>('balance.two-weights', {
				unbalanceGmm: 0,
				heavyAngleDeg: 38,
				massG: 9,
				radiusMm: 55,
				neutralAngleDeg: 30
			}).placements.map((p) => p.angleDeg)
		).to.deep.equal([30, 210]);
		refuses(
			'balance.two-weights',
			{ unbalanceGmm: 5, heavyAngleDeg: 1, massG: 9, radiusMm: 55, currentAnglesDeg: [1] },
			'currentAnglesDeg',
			'too-few'
		);
	});
});
