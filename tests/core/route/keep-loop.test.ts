import { expect } from 'chai';
import fc from 'fast-check';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { applySubmission } from '../../../src/core/route/apply-submission.js';
import { dueWords, redressDue } from '../../../src/core/route/stations/keep/due.js';
import { redressCycle, mostBetweenMm } from '../../../src/core/route/stations/keep/redress-cycle.js';
import { setupStatus } from '../../../src/core/route/setup-status.js';
import { sumsOf } from '../../../src/core/route/sums.js';
import { GOOD } from '../../shared/good-work.js';
import { did, faults, line, recordOf, worked } from '../../shared/setup-in-memory.js';

const RELEASE = GOOD.find(([station, step]) => station === 'prove' && step === 'release')![2];
/** Splines 6 mm deep in passes of 1 mm: redressed at 2, 4 and before the finish cut, 5.95. */
const CREEP = {
	depthMm: 1,
	tableSpeedMmPerMin: 120,
	widthMm: 20,
	workLengthMm: 60,
	partDepthMm: 6,
	finishDepthMm: 0.05,
	spindlePowerW: 11000,
	coolantLPerMin: 120,
	redressIntervalMm: 2
};
const atProve = (): SetupFacts => {
	const f = worked('prove.release');
	return { ...f, brief: { ...f.brief, operation: 'creep-feed', stockMm: 6, depthUm: 1000 } };
};
const creep = () => did(did(atProve(), 'prove', 'creep', CREEP), 'prove', 'release', RELEASE);
const plain = () => did(worked('prove.release'), 'prove', 'release', RELEASE);
const book = (f: SetupFacts, more: object) =>
	did(f, 'keep', 'entry', { what: 'ground-on', partsGround: 0, targetMps: 30, ...more });
const redressed = (f: SetupFacts, inPartMm: number, partsGround = 0) =>
	book(f, { what: 'redressed', inPartMm, partsGround, takenUm: 30 });

describe('Keep: the loop inside a part', () => {
	it('the creep-feed plan says where it is redressed', () => {
		const l = redressCycle(creep());
		expect(l.insideMm).to.deep.equal([2, 4, 5.95]);
		expect(l).to.deep.include({ part: 1, partMm: 6, passMm: 1, sinceMm: 0, lengthMm: 2, missedMm: null });
		expect(l.next).to.deep.equal({ part: 1, atMm: 2 });
		expect(mostBetweenMm(l)).to.be.closeTo(2.05, 1e-9);
		expect(line(creep(), 'keep', 'due')).to.include({ title: 'Next redress', value: 'in 2 mm of infeed' });
	});
	it('counts on from a redress inside the part, and into the next part after the last one', () => {
		const first = redressed(creep(), 2);
		expect(redressCycle(first)).to.deep.include({ sinceMm: 0, lengthMm: 2, next: { part: 1, atMm: 4 } });
		const last = redressed(redressed(first, 4), 5.95);
		const l = redressCycle(last);
		expect(l.next).to.deep.equal({ part: 2, atMm: 2 });
		expect(l.lengthMm).to.be.closeTo(2.05, 1e-9);
		const second = redressCycle(book(last, { partsGround: 1 }));
		expect(second).to.deep.include({ part: 2, inPartMm: 0, next: { part: 2, atMm: 2 } });
		expect(second.sinceMm).to.be.closeTo(0.05, 1e-9);
		expect(last.sums).to.deep.include({ redresses: 3, lastTakenUm: 30 });
	});
	it('one that was left out is due at once, loudly, until it is made', () => {
		const f = book(redressed(creep(), 2), { inPartMm: 4.5 });
		expect(redressCycle(f).missedMm).to.equal(4);
		expect(dueWords(redressDue(f)!)).to.equal('part 1 is ground 4.5 mm deep, due at 4 mm');
		expect(setupStatus(f)).to.include({ state: 'caution', word: 'Redress due' });
		expect(line(f, 'keep', 'due')).to.include({ state: 'caution', title: 'Redress due now' });
		expect(redressDue(redressed(f, 4.5))).to.equal(null);
	});
	it('exactly at its depth it is due, just above it is not', () => {
		expect(redressDue(book(creep(), { inPartMm: 1.999 }))).to.equal(null);
		expect(redressDue(book(creep(), { inPartMm: 2 }))).not.to.equal(null);
	});
	it('a part that was finished without its redresses is due by its infeed', () => {
		const f = book(creep(), { partsGround: 1 });
		expect(dueWords(redressDue(f)!)).to.match(/^6 mm of infeed ground, due after 2.05 mm at most$/);
	});
	it('is told in inches where the setup is', () => {
		const f: SetupFacts = { ...book(creep(), { partsGround: 1 }), units: 'inch' };
		expect(dueWords(redressDue(f)!)).not.to.match(/mm/);
	});
	it('a part is not deeper than it is', () =>
		void faults('above-maximum', 'inPartMm', () => book(creep(), { inPartMm: 6.1 })));
	it('however it is booked, what is ground since the last dress is never less than nothing, and a redress ends it', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({ parts: fc.nat(2), at: fc.integer({ min: 0, max: 12 }), redress: fc.boolean() }),
					{
						maxLength: 6
					}
				),
				(deeds) => {
					let f = creep();
					for (const d of deeds)
						f = d.redress
							? redressed(f, d.at / 2, d.parts)
							: book(f, { partsGround: d.parts, inPartMm: d.at / 2 });
					const l = redressCycle(f);
					if (l.sinceMm! < 0 || l.part !== 1 + deeds.reduce((n, d) => n + d.parts, 0)) return false;
					const again = redressed(f, f.sums.inPartMm);
					return redressCycle(again).sinceMm === 0 && redressDue(again) === null;
				}
			),
			{ numRuns: 40 }
		));
});

