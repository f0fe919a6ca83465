import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

type Codes = { verdict: string; reasons: { code: string }[] };
const codes = (o: Codes): string[] => o.reasons.map((r) => r.code);
const DEG = Math.PI / 180;

interface Weights extends Codes {
	placements: { massG: number; angleDeg: number; travelDeg: number }[];
	capacityGmm: number;
}
const weights = (input: object): Weights => calculation('balance.weights').run(input) as unknown as Weights;
/** What is left when the weights stand where they were told to stand. */
const left = (unbalanceGmm: number, heavyAngleDeg: number, radiusMm: number, w: Weights): number => {
	let x = unbalanceGmm * Math.cos(heavyAngleDeg * DEG),
		y = unbalanceGmm * Math.sin(heavyAngleDeg * DEG);
	for (const p of w.placements) {
		x += p.massG * radiusMm * Math.cos(p.angleDeg * DEG);
		y += p.massG * radiusMm * Math.sin(p.angleDeg * DEG);
	}
	return Math.hypot(x, y);
};

describe('balance.weights: any unbalance', () => {
	it('leaves next to nothing when the weights can carry it', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 900 }),
				fc.integer({ min: 0, max: 359 }),
				fc.integer({ min: 2, max: 4 }),
				(unbalanceGmm, heavyAngleDeg, count) => {
					const w = weights({
						unbalanceGmm,
						heavyAngleDeg,
						measuredWith: 'weights-off',
						trackRadiusMm: 60,
						weights: Array.from({ length: count }, () => ({ massG: 10 }))
					});
					expect(w.capacityGmm).to.be.closeTo(count * 600, 1e-9);
					if (w.verdict === 'ok') expect(left(unbalanceGmm, heavyAngleDeg, 60, w)).to.be.below(1e-3);
					expect(codes(w)).not.to.include('capacity-exceeded');
				}
			),
			{ numRuns: 60 }
		)).timeout(30_000);
	it('says so when they cannot, and keeps them out of a forbidden stretch', () => {
		expect(
			codes(
				weights({
					unbalanceGmm: 5000,
					heavyAngleDeg: 10,
					measuredWith: 'weights-off',
					trackRadiusMm: 60,
					weights: [{ massG: 10 }, { massG: 10 }]
				})
			)
		).to.deep.equal(['capacity-exceeded']);
		const w = weights({
			unbalanceGmm: 500,
			heavyAngleDeg: 180,
			measuredWith: 'weights-off',
			trackRadiusMm: 60,
			weights: [{ massG: 10 }, { massG: 10 }, { massG: 10 }],
			forbidden: [{ fromAngleDeg: 350, toAngleDeg: 20 }]
		});
		for (const p of w.placements)
			expect(p.angleDeg > 20 - 1e-6 && p.angleDeg < 350 + 1e-6, String(p.angleDeg)).to.equal(true);
	});
	it('refuses a single weight and names a weight without mass', () => {
		refuses(
			'balance.weights',
			{ unbalanceGmm: 5, heavyAngleDeg: 1, trackRadiusMm: 60, weights: [{ massG: 10 }] },
			'weights',
			'too-few'
		);
		refuses(
			'balance.weights',
			{ unbalanceGmm: 5, heavyAngleDeg: 1, trackRadiusMm: 60, weights: [{ massG: 10 }, {}] },
			'weights.1.massG',
			'missing'
		);
	});
});

describe('balance.tolerance and balance.from-period: how they scale', () => {
	interface Tolerance extends Codes {
		permissibleGmm: number;
		ratio: number;
		forceN: number;
	}
	const tolerance = (more: object): Tolerance =>
		calculation('balance.tolerance').run({
			machineClass: 'cylindrical',
			massKg: 20,
			speedRpm: 1500,
			unbalanceGmm: 300,
			wheelDiameterMm: 400,
			correctionRadiusMm: 80,
			...more
		}) as unknown as Tolerance;
	it('twice the mass allows twice as much, twice the speed half as much', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 100 }),
				fc.integer({ min: 200, max: 4000 }),
				(massKg, speedRpm) => {
					const one = tolerance({ massKg, speedRpm });
					expect(tolerance({ massKg: 2 * massKg, speedRpm }).permissibleGmm).to.be.closeTo(
						2 * one.permissibleGmm,
						1e-6 * one.permissibleGmm
					);
					expect(tolerance({ massKg, speedRpm: 2 * speedRpm }).permissibleGmm).to.be.closeTo(
						one.permissibleGmm / 2,
						1e-6 * one.permissibleGmm
					);
					expect(tolerance({ massKg, speedRpm: 2 * speedRpm }).forceN).to.be.closeTo(
						4 * one.forceN,
						1e-6 * one.forceN
					);
					expect(one.ratio).to.be.closeTo(300 / one.permissibleGmm, 1e-9 * one.ratio);
					expect(one.verdict === 'ok').to.equal(one.ratio <= 1);
				}
			)
		));
	it('a slower swing is a smaller unbalance', () =>
		fc.assert(
			fc.property(fc.integer({ min: 80, max: 300 }), fc.integer({ min: 5, max: 300 }), (tenths, more) => {
				const swing = (timeS: number) =>
					(
						calculation('balance.from-period').run({
							massKg: 8.2,
							inertiaKgM2: 0.078,
							arborRadiusMm: 14,
							timeS,
							restAngleDeg: 40
						}) as unknown as { unbalanceGmm: number }
					).unbalanceGmm;
				expect(swing((tenths + more) / 10)).to.be.below(swing(tenths / 10));
			})
		));
	it('puts the light side opposite the heavy one', () =>
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 359 }), (restAngleDeg) => {
				const out = calculation('balance.from-period').run({
					massKg: 8.2,
					inertiaKgM2: 0.078,
					arborRadiusMm: 14,
					timeS: 15,
					restAngleDeg
				}) as unknown as { heavyAngleDeg: number; lightAngleDeg: number };
				expect(out.heavyAngleDeg).to.be.closeTo(restAngleDeg, 1e-9);
				expect((out.lightAngleDeg - out.heavyAngleDeg + 360) % 360).to.be.closeTo(180, 1e-9);
			})
		));
});
