import { expect } from 'chai';
import { hiddenFromHead } from '../../../src/core/route/stations/balance/own-balancer.js';
import { current, did, faults, line, worked, recordOf } from '../../shared/setup-in-memory.js';
import { atBalance, onSpindle, permissible, found } from './at-balance.js';

describe("Balance: the stand and the machine's own balancer", () => {
	it('what a slope pretends to be is judged against the grade of this wheel', () => {
		const level = (x: number) =>
			did(atBalance(), 'balance', 'level', {
				xForwardMmPerM: x,
				xReversedMmPerM: x,
				yForwardMmPerM: 0,
				yReversedMmPerM: 0,
				footSpacingMm: 400,
				footDepthMm: 300,
				screwPitchMm: 1.5,
				raiseTurn: 'clockwise',
				rollsAlong: 'x'
			});
		expect(line(level(0), 'balance', 'level')).to.include({ state: 'ok' });
		expect(found(level(0.4), 'level', 'balance.slope-error').fakedUnbalanceGmm).to.be.above(
			found(level(0.1), 'level', 'balance.slope-error').fakedUnbalanceGmm!
		);
		expect(recordOf(level(0.1), 'balance', 'level', 'balance.slope-error')!.input.allowedGmm).to.be.closeTo(
			permissible(atBalance()),
			1e-9
		);
	});
	it('level both ways tells as much as one division of the level, and says so', () => {
		const bothWays = (divisionMmPerM: number, more: object = {}) =>
			did(atBalance(), 'balance', 'level-both-ways', { divisionMmPerM, along: true, across: true, ...more });
		expect(line(bothWays(0.02), 'balance', 'level')).to.deep.include({
			state: 'ok',
			basis: { kind: 'by-hand', how: 'level both ways', band: { value: 0.02, unit: 'mm/m' } }
		});
		expect(line(bothWays(0.02), 'balance', 'level')!.value).to.match(/^fakes at most /);
		expect(line(bothWays(5), 'balance', 'level')!.state).to.equal('caution');
		faults('inconsistent', 'across', () => bothWays(0.02, { across: false }));
	});
	it('the stand-in hides the same wheel from everybody, and brings it inside', () => {
		expect(hiddenFromHead(atBalance())).to.deep.equal(hiddenFromHead(worked('dress.position')));
		expect(hiddenFromHead({ ...atBalance(), id: 8 }).heavyAngleDeg).to.not.equal(
			hiddenFromHead(atBalance()).heavyAngleDeg
		);
		const f = did(onSpindle(), 'balance', 'auto', { standIn: true });
		expect(current(f)).to.equal('dress');
	});
	it('a real one tells how it shakes and what a gram millimetre does', () => {
		faults('missing', 'residualMmPerS', () => did(onSpindle(), 'balance', 'auto', { standIn: false }));
		faults('missing', 'sensitivityMmPerSPerGmm', () =>
			did(onSpindle(), 'balance', 'auto', { standIn: false, residualMmPerS: 0.2 })
		);
		const f = did(onSpindle(), 'balance', 'auto', {
			standIn: false,
			residualMmPerS: 0.2,
			sensitivityMmPerSPerGmm: 0.001
		});
		expect(recordOf(f, 'balance', 'auto', 'balance.tolerance')!.input.unbalanceGmm).to.be.closeTo(200, 1e-9);
	});
});
