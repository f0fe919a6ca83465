import { expect } from 'chai';
import fc from 'fast-check';
import { readQueue } from '../../src/lib/offline/read-queue.js';

const GOOD = {
	key: 'a',
	station: 'mount',
	step: 'fit',
	title: 'Fit',
	by: 'Ines Falk',
	setupId: 140,
	version: 3,
	atMs: 1,
	values: {},
	typed: [{ label: 'Bore', value: '76.2 mm' }],
	draft: null,
	refused: null
};

describe('what waits in a browser', () => {
	it('is read whole, and what is no record is put aside as it is', () => {
		expect(readQueue(JSON.stringify([GOOD]))).to.deep.equal({ good: [GOOD], bad: [] });
		for (const bad of ['null', '{}', '[null]', '[{}]', '[7]', '"x"', '{"key":"a"}', 'not even text'])
			expect(readQueue(bad).good, bad).to.deep.equal([]);
		expect(readQueue('[null,{}]').bad).to.deep.equal(['null', '{}']);
		expect(readQueue('no text').bad).to.deep.equal(['no text']);
	});
	it('nothing of it is lost and nothing throws, whatever stands there', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.oneof(
						fc.json().map((t) => JSON.parse(t) as unknown),
						fc.constant(GOOD)
					)
				),
				(list) => {
					const { good, bad } = readQueue(JSON.stringify(list));
					expect(good.length + bad.length).to.equal(list.length);
				}
			)
		));
});
