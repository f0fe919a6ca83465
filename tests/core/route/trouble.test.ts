import { expect } from 'chai';
import { daysSinceDress, helpedBefore, knownFacts } from '../../../src/core/route/stations/keep/trouble.js';
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
	it('the refractometer of this morning and a diamond that was not turned speak by themselves', () => {
		const f = released();
		const sheet = { recordId: 1, day: f.today, shift: 'early', mayStart: true, by: 'x', atMs: 0 } as const;
		const said = (open: readonly string[], day = f.today) =>
			knownFacts({ ...f, morning: { ...sheet, open, day } });
		expect(said(['coolant concentration']))
			.to.include('coolant-weak-or-missed')
			.and.not.include('coolant-good');
		expect(said([])).to.include('coolant-good');
		expect(said([], '2026-05-01')).to.not.include.members(['coolant-good']);
		const worn = { ...f.dresser!, dressesSinceTurn: 21, turnEvery: 20 };
		expect(knownFacts({ ...f, dresser: worn })).to.include('diamond-flat-large');
		expect(knownFacts({ ...f, dresser: { ...worn, dressesSinceTurn: 20 } })).to.not.include(
			'diamond-flat-large'
		);
	});
	it('dressed today with nothing ground since it is fresh; days later, or with parts on it, it is not', () => {
		const f = released();
		expect(daysSinceDress(f)).to.be.below(1);
		expect(knownFacts(f)).to.include('just-dressed');
		const later = { ...f, nowMs: f.nowMs + 3 * 86_400_000 };
		expect(daysSinceDress(later)).to.be.within(3, 4);
		expect(knownFacts(later)).to.not.include('just-dressed');
		expect(knownFacts({ ...f, sums: { ...f.sums, partsSinceDress: 1 } })).to.not.include('just-dressed');
		expect(knownFacts({ ...f, sums: { ...f.sums, inPartMm: 0.4 } })).to.not.include('just-dressed');
		expect(daysSinceDress({ ...f, sums: { ...f.sums, dressedAtMs: null } })).to.equal(null);
	});
	it("the shop's own points weigh in it, and stand in the record", () => {
		const own = { of: 'chatter', cause: 'work-loose', points: 9 } as const;
		const f = released();
		const found = search({ ...f, guidelines: { ...f.guidelines, points: [own] } });
		const kept = recordOf(found, 'keep', 'trouble')!;
		expect(kept.output.top).to.equal('work-loose');
		expect(kept.input.shopPoints).to.deep.equal([own]);
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
