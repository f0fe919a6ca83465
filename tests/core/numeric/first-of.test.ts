import { expect } from 'chai';
import fc from 'fast-check';
import { FirstOf } from '../../../src/core/numeric/first-of.js';

const byNumber = (a: { n: number }, b: { n: number }) => a.n - b.n;

describe('the first few of a long list', () => {
	it('are those an ordered list begins with, equals in the order they came', () => {
		fc.assert(
			fc.property(fc.array(fc.nat(20)), fc.nat(8), (numbers, most) => {
				const all = numbers.map((n, at) => ({ n, at }));
				expect(new FirstOf(most, byNumber).of(all)).to.deep.equal([...all].sort(byNumber).slice(0, most));
			})
		);
	});
	it('says its last one only once there are enough', () => {
		const first = new FirstOf(2, byNumber);
		first.offer({ n: 5 });
		expect(first.last).to.equal(null);
		first.offer({ n: 3 });
		expect(first.last).to.deep.equal({ n: 5 });
		first.offer({ n: 4 });
		expect(first.last).to.deep.equal({ n: 4 });
	});
});
