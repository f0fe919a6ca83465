import { expect } from 'chai';
import type { Verdict } from '../../../src/core/calculation/verdict.js';
import { accept } from '../../../src/core/route/apply-submission.js';
import { Evidence } from '../../../src/core/route/evidence.js';
import type { RecordFacts } from '../../../src/core/facts/records.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import { did, line, recordOf, worked } from '../../shared/setup-in-memory.js';

const REASON = 'it has always been done like that here';
/** The same step once more, found otherwise. */
function again(f: SetupFacts, parts: readonly RecordFacts[], verdict: Verdict): SetupFacts {
	const first = f.records.at(-1)!.id + 1;
	const more = parts.map((r, i) => ({
		...r,
		id: first + i,
		together: `again-${first}`,
		verdict,
		overrideReason: null
	}));
	return { ...f, records: [...f.records, ...more] };
}

describe('accepting a caution', () => {
	it('an older caution of a fit is not accepted over the stop that was measured since', () => {
		const fit = (f: SetupFacts, boreMm: number) =>
			did(f, 'mount', 'fit', { boreMm, arborMm: 76.2, forced: false });
		const loose = fit(worked('mount.fit'), 76.5);
		expect(line(loose, 'mount', 'fit')!.state).to.equal('caution');
		const older = recordOf(loose, 'mount', 'fit')!.id;
		const stopped = fit(loose, 76.1);
		expect(line(stopped, 'mount', 'fit')!.state).to.equal('stop');
		expect(accept(stopped, { recordId: older, reason: REASON })).to.have.nested.property(
			'refusal.code',
			'not-standing'
		);
	});
	it('after a stop no record of that step can be accepted, whatever it was, at any step', () => {
		const f: SetupFacts = { ...worked(null), state: 'under-way' };
		const steps = new Map(f.records.map((r) => [`${r.station}.${r.step}`, r]));
		for (const [name, { station, step }] of steps) {
			const standing = Evidence.of(f).named(station, step);
			if (!standing) continue;
			const stopped = again(again(f, standing.parts, 'caution'), standing.parts, 'stop');
			for (const r of stopped.records.filter((x) => x.station === station && x.step === step))
				expect(accept(stopped, { recordId: r.id, reason: REASON }), `${name} ${r.id}`).to.have.property(
					'refusal'
				);
		}
		expect(steps.size).to.be.above(15);
	});
	it('the newest caution that stands is accepted, once, and what lost its standing is not', () => {
		const loose = did(worked('mount.fit'), 'mount', 'fit', { boreMm: 76.5, arborMm: 76.2, forced: false });
		const { id } = recordOf(loose, 'mount', 'fit')!;
		expect(accept(loose, { recordId: id, reason: REASON })).to.have.property('records');
		const anew = did(loose, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false });
		expect(accept(anew, { recordId: id, reason: REASON })).to.have.nested.property(
			'refusal.code',
			'not-standing'
		);
		expect(accept(loose, { recordId: 999_999, reason: REASON })).to.have.nested.property(
			'refusal.code',
			'no-record'
		);
	});
});
