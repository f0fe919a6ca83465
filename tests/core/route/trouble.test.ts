import { expect } from 'chai';
import { helpedBefore, knownFacts } from '../../../src/core/route/stations/keep/trouble.js';
import { did, later, recordOf, worked } from '../../shared/setup-in-memory.js';

const released = () => worked('keep.entry');
const search = (f: ReturnType<typeof released>, more: object = {}) =>
	did(f, 'keep', 'trouble', { symptoms: ['chatter'], facts: knownFacts(f), ...more });

describe('finding the trouble of a setup', () => {
	it('what the records show is known without asking', () => {
		const known = knownFacts(released());
		expect(known).to.include.members(['balance-in-limit', 'run-out-in-limit', 'trued-since-mounting']);
		expect(known).to.not.include('many-parts-since-dress');
		const f = released();
		expect(knownFacts({ ...f, sums: { ...f.sums, partsSinceDress: 40, redressAfter: 30 } })).to.include(
			'many-parts-since-dress'
		);
		expect(knownFacts(worked('mount.fit')), 'nothing is known before it was measured').to.not.include.members(
			['balance-in-limit']
		);
	});
	it('a balance that is proved takes the blame off the balance', () => {
		const out = recordOf(search(released()), 'keep', 'trouble')!.output as {
			causes: { code: string }[];
			top: string;
		};
		expect(out.causes.map((c) => c.code)).to.not.include('out-of-balance');
		expect(out.causes.map((c) => c.code)).to.not.include('run-out');
	});
	it('it is looked for before the release too, and what helped is told the next time, newest first', () => {
		const before = did(worked('prove.release'), 'prove', 'trouble', { symptoms: ['burr'], facts: [] });
		expect(helpedBefore(before)).to.deep.equal([]);
		const once = search(released(), { helped: 'work-loose', note: 'one stop was missing' });
		const twice = search(later(once, 3600), { helped: 'diamond-loose' });
		expect(helpedBefore(twice).map((h) => [h.cause, h.note])).to.deep.equal([
			['diamond-loose', ''],
			['work-loose', 'one stop was missing']
		]);
	});
});