describe('Keep: a dress between parts', () => {
	it('after so much infeed, by what is ground off a part', () => {
		const f = plain();
		const told = book({ ...f, brief: { ...f.brief, stockMm: 0.5 } }, { partsGround: 3, redressAfterMm: 2 });
		expect(redressDue(told)).to.equal(null);
		expect(line(told, 'keep', 'due')!.value).to.equal('in 0.5 mm of infeed');
		expect(dueWords(redressDue(book(told, { partsGround: 1 }))!)).to.equal(
			'2 mm of infeed ground, due after 2 mm'
		);
	});
	it('nothing is due while nobody has said when', () => {
		const f = book(plain(), { partsGround: 500 });
		expect(redressDue(f)).to.equal(null);
		expect(line(f, 'keep', 'due')).to.equal(undefined);
	});
});

describe('Keep: what a booking asks and does', () => {
	it('parts alone need no diameter; a redress needs one, or what it took off', () => {
		const f = plain();
		expect(book(f, { partsGround: 2 }).wheel!.diameterMm).to.equal(f.wheel!.diameterMm);
		faults('missing', 'diameterAfterMm', () => book(f, { what: 'redressed' }));
		faults('missing', 'diameterAfterMm', () => book(f, { what: 'taken-off' }));
		expect(book(f, { what: 'redressed', takenUm: 50 }).wheel!.diameterMm).to.be.closeTo(
			f.wheel!.diameterMm - 0.1,
			1e-9
		);
	});
	it('a diameter reckoned is said to be reckoned, a measured one is not', () => {
		const values = { what: 'redressed', partsGround: 0, targetMps: 30, takenUm: 50 };
		const note = (more: object) => {
			const done = applySubmission(plain(), {
				station: 'keep',
				step: 'entry',
				values: { ...values, ...more }
			});
			if ('refusal' in done) throw new Error(done.refusal.message);
			return done.effects.flatMap((e) => (e.kind === 'ledger' ? [e.note] : []))[0];
		};
		expect(note({})).to.equal('50 µm off, diameter reckoned');
		expect(note({ diameterAfterMm: plain().wheel!.diameterMm - 0.1 })).to.equal('50 µm off');
	});
	it('what was stopped was not booked: neither its parts nor its redress count', () => {
		const f = book(plain(), { partsGround: 3, redressAfterParts: 10 });
		const over = book(f, { what: 'redressed', partsGround: 2, takenUm: 20, targetMps: 90 });
		expect(recordOf(over, 'keep', 'entry')!.verdict).to.equal('stop');
		expect(over.sums).to.deep.include({ partsGround: 3, partsSinceDress: 3, bookings: 1 });
		expect(over.wheel!.diameterMm).to.equal(f.wheel!.diameterMm);
	});
	it('a wheel with abrasive left is scrapped with a reason only; one at its end without', () => {
		const f = plain();
		const d = f.wheel!.diameterMm;
		faults('missing', 'why', () => book(f, { what: 'worn-out', diameterAfterMm: d }));
		const off = book(f, { what: 'worn-out', diameterAfterMm: d, why: 'glazed to the core' });
		expect([off.state, off.wheel!.state]).to.deep.equal(['finished', 'scrapped']);
		const least = f.wheel!.minDiameterMm;
		expect(book(f, { what: 'worn-out', diameterAfterMm: least, sure: true }).wheel!.state).to.equal(
			'scrapped'
		);
	});
});

