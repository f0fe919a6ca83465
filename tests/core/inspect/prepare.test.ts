import { expect } from 'chai';
import fc from 'fast-check';
import { prepare } from '../../../src/core/inspect/ring/prepare.js';

const anySound = fc
	.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 1, maxLength: 50 })
	.map((list) => Float64Array.from(list));

describe('a recording made ready to be listened to', () => {
	it('has no offset left, and the recording stays as it was', () => {
		fc.assert(
			fc.property(anySound, (raw) => {
				const before = Float64Array.from(raw);
				const { samples } = prepare(raw);
				expect(raw).to.deep.equal(before);
				expect(samples.reduce((a, b) => a + b, 0) / samples.length).to.be.closeTo(0, 1e-12);
			})
		);
	});
	it('comes to the same where it is put over the recording', () => {
		fc.assert(
			fc.property(anySound, (raw) => {
				const apart = prepare(raw);
				expect(prepare(raw, raw)).to.deep.equal(apart);
				expect(raw).to.deep.equal(apart.samples);
			})
		);
	});
	it('says what cannot be heard', () => {
		expect(prepare(new Float64Array(100).fill(0.5)).unusable, 'leaning, but still').to.equal('silent');
		expect(prepare(Float64Array.from({ length: 100 }, (_, i) => (i % 2 ? 1 : -1))).unusable).to.equal(
			'clipped'
		);
		expect(prepare(Float64Array.from({ length: 100 }, (_, i) => (i % 2 ? 0.1 : -0.1))).unusable).to.equal(
			null
		);
	});
});
