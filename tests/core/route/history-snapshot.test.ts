import { expect } from 'chai';
import fc from 'fast-check';
import { decide } from '../../../src/core/route/engine.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { snapshotOf } from '../../../src/core/route/history-snapshot.js';
import { helpedBefore } from '../../../src/core/route/stations/keep/trouble.js';
import { sumsOf } from '../../../src/core/route/sums.js';
import { did, took, setup, worked, WHEEL } from '../../shared/setup-in-memory.js';

/** As a page reads it: what was summed up, and nothing else. */
function summedUp(f: SetupFacts): SetupFacts {
	const so = snapshotOf(f, '1');
	return { ...f, records: f.records.filter((r) => so.ids.includes(r.id)), sums: so.sums };
}
/** One more deed on what was summed up. */
function onward(g: SetupFacts, deed: (f: SetupFacts) => SetupFacts): SetupFacts {
	const next = deed(g);
	const fresh = next.records.slice(g.records.length);
	return { ...next, sums: sumsOf(fresh, next.wheel?.id ?? null, g.sums) };
}
const same = (f: SetupFacts, g: SetupFacts) => {
	expect(decide(g)).to.deep.equal(decide(f));
	expect(g.sums).to.deep.equal(f.sums);
	expect(
		Evidence.of(g)
			.records()
			.map((r) => r.id)
	).to.deep.equal(
		Evidence.of(f)
			.records()
			.map((r) => r.id)
	);
};

const DRESSED = {
	takenUm: 10,
	soundEven: true,
	contactSide: 'x-plus',
	burnSeen: false,
	chatterSeen: false,
	soundNormal: true
};
const DEEDS: Record<string, (f: SetupFacts) => SetupFacts> = {
	ground: (f) => did(f, 'keep', 'entry', { what: 'ground-on', partsGround: 2, targetMps: 30 }),
	redressed: (f) =>
		did(f, 'keep', 'entry', { what: 'redressed', partsGround: 0, takenUm: 10, targetMps: 30 }),
	'dressed again': (f) => did(f, 'dress', 'again', { ...DRESSED, diameterAfterMm: f.wheel!.diameterMm }),
	position: (f) => did(f, 'dress', 'position', { offsetMm: -8, dragAngleDeg: 12 }),
	trouble: (f) => did(f, 'keep', 'trouble', { symptoms: ['poor-finish'], helped: 'diamond-worn', note: 'x' })
};

describe('what goes on counting of a long history', () => {
	it('decides the same as the whole, wherever it was summed up, whatever comes after', () =>
		fc.assert(
			fc.property(
				fc.array(fc.record({ deed: fc.constantFrom(...Object.keys(DEEDS)), sum: fc.boolean() }), {
					minLength: 1,
					maxLength: 8
				}),
				(list) => {
					let f = worked();
					let g = summedUp(f);
					for (const { deed, sum } of list) {
						f = DEEDS[deed]!(f);
						g = onward(g, DEEDS[deed]!);
						if (sum) g = summedUp(g);
						same(f, g);
					}
				}
			),
			{ numRuns: 30 }
		));
	it('holds no more than what stands, however much was booked', () => {
		let f = worked();
		for (let i = 0; i < 60; i++) f = DEEDS.ground!(f);
		expect(snapshotOf(f, '1').ids.length).to.be.at.most(snapshotOf(worked(), '1').ids.length + 2);
	});
	it('keeps what once cured a trouble, and everything of a wheel that may be taken again', () => {
		const cured = DEEDS.trouble!(DEEDS.trouble!(worked()));
		expect(helpedBefore(summedUp(cured))).to.deep.equal(helpedBefore(cured));
		const first = did(took(did(setup(), 'brief', 'brief')), 'inspect', 'look', WELL);
		const other = took(first, { ...WHEEL, id: 99, number: '0999' });
		const back = took(other, WHEEL);
		same(
			back,
			onward(summedUp(other), (g) => took(g, WHEEL))
		);
		expect(back.wheel!.id).to.equal(WHEEL.id);
	});
});
const WELL = {
	crack: false,
	dropped: false,
	markingLegible: true,
	boreClean: true,
	facesClean: true,
	moisture: 'none',
	blotterState: 'fitted',
	chips: []
};
