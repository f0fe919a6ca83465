import { expect } from 'chai';
import { foundBy } from '../../../src/core/route/basis.js';
import { prerequisites } from '../../../src/core/route/stations/run-in/start.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { did, line, worked } from '../../shared/setup-in-memory.js';

const SLIDES = { bushing: false, slidesOn: true, rocks: false };
const atMount = () => worked('mount.fit');
const felt = (f: SetupFacts, more: object = {}) => did(f, 'mount', 'fit-felt', { ...SLIDES, ...more });
const measured = (f: SetupFacts, boreMm = 76.25) =>
	did(f, 'mount', 'fit', { boreMm, arborMm: 76.2, forced: false });

describe('Mount: a bore that is felt on its seat', () => {
	it('holds where bore and seat are marked with one size, and says how it is known', () => {
		const f = felt(atMount());
		expect(line(f, 'mount', 'fit')).to.deep.include({
			state: 'ok',
			value: 'slides on, does not rock',
			basis: foundBy('slid on, did not rock')
		});
		expect(prerequisites(f).find(({ id }) => id === 'mount.fit')!.verdict).to.equal('ok');
	});
	it('that rocks, goes on hard or has a bushing is a stop until both are measured', () => {
		for (const wrong of [{ rocks: true }, { slidesOn: false }, { bushing: true }]) {
			const f = felt(atMount(), wrong);
			expect(line(f, 'mount', 'fit')!.state).to.equal('stop');
			expect(line(measured(f), 'mount', 'fit')!.state).to.equal('ok');
		}
	});
	it('never overrules what was measured, but for the worse', () => {
		const wrong = measured(atMount(), 76.19);
		expect(line(wrong, 'mount', 'fit')!.state).to.equal('stop');
		expect(line(felt(wrong), 'mount', 'fit')!.state).to.equal('stop');
		expect(line(felt(measured(atMount()), { rocks: true }), 'mount', 'fit')!.state).to.equal('stop');
	});
});
