import { expect } from 'chai';
import { answer } from '../../../src/core/answer.js';
import { CALCULATIONS } from '../../../src/core/calculations.js';

const errorOf = (id: string, input: object) => {
	const found = answer(id, input);
	return 'error' in found ? found.error : null;
};

describe('an input that no field has', () => {
	const GOOD = { ratedRpm: 2260, commandedRpm: 2200, measuredRpm: 2191, stage: 'before-wheel' };
	it('is refused by its name, with the names there are', () => {
		const wrong = errorOf('run-in.speed-check', { ...GOOD, ratedRPM: 2000 });
		expect(wrong).to.include({ field: 'ratedRPM', code: 'unknown-field' });
		expect(wrong!.message).to.match(/^There is no ratedRPM here\. .*: ratedRpm, ratedSpeedMps, /);
		expect(errorOf('run-in.speed-check', GOOD)).to.equal(null);
	});
	it('in a group or a list it is named by its place', () => {
		const pack = CALCULATIONS.find(({ id }) => id === 'mount.pack')!.example as {
			items: object[];
			arbor: object;
		};
		expect(errorOf('mount.pack', { ...pack, arbor: { ...pack.arbor, seatDiameter: 31 } })).to.include({
			field: 'arbor.seatDiameter',
			code: 'unknown-field'
		});
		const [first, ...others] = pack.items;
		expect(errorOf('mount.pack', { ...pack, items: [first, { ...others[0], bore: 3 }] })).to.include({
			field: 'items.1.bore'
		});
	});
	it('no example of a calculation has one', () => {
		for (const { id, example } of CALCULATIONS)
			expect(errorOf(id, example)?.code, id).not.to.equal('unknown-field');
	});
});
