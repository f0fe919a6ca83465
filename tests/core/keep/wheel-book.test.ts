import { expect } from 'chai';
import fc from 'fast-check';
import { dateOf } from '../../../src/core/numeric/calendar.js';
import { type KeptLine, bookOf, endBand, readBook } from '../../../src/core/keep/wheel-book.js';

let id = 0;
const line = (
	kind: string,
	date: string,
	diameterMm: number | null = null,
	more: Partial<KeptLine> = {}
): KeptLine => ({
	id: ++id,
	kind,
	date,
	diameterMm,
	note: null,
	incident: false,
	correctsId: null,
	setupId: 1,
	machine: 'SG-1',
	by: 'Ines Falk',
	...more
});
const book = (...lines: KeptLine[]) => ({ lines, newDiameterMm: 300 });
const short = (...lines: KeptLine[]) => bookOf(book(...lines)).map((e) => [e.event, e.diameterMm]);

describe("a wheel's book as the trend takes it", () => {
	it('begins when it is mounted, with the diameter it had', () =>
		expect(
			short(
				line('received', '2026-01-02', 298),
				line('taken', '2026-02-01'),
				line('inspected', '2026-02-01'),
				line('mounted', '2026-02-02'),
				line('trued', '2026-02-02', 297.5),
				line('released', '2026-02-02')
			)
		).to.deep.equal([
			['mounted', 298],
			['trued', 297.5]
		]));
	it('what is missing after an incident is what the crash took, and a clearance is an inspection', () => {
		const events = bookOf(
			book(
				line('mounted', '2026-02-02'),
				line('redressed', '2026-02-06', 299),
				line('quarantined', '2026-02-07', null, { incident: true }),
				line('cleared', '2026-02-08'),
				line('remounted', '2026-02-09'),
				line('trued', '2026-02-09', 296),
				line('redressed', '2026-02-12', 295.5)
			)
		);
		expect(events.map((e) => [e.event, e.diameterMm])).to.deep.equal([
			['mounted', 300],
			['redressed', 299],
			['crashed', 296],
			['inspected', null],
			['remounted', null],
			['trued', 296],
			['redressed', 295.5]
		]);
		const { says } = readBook(book(...[]), 250);
		expect(says).to.equal(null);
	});
	it('a wheel that was only set aside did not crash', () =>
		expect(short(line('mounted', '2026-02-02'), line('quarantined', '2026-02-03'))).to.deep.equal([
			['mounted', 300]
		]));
	it('a corrected line counts as it was put right', () => {
		const wrong = line('redressed', '2026-02-06', 290);
		expect(
			short(
				line('mounted', '2026-02-02'),
				wrong,
				line('corrected', '2026-02-06', 299, { correctsId: wrong.id }),
				line('redressed', '2026-02-09', 298)
			)
		).to.deep.equal([
			['mounted', 300],
			['redressed', 299],
			['redressed', 298]
		]);
	});
	it('of a long book the newest lines are enough: they begin with what was measured last', () =>
		expect(short(line('redressed', '2026-03-01', 280), line('redressed', '2026-03-02', 279))).to.deep.equal([
			['mounted', 280],
			['redressed', 280],
			['redressed', 279]
		]));
	it('what cannot be read as a book is said, not thrown', () => {
		const { says, fault } = readBook(
			book(
				line('mounted', '2026-02-02'),
				line('redressed', '2026-02-03', 280),
				line('redressed', '2026-02-04', 290)
			),
			250
		);
		expect([says, fault?.code]).to.deep.equal([null, 'diameter-grew']);
	});
	it('parked and scrapped end with the state they say', () => {
		const parked = readBook(book(line('mounted', '2026-02-02'), line('parked', '2026-02-05', 299)), 250);
		expect(parked.says!.state).to.equal('parked');
		const again = readBook(
			book(line('mounted', '2026-02-02'), line('parked', '2026-02-05', 299), line('remounted', '2026-02-07')),
			250
		);
		expect(again.says!.state).to.equal('mounted');
	});
});

describe('between which days a wheel is used up', () => {
	const steady = (perDay: number) =>
		bookOf(
			book(
				line('mounted', '2026-02-01'),
				...Array.from({ length: 8 }, (_, i) => line('redressed', dateOf(20486 + i), 300 - perDay * (i + 1)))
			)
		);
	it('a steady wear leaves one day', () => {
		const band = endBand(steady(1), 250)!;
		expect(band.middle).to.be.closeTo(-1, 1e-9);
		expect(band.early).to.equal(band.late);
	});
	it('says nothing of a wheel that does not wear, or of two diameters', () => {
		expect(endBand(steady(0), 250)).to.equal(null);
		expect(endBand(steady(1).slice(0, 2), 250)).to.equal(null);
	});
	it('early is never after late', () =>
		fc.assert(
			fc.property(fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 4, maxLength: 12 }), (steps) => {
				let mm = 300;
				const lines = steps.map((s, i) => line('redressed', dateOf(20486 + i), (mm -= s / 100)));
				const band = endBand(bookOf(book(line('mounted', '2026-02-01'), ...lines)), 250);
				return band === null || band.early <= band.late;
			})
		));
});
