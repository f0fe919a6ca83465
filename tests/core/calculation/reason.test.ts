import { expect } from 'chai';
import fc from 'fast-check';
import { MIN_REASON, checkedReason, isReason, lettersIn } from '../../../src/core/calculation/reason.js';
import { applySubmission } from '../../../src/core/route/apply-submission.js';
import { faults, worked } from '../../shared/setup-in-memory.js';

describe('a reason', () => {
	it('is so many letters, not so many keys', () => {
		for (const text of ['', '   ', '..........', 'ok', '- - - - - - - -', 'a b c d e f'])
			expect(isReason(text), text).to.equal(false);
		expect(checkedReason('  the gauge is out  ')).to.equal('the gauge is out');
		expect(lettersIn('Öl läuft, 4 mal')).to.equal(11);
	});
	it('blanks and dots never make one of what is none', () =>
		fc.assert(
			fc.property(
				fc.string({ maxLength: 30 }),
				fc.array(fc.constantFrom(' ', '.', '-', '!'), { maxLength: 40 }),
				(text, more) => {
					expect(isReason(text + more.join(''))).to.equal(lettersIn(text) >= MIN_REASON);
				}
			)
		));
	it('too long is said too, with its field', () => {
		faults('above-maximum', 'reason', () => checkedReason('x'.repeat(501)));
		faults('above-maximum', 'why', () => checkedReason('x'.repeat(181), 180, 'why'));
	});
	it('is asked of a step as of everything else, and may be left out', () => {
		const fit = (reason: string | null) =>
			applySubmission(worked('mount.fit'), {
				station: 'mount',
				step: 'fit',
				values: { boreMm: 76.5, arborMm: 76.2, forced: false },
				reason
			});
		faults('below-minimum', 'reason', () => fit('ok ......'));
		expect(fit(null)).to.have.property('records');
		expect(fit('the next one is ordered')).to.have.nested.property(
			'records[0].overrideReason',
			'the next one is ordered'
		);
	});
});
