import { expect } from 'chai';
import fc from 'fast-check';
import { dateOf } from '../../../src/core/numeric/calendar.js';
import { run } from '../judged.js';
import { example, refuses } from '../examples.js';
import { limits } from '../limits.js';

const line = (date: string, event: string, diameterMm: number | null = null) => ({ date, event, diameterMm });
const EVENTS = [
	line('2026-02-02', 'mounted', 200),
	line('2026-02-06', 'redressed', 199.6),
	line('2026-02-10', 'redressed', 199.1)
];
const CRASHED = [...EVENTS, line('2026-02-11', 'crashed', 198.5)];
const book = (events: readonly object[], minDiameterMm = 170) => ({ events, minDiameterMm });
const more = (...events: object[]) => book([...EVENTS, ...events]);

describe('keep.ledger', () => {
	it('a crash is kept apart from the wear', () =>
		example('keep.ledger', book(CRASHED), {
			state: 'mounted',
			diameterNowMm: 198.5,
			slopeMmPerDay: -0.1125,
			daysLeft: 253.3333,
			endDate: '2026-10-22',
			pointCount: 3,
			radialLossUm: { trued: 0, dressed: 0, redressed: 450, crashed: 300 },
			verdict: 'stop',
			codes: ['crash-not-cleared']
		}));
	it('inspected does not end a parking, being mounted again does, scrapping ends everything', () => {
		const parked = line('2026-03-01', 'parked');
		example('keep.ledger', more(parked, line('2026-03-02', 'inspected')), { state: 'parked' });
		example('keep.ledger', more(parked, line('2026-03-02', 'remounted')), { state: 'mounted' });
		example('keep.ledger', more(line('2026-03-02', 'scrapped')), { state: 'scrapped' });
	});
	it('a straight wear gives its own slope and end, whatever a crash took between', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 0.01, max: 0.5, noNaN: true }),
				fc.double({ min: 0, max: 3, noNaN: true }),
				fc.integer({ min: 3, max: 12 }),
				(rate, crash, n) => {
					const at = (day: number) => 300 - rate * day;
					const events = Array.from({ length: n }, (_, i) =>
						line(dateOf(20500 + 3 * i), i ? 'redressed' : 'mounted', at(3 * i))
					);
					const day = 3 * n;
					events.push(
						line(dateOf(20500 + day), 'crashed', at(day - 3) - crash),
						line(dateOf(20501 + day), 'inspected'),
						line(dateOf(20502 + day), 'dressed', at(day + 2) - crash)
					);
					const o = run<{ slopeMmPerDay: number; daysLeft: number; verdict: string }>(
						'keep.ledger',
						book(events)
					);
					expect(o.slopeMmPerDay).to.be.closeTo(-rate, 1e-6);
					expect(o.daysLeft).to.be.closeTo((at(day + 2) - crash - 170) / rate, 1e-3 * o.daysLeft);
					expect(o.verdict).to.equal('ok');
				}
			)
		));
	it('refuses what no book can hold', () => {
		refuses('keep.ledger', book([line('2026-02-02', 'parked')]), 'events.0.event', 'unknown-choice');
		refuses('keep.ledger', book([line('2026-02-02', 'lost')]), 'events.0.event', 'unknown-choice');
		refuses('keep.ledger', more(line('2026-02-09', 'parked')), 'events.3.date', 'out-of-order');
		refuses('keep.ledger', more(line('2026-02-10', 'dressed')), 'events.3.diameterMm', 'missing');
		refuses(
			'keep.ledger',
			more(line('2026-02-10', 'dressed', 199.121)),
			'events.3.diameterMm',
			'diameter-grew'
		);
		example('keep.ledger', more(line('2026-02-10', 'dressed', 199.12)), { pointCount: 4 });
		refuses(
			'keep.ledger',
			more(line('2026-03-01', 'scrapped'), line('2026-03-02', 'remounted')),
			'events.4.event',
			'after-scrapped'
		);
		refuses('keep.ledger', book([]), 'events', 'too-few');
	});
});
limits('keep.ledger', book(EVENTS), [
	{
		code: 'at-minimum-diameter',
		severity: 'stop',
		not: [{ minDiameterMm: 199.09 }],
		yes: [{ minDiameterMm: 199.1 }]
	},
	{
		code: 'crash-not-cleared',
		severity: 'stop',
		not: [{}, book([...CRASHED, line('2026-02-12', 'inspected'), line('2026-02-12', 'trued', 198.4)])],
		yes: [
			book(CRASHED),
			book([...CRASHED, line('2026-02-12', 'inspected')]),
			book([...CRASHED, line('2026-02-12', 'trued', 198.4)]),
			book([...CRASHED, line('2026-02-12', 'trued', 198.4), line('2026-02-12', 'inspected')])
		]
	},
	{
		code: 'too-few-events',
		severity: 'caution',
		not: [{}],
		yes: [book(EVENTS.slice(0, 2)), book(EVENTS.map((e) => ({ ...e, date: '2026-02-02' })))]
	},
	{
		code: 'no-wear-trend',
		severity: 'caution',
		not: [{}, book(EVENTS.slice(0, 2))],
		yes: [book(EVENTS.map((e) => ({ ...e, diameterMm: 200 })))]
	}
]);
