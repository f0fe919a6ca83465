import { expect } from 'chai';
import fc from 'fast-check';
import { calculation } from '../../../src/core/calculations.js';
import { runInEnergy } from '../../../src/core/run-in/energy.js';
import { runInRecommission } from '../../../src/core/run-in/recommission.js';
import { refuses } from '../examples.js';

const WHEEL = calculation('run-in.energy').example as Record<string, unknown>;
const OLD = {
	inspectedIsolated: true,
	stopsSetClose: true,
	guardSound: true,
	wheelFitted: false,
	hydraulic: false,
	rotationSeen: 'cw',
	rotationRequired: 'cw',
	emergencyStop: 'works'
};
const codes = (more: object) => runInRecommission.run({ ...OLD, ...more }).reasons.map((r) => r.code);

describe('run-in.energy', () => {
	it('flight and spin of a piece together are its share of the wheel', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.05, max: 0.5, noNaN: true }),
				fc.double({ min: 100, max: 6000, noNaN: true }),
				(fragmentFraction, speedRpm) => {
					const e = runInEnergy.run({ ...WHEEL, fragmentFraction, speedRpm });
					expect(e.fragmentTranslationJ + e.fragmentRotationJ).to.be.closeTo(
						fragmentFraction * e.kineticEnergyJ,
						1e-6 * e.kineticEnergyJ
					);
					expect(e.fragmentRotationJ).to.be.above(0);
					expect(e.fragmentCentroidMm).to.be.below(150);
				}
			)
		));
	it('twice the speed, four times the energy and the pull', () => {
		const [one, two] = [
			runInEnergy.run({ ...WHEEL, speedRpm: 1000 }),
			runInEnergy.run({ ...WHEEL, speedRpm: 2000 })
		];
		expect(two.kineticEnergyJ / one.kineticEnergyJ).to.be.closeTo(4, 1e-9);
		expect(two.hoopStressBoreMPa / one.hoopStressBoreMPa).to.be.closeTo(4, 1e-9);
		expect(two.stressLimitRpm).to.be.closeTo(one.stressLimitRpm!, 1e-6);
	});
	it('never carries a verdict: it permits nothing', () => {
		const e = runInEnergy.run({ ...WHEEL, speedRpm: 0 }) as Record<string, unknown>;
		expect(e).to.include({ informationOnly: true, kineticEnergyJ: 0, stressLimitRpm: null });
		expect(e).not.to.have.any.keys('verdict', 'reasons');
		refuses('run-in.energy', { ...WHEEL, boreMm: 300 }, 'boreMm', 'above-maximum');
	});
});

describe('run-in.recommission', () => {
	it('leads to the first slow stroke when all is well', () =>
		expect(runInRecommission.run(OLD)).to.include({
			verdict: 'ok',
			next: 'first-slow-stroke',
			rotationFix: 'none'
		}));
	it('names the first thing not done', () => {
		for (const [more, next, code] of [
			[{ inspectedIsolated: false }, 'inspect-isolated', 'not-inspected-isolated'],
			[{ guardSound: false }, 'check-guard', 'guard-unsound'],
			[{ stopsSetClose: false }, 'set-stops-close', 'stops-not-set'],
			[{ emergencyStop: 'fails' }, 'try-emergency-stop', 'emergency-stop-fails'],
			[{ emergencyStop: 'not-tried' }, 'try-emergency-stop', 'emergency-stop-untried'],
			[{ rotationSeen: 'not-tried' }, 'check-rotation-without-wheel', 'rotation-untried']
		] as const) {
			expect(runInRecommission.run({ ...OLD, ...more }).next).to.equal(next);
			expect(codes(more)).to.deep.equal([code]);
		}
	});
	it('wants the wheel off before the direction is tried, and an electrician for the wrong one', () => {
		expect(codes({ wheelFitted: true, rotationSeen: 'not-tried' })).to.deep.equal([
			'wheel-on-before-direction-check',
			'rotation-untried'
		]);
		expect(runInRecommission.run({ ...OLD, rotationSeen: 'ccw', threePhase: false }).rotationFix).to.equal(
			'ask-electrician'
		);
	});
	it('a table that moves its full stroke softly does for a gauge nobody has, one that does not is a stop', () => {
		const oil = { hydraulic: true, pumpRunS: 300 };
		expect(codes({ ...oil, tableMoves: 'softly' })).to.deep.equal([]);
		expect(codes({ ...oil, tableMoves: 'jerks' })).to.deep.equal(['table-moves-badly']);
		expect(codes({ ...oil, tableMoves: 'not-fully' })).to.deep.equal(['table-moves-badly']);
		// A gauge that was read counts, however softly it moves.
		expect(codes({ ...oil, tableMoves: 'softly', pressureBar: 13, pressureRequiredBar: 14 })).to.deep.equal([
			'pressure-low'
		]);
	});
	it('builds pressure on a hydraulic table only', () => {
		const oil = { hydraulic: true, pressureRequiredBar: 14, pressureBar: 15, pumpRunS: 300 };
		expect(codes(oil)).to.deep.equal([]);
		expect(codes({ ...oil, pressureBar: 13 })).to.deep.equal(['pressure-low']);
		expect(runInRecommission.run({ ...OLD, ...oil, pumpRunS: 100 })).to.include({
			verdict: 'caution',
			next: 'build-pressure'
		});
		refuses('run-in.recommission', { ...OLD, hydraulic: true }, 'pressureRequiredBar', 'missing');
	});
});