describe('Keep: how long it lasts', () => {
	const TOLD = { redressUm: 30, partsPerDay: 4, wheelCost: 120, redressTimeMin: 2, labourCostPerHour: 60 };
	it('inside a part it counts the redresses of one; between parts the parts of one', () => {
		const inside = recordOf(did(creep(), 'keep', 'forecast', TOLD), 'keep', 'forecast')!;
		expect(inside.input).to.include({ partsPerRedress: 0, redressesPerPart: 3, partDepthMm: 6 });
		const between = did(book(plain(), { partsGround: 3, redressAfterParts: 10 }), 'keep', 'forecast', TOLD);
		expect(recordOf(between, 'keep', 'forecast')!.input).to.include({
			partsPerRedress: 10,
			partsSinceRedress: 3
		});
	});
	it('says what is missing while nobody has said when it is redressed', () =>
		void faults('missing', 'redressAfterParts', () => did(plain(), 'keep', 'forecast', TOLD)));
});

describe("Keep: the maker's word", () => {
	it('lets the spindle turn above the marked rpm, never over the marked m/s', () => {
		const f = plain();
		const small: SetupFacts = {
			...f,
			machine: { ...f.machine, spindleRpmMax: 6000 },
			wheel: { ...f.wheel!, ratedMps: 40, ratedRpm: 2400, diameterMm: 250, minDiameterMm: 200 }
		};
		const rpm = (g: SetupFacts, targetMps: number) =>
			recordOf(book(g, { targetMps }), 'keep', 'entry')!.output.speedRpm as number;
		expect(rpm(small, 36)).to.equal(2400);
		const word = did(small, 'keep', 'makers-word', {
			mayRunAbove: true,
			word: 'letter of 3 March, in the folder'
		});
		expect(rpm(word, 36)).to.be.closeTo((60000 * 36) / (Math.PI * 250), 1e-6);
		expect(recordOf(book(word, { targetMps: 45 }), 'keep', 'entry')!.verdict).to.equal('stop');
		const taken = did(word, 'keep', 'makers-word', {
			mayRunAbove: false,
			word: 'the letter was for another wheel'
		});
		expect(rpm(taken, 36)).to.equal(2400);
	});
});

describe('sums that go on', () => {
	it('are the same from the start and from any place between', () => {
		const f = book(redressed(book(creep(), { inPartMm: 2 }), 2), { partsGround: 1, inPartMm: 1 });
		for (let at = 0; at <= f.records.length; at++)
			expect(
				sumsOf(f.records.slice(at), f.wheel!.id, sumsOf(f.records.slice(0, at), f.wheel!.id))
			).to.deep.equal(f.sums);
	});
});
