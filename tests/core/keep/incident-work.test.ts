import { expect } from 'chai';
import { incidentPlan } from '../../../src/core/keep/incident-plan.js';
import { causeAsked, inShopPlan } from '../../../src/core/keep/incident-work.js';

const FOUND = {
	guard: 'sound',
	flange: 'sound',
	taper: 'sound',
	taperRunoutUm: 23,
	flangeRunoutUm: 3,
	polishMarks: false,
	chuckHighSpots: false,
	chuckGouges: false,
	spindleNoise: false
};
const CRASH = { event: 'hard-crash', injury: false, madeSafe: true };
const done = (findings: object, ticked: string[]) =>
	incidentPlan
		.run(inShopPlan({ ...CRASH, findings, done: ticked }))
		.steps.find((s) => s.code === 'clean-and-remeasure')?.done;

describe('an incident as the shop works it', () => {
	it('cleaning is met by a new reading only, one for each that was over the aim', () => {
		expect(done(FOUND, ['clean-and-remeasure'])).to.equal(false);
		expect(done({ ...FOUND, taperRunoutAgainUm: 4 }, [])).to.equal(true);
		const both = { ...FOUND, flangeRunoutUm: 9, taperRunoutAgainUm: 4 };
		expect(done(both, [])).to.equal(false);
		expect(done({ ...both, flangeRunoutAgainUm: 2 }, [])).to.equal(true);
		expect(done({ ...FOUND, taperRunoutUm: 3 }, []), 'not asked').to.equal(undefined);
	});
	it('asks why it happened after a blow, in words where it is none of the list', () => {
		expect(causeAsked('hard-crash', null)).to.match(/why it happened/);
		expect(causeAsked('hard-crash', { cause: 'other' })).to.match(/in a sentence/);
		expect(causeAsked('hard-crash', { cause: 'other', causeNote: 'belt came off' })).to.equal(null);
		expect(causeAsked('hard-crash', { cause: 'work-not-held' })).to.equal(null);
		expect(causeAsked('dull-ring', null)).to.equal(null);
	});
});
