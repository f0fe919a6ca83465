import { expect } from 'chai';
import { benchGrinder } from '../../../src/core/mount/bench-grinder.js';
import { spindleRunout } from '../../../src/core/mount/spindle-runout.js';

const GOOD = {
	restGapMm: 2,
	tongueGapMm: 5,
	restAtCentre: true,
	guardsOn: true,
	shieldClear: true,
	boltedDown: true
};
const codes = (o: { reasons: { code: string }[] }) => o.reasons.map((r) => r.code);

describe('mount.bench-grinder', () => {
	it('holds at its limits and stops beyond them', () => {
		expect(benchGrinder.run(GOOD).verdict).to.equal('ok');
		expect(benchGrinder.run({ ...GOOD, restGapMm: 3, tongueGapMm: 6 }).verdict).to.equal('ok');
		for (const [more, code] of [
			[{ restGapMm: 3.1 }, 'rest-gap'],
			[{ tongueGapMm: 6.5 }, 'tongue-gap'],
			[{ guardsOn: false }, 'guards-off'],
			[{ restAtCentre: false }, 'rest-not-at-centre'],
			[{ shieldClear: false }, 'shield'],
			[{ boltedDown: false }, 'not-bolted']
		] as const)
			expect(codes(benchGrinder.run({ ...GOOD, ...more }))).to.deep.equal([code]);
	});
});
describe('mount.spindle-runout', () => {
	it('is judged by the worse of taper and flange', () => {
		expect(spindleRunout.run({ taperRunoutUm: 3, flangeRunoutUm: 5 })).to.include({
			verdict: 'ok',
			worstUm: 5
		});
		expect(spindleRunout.run({ taperRunoutUm: 6, flangeRunoutUm: 2 })).to.include({
			verdict: 'caution',
			worstUm: 6
		});
		expect(codes(spindleRunout.run({ taperRunoutUm: 2, flangeRunoutUm: 25 }))).to.deep.equal([
			'runout-over-limit'
		]);
	});
});
