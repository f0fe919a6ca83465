import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { refuses } from '../examples.js';

type Read = {
	tirUm: number;
	eccentricityUm: number;
	highSpotAngleDeg: number;
	residualTirUm: number;
	meanUm: number;
};
const run = (input: object): Read => calculation('true.runout').run(input) as unknown as Read;
const rim = (n: number, e: number, at: number, mean = 0): number[] =>
	Array.from({ length: n }, (_, k) => mean + e * Math.cos(((k * 360) / n - at) * (Math.PI / 180)));
const apart = (a: number, b: number): number => {
	const d = Math.abs(a - b) % 360;
	return Math.min(d, 360 - d);
};

describe('true.runout: any rim', () => {
	it('gives back the eccentricity a rim was made with, and no shape', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 4, max: 72 }),
				fc.double({ min: 1, max: 3000, noNaN: true }),
				fc.double({ min: 0, max: 359.9, noNaN: true }),
				fc.double({ min: -500, max: 500, noNaN: true }),
				(n, e, at, mean) => {
					const out = run({ readingsUm: rim(n, e, at, mean) });
					expect(out.eccentricityUm).to.be.closeTo(e, 1e-6 * e + 1e-6);
					expect(apart(out.highSpotAngleDeg, at)).to.be.below(1e-4);
					expect(out.residualTirUm).to.be.below(1e-6);
					expect(out.meanUm).to.be.closeTo(mean, 1e-6);
				}
			)
		));
	it('does not care where the dial was set to zero', () =>
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: -400, max: 400 }), { minLength: 4, maxLength: 24 }),
				fc.integer({ min: -500, max: 500 }),
				(readingsUm, zero) => {
					const a = run({ readingsUm });
					const b = run({ readingsUm: readingsUm.map((r) => r + zero) });
					expect(b.tirUm).to.equal(a.tirUm);
					expect(b.eccentricityUm).to.be.closeTo(a.eccentricityUm, 1e-6);
					expect(b.residualTirUm).to.be.closeTo(a.residualTirUm, 1e-6);
				}
			)
		));
	it('turns the high spot with the start, and mirrors it with the way the wheel was turned', () => {
		const readingsUm = rim(12, 40, 70);
		expect(apart(run({ readingsUm, startAngleDeg: 30 }).highSpotAngleDeg, 100)).to.be.below(1e-6);
		expect(apart(run({ readingsUm, wheelTurned: 'clockwise' }).highSpotAngleDeg, 290)).to.be.below(1e-6);
	});
	it('reads uneven places as well as even ones', () => {
		const anglesDeg = [0, 20, 75, 130, 200, 260, 331];
		const out = run({
			anglesDeg,
			readingsUm: anglesDeg.map((a) => 12 + 33 * Math.cos(((a - 250) * Math.PI) / 180))
		});
		expect(out.eccentricityUm).to.be.closeTo(33, 1e-6);
		expect(apart(out.highSpotAngleDeg, 250)).to.be.below(1e-6);
	});
	it('refuses too few readings, places that do not go round, and names the bad reading', () => {
		refuses('true.runout', { readingsUm: [1, 2, 3] }, 'readingsUm', 'too-few');
		refuses('true.runout', { readingsUm: [1, 2, 'x', 4] }, 'readingsUm.2', 'not-a-number');
		refuses('true.runout', { readingsUm: [1, 2, 3, 20000] }, 'readingsUm.3', 'above-maximum');
	});
});

describe('true.plan: any stock', () => {
	const base = {
		runoutTirUm: 100,
		allowanceUm: 20,
		wheelDiameterMm: 300,
		wheelWidthMm: 30,
		speedRpm: 1900,
		leadUm: 100,
		minDiameterMm: 180,
		ratedSpeedMps: 40
	};
	type Plan = {
		radialStockUm: number;
		roughPasses: number;
		roughInfeedUm: number;
		finishPasses: number;
		finishInfeedUm: number;
		diameterAfterMm: number;
		timeS: number;
		timePerPassS: number;
		totalPasses: number;
		remainingRadialMm: number;
	};
	const plan = (more: object): Plan => calculation('true.plan').run({ ...base, ...more }) as unknown as Plan;
	it('removes the stock, and knows what diameter and time that leaves', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 5, max: 1500 }),
				fc.integer({ min: 0, max: 200 }),
				(runoutTirUm, allowanceUm) => {
					const p = plan({ runoutTirUm, allowanceUm });
					const removed = p.roughPasses * p.roughInfeedUm + p.finishPasses * p.finishInfeedUm;
					expect(removed).to.be.at.least(p.radialStockUm - 1e-6);
					expect(p.diameterAfterMm, 'only half the run-out comes off each side').to.be.closeTo(
						base.wheelDiameterMm - (runoutTirUm + 2 * allowanceUm) / 1000,
						1e-9
					);
					expect(p.remainingRadialMm).to.be.closeTo((p.diameterAfterMm - base.minDiameterMm) / 2, 1e-9);
					expect(p.timeS).to.be.closeTo(p.totalPasses * p.timePerPassS, 1e-6 * p.timeS);
				}
			)
		));
	it('stops above the rated speed and below the smallest diameter', () => {
		expect(JSON.stringify(calculation('true.plan').run({ ...base, ratedSpeedMps: 20 }))).to.contain(
			'over-rated-speed'
		);
		expect(JSON.stringify(calculation('true.plan').run({ ...base, minDiameterMm: 299.9 }))).to.contain(
			'below-minimum-diameter'
		);
	});
});
