import { expect } from 'chai';
import fc from 'fast-check';
import { nameplateSpeed } from '../../../src/core/run-in/nameplate-speed.js';
import { faults } from '../../shared/setup-in-memory.js';

const at = (plateRpm: number, mainsHz: string, limitRpm = 5000) =>
	nameplateSpeed.run({ plateRpm, mainsHz, limitRpm });

describe('the speed from the plate of an induction motor', () => {
	it('is that of the field, at the mains in use', () => {
		expect(at(1420, '50')).to.include({ synchronousRpm: 1500, poles: 4, verdict: 'ok' });
		expect(at(2920, '50').synchronousRpm).to.equal(3000);
		expect(at(950, '50').synchronousRpm).to.equal(1000);
		expect(at(3450, '60').synchronousRpm).to.equal(3600);
		expect(at(1750, '60').synchronousRpm).to.equal(1800);
		expect(at(1150, '60').synchronousRpm).to.equal(1200);
		expect(at(1420, '50').slipPct).to.be.closeTo(5.333, 1e-3);
	});
	it('is a stop as soon as the field alone is over the limit, whatever the plate says', () => {
		expect(at(1420, '50', 1500).verdict).to.equal('ok');
		expect(at(1420, '50', 1499)).to.include({ verdict: 'stop' });
		expect(at(1420, '50', 1450).reasons[0]!.code).to.equal('synchronous-over-limit');
	});
	it('a plate that no induction motor has is refused: universal and air motors have no field that bounds them', () => {
		for (const [plate, mains] of [
			[3600, '50'],
			[2400, '50'],
			[3700, '60'],
			[300, '60']
		] as const)
			faults('inconsistent', 'plateRpm', () => at(plate, mains));
	});
	it('never lets a wheel go that a tachometer at the same speed would stop', () =>
		fc.assert(
			fc.property(
				fc.constantFrom(2, 4, 6),
				fc.constantFrom('50', '60'),
				fc.double({ min: 0.86, max: 1, noNaN: true }),
				fc.integer({ min: 500, max: 4000 }),
				(poles, mains, share, limitRpm) => {
					const field = (120 * Number(mains)) / poles;
					const found = at(Math.min(field, field * share), mains, limitRpm);
					expect(found.verdict).to.equal(field > limitRpm ? 'stop' : 'ok');
				}
			)
		));
});
