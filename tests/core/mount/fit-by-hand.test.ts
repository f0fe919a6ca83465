import { expect } from 'chai';
import { fitByHand } from '../../../src/core/mount/fit-by-hand.js';

const GOOD = { boreMm: 31.75, seatMm: 31.75, bushing: false, slidesOn: true, rocks: false };
const codes = (more: object) => fitByHand.run({ ...GOOD, ...more }).reasons.map((reason) => reason.code);

describe('a bore that is felt on its seat', () => {
	it('fits where both are of one size, it slides on and does not rock', () => {
		expect(fitByHand.run(GOOD)).to.deep.include({ sameSize: true, verdict: 'ok' });
		// 76.25 measured is a bore of 76.2.
		expect(codes({ boreMm: 76.25, seatMm: 76.2 })).to.deep.equal([]);
		// A size in no list counts as it is.
		expect(codes({ boreMm: 47, seatMm: 47 })).to.deep.equal([]);
		expect(codes({ boreMm: 47, seatMm: 47.05 })).to.deep.equal(['sizes-differ']);
	});
	it('is measured where the sizes differ, a bushing is in it, or it rocks or goes on hard', () => {
		expect(codes({ boreMm: 32 })).to.deep.equal(['sizes-differ']);
		expect(codes({ bushing: true })).to.deep.equal(['bushing']);
		expect(codes({ slidesOn: false })).to.deep.equal(['goes-on-hard']);
		expect(codes({ rocks: true })).to.deep.equal(['rocks']);
	});
	it('nothing of it is a caution: what is not right by hand is a stop', () => {
		for (const more of [{ bushing: true }, { rocks: true }, { slidesOn: false }, { boreMm: 32 }])
			expect(fitByHand.run({ ...GOOD, ...more }).verdict).to.equal('stop');
	});
});
