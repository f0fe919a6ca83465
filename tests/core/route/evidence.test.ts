import { expect } from 'chai';
import { Evidence, standing } from '../../../src/core/route/evidence.js';
import type { SetupFacts, StationId } from '../../../src/core/route/facts.js';
import {
	FLANGE,
	RIM,
	RIM_AFTER,
	SEEN,
	WHEEL,
	current,
	did,
	later,
	setup,
	took,
	weightsMoved,
	worked
} from './setup-in-memory.js';

const STAND_FIRST: StationId[] = [
	'brief',
	'select',
	'inspect',
	'mount',
	'balance',
	'run-in',
	'true',
	'dress',
	'prove',
	'keep'
];
const stationsOf = (f: SetupFacts) => [...new Set(standing(f).map((r) => r.station))];
const trued = (f: SetupFacts) =>
	did(f, 'true', 'after', { readingsUm: RIM_AFTER, diameterAfterMm: 289.5, spunDry: true });

describe('evidence: what still counts', () => {
	it('truing again takes balance, dress and proof away, and leaves what came before', () => {
		const f = trued(worked('prove.release'));
		expect(stationsOf(f)).to.have.members(['brief', 'select', 'inspect', 'mount', 'run-in', 'true']);
		expect(current(f)).to.equal('balance');
	});
	it('tightening again wants a new run-in and everything after it', () => {
		const f = did(worked('prove.release'), 'mount', 'tighten', { done: true });
		expect(stationsOf(f)).to.have.members(['brief', 'select', 'inspect', 'mount']);
		expect(current(f)).to.equal('run-in');
	});
	it('a look in the middle begins the wheel anew', () => {
		const f = did(worked('dress.position'), 'inspect', 'look', SEEN);
		expect(stationsOf(f)).to.have.members(['brief', 'select', 'inspect']);
		expect(current(f)).to.equal('mount');
	});
	it('moved weights take the proof away and nothing else', () => {
		const f = weightsMoved(worked('prove.release'));
		expect(stationsOf(f)).to.include.members(['true', 'balance', 'dress']);
		expect(current(f), 'the roll after it is missing').to.equal('balance');
	});
	it('balanced before truing on this route, the balance stands', () => {
		let f = setup({ stations: STAND_FIRST });
		f = took(did(f, 'brief', 'brief'));
		f = did(f, 'inspect', 'look', SEEN);
		f = did(f, 'inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') });
		f = did(f, 'mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false });
		f = did(did(did(f, 'mount', 'flange', FLANGE), 'mount', 'thread'), 'mount', 'tighten', { done: true });
		f = did(weightsMoved(did(f, 'balance', 'swing', { timeS: 16, restAngleDeg: 190 })), 'balance', 'stays');
		f = did(did(f, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' }), 'run-in', 'start', {
			guardClosed: true,
			peopleClear: true,
			firstRun: true
		});
		f = did(later(f, 900), 'run-in', 'outcome', { heard: 'normal' });
		f = trued(did(f, 'true', 'runout', { readingsUm: RIM }));
		expect(stationsOf(f)).to.include('balance');
		expect(current(f)).to.equal('dress');
	});
	it('nothing of another wheel counts for the one taken now', () => {
		const f = worked('true.runout');
		const other = took({ ...f, wheel: null }, { ...WHEEL, id: 12, number: '0412' });
		expect(stationsOf(other)).to.have.members(['brief', 'select']);
		expect(current(other)).to.equal('inspect');
		expect(stationsOf({ ...f, wheel: null }), 'without a wheel only the job').to.deep.equal(['brief']);
	});
	it('finds the newest record of a step, or of one calculation of it', () => {
		const f = did(worked('true.after'), 'true', 'runout', { readingsUm: RIM.map((r) => 2 * r) });
		const e = new Evidence(f);
		expect(e.number(e.latest('true', 'runout'), 'tirUm')).to.equal(72);
		expect(e.latest('true', 'runout', 'true.pre-balance-rule')).to.include({
			calculation: 'true.pre-balance-rule'
		});
		expect(e.latest('true', 'after')).to.equal(null);
		expect(e.number(null, 'tirUm')).to.equal(null);
		expect(e.number(e.latest('true', 'runout'), 'verdict'), 'not a number').to.equal(null);
		expect(e.latestOf('true', ['pencil', 'runout'])!.id).to.equal(f.records.at(-1)!.id);
		expect(e.check('true', 'none')).to.equal(null);
	});
});
