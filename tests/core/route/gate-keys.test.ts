import { expect } from 'chai';
import { decide } from '../../../src/core/route/engine.js';
import { PLACES } from './every-place.js';

describe('keys of gate lines', () => {
	it('stand once in a station: asking for a line by its key never finds another one', () => {
		for (const [station, facts] of PLACES) {
			const { stations } = decide(facts());
			for (const view of stations) {
				const keys = view.lines.map((l) => l.key);
				const again = keys.filter((key, i) => keys.indexOf(key) !== i);
				expect(again, `${view.id}, at ${station}`).to.deep.equal([]);
			}
		}
	});
});
