import { expect } from 'chai';
import { flangeCheck } from '../../../src/core/mount/flange-check.js';
import { spindleRunout } from '../../../src/core/mount/spindle-runout.js';
import { accept } from '../../../src/core/route/apply-submission.js';
import { holds } from '../../../src/core/route/decision.js';
import { decide, refuse } from '../../../src/core/route/engine.js';
import { Evidence, partOf } from '../../../src/core/route/evidence.js';
import { toClientFacts } from '../../../src/core/route/client-facts.js';
import { flangeStep } from '../../../src/core/route/stations/mount/methods/flange.js';
import { prerequisites } from '../../../src/core/route/stations/run-in/start.js';
import { runoutStep } from '../../../src/core/route/stations/true/steps.js';
import { preBalanceRule } from '../../../src/core/true/pre-balance-rule.js';
import { runout } from '../../../src/core/true/runout.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import type { StationId } from '../../../src/core/route/station-names.js';
import {
	WHEEL,
	current,
	did,
	later,
	line,
	setup,
	took,
	weightsMoved,
	worked
} from '../../shared/setup-in-memory.js';
import { FLANGE, RIM, RIM_AFTER, SEEN } from '../../shared/good-work.js';

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
const stationsOf = (f: SetupFacts) => [
	...new Set(
		Evidence.of(f)
			.records()
			.map((r) => r.station)
	)
];
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
		f = did(f, 'balance', 'off', { isolated: true, lifted: 'two-person', arborClean: true });
		f = did(weightsMoved(did(f, 'balance', 'swing', { timeS: 16, restAngleDeg: 190 })), 'balance', 'stays');
		f = did(f, 'balance', 'back', {
			isolated: true,
			tapersClean: true,
			lifted: 'two-person',
			tightened: true
		});
		f = did(f, 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true });
		f = did(f, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' });
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
		const e = Evidence.of(f);
		expect(e.of(runout, 'true', ['runout'])!.output.tirUm).to.equal(72);
		expect(e.step(runoutStep)!.entered.readingsUm).to.deep.equal(RIM.map((r) => 2 * r));
		expect(e.of(preBalanceRule, 'true', ['runout'])).to.include({ calculation: 'true.pre-balance-rule' });
		expect(e.named('true', 'after')).to.equal(null);
		expect(e.of(runout, 'true', ['after'])).to.equal(null);
		expect(e.newest('true', ['pencil', 'runout'])!.id).to.equal(e.step(runoutStep)!.id);
		expect(e.keyed({ station: 'true', step: 'check' }, 'none')).to.equal(null);
	});
	it('is worked out once for the same records, wheel and route, and anew for others', () => {
		const f = worked('true.after');
		expect(Evidence.of({ ...f, nowMs: f.nowMs + 1 })).to.equal(Evidence.of(f));
		expect(Evidence.of({ ...f, wheel: null })).to.not.equal(Evidence.of(f));
		expect(Evidence.of({ ...f, stations: [...STAND_FIRST] })).to.not.equal(Evidence.of(f));
		expect(Evidence.of({ ...f, records: [...f.records] })).to.not.equal(Evidence.of(f));
	});
});

describe('evidence: a step as a whole', () => {
	const crooked = () => did(worked('mount.flange'), 'mount', 'flange', { ...FLANGE, taperRunoutUm: 100 });
	it('is as bad as the worst of its parts, whatever order they come in', () => {
		const flange = Evidence.of(crooked()).step(flangeStep)!;
		expect(partOf(flange, flangeCheck)!.verdict).to.equal('ok');
		expect(partOf(flange, spindleRunout)!.verdict).to.equal('stop');
		expect(flange.verdict).to.equal('stop');
		expect(flange.id, 'its result stands first').to.equal(partOf(flange, flangeCheck)!.id);
	});
	it('a crooked taper stops at its own line, before tightening, and at the first start', () => {
		const f = crooked();
		expect(line(f, 'mount', 'flange')!.state).to.equal('ok');
		expect(line(f, 'mount', 'taper')!.state).to.equal('stop');
		expect(refuse(did(f, 'mount', 'thread'), 'mount', 'tighten')!.code).to.equal('mount.taper');
		expect(prerequisites(f).find((p) => p.id === 'mount.flange')!.verdict).to.equal('stop');
	});
	it('a caution of one part waits for a reason, which then stands for the whole', () => {
		const dull = did(worked('dress.settings'), 'dress', 'settings', {
			depthUm: 20,
			traverseMmPerMin: 20,
			coolant: 'continuous',
			passes: 3,
			dryPasses: 1
		});
		expect(line(dull, 'dress', 'settings')).to.include({ state: 'caution', needsReason: true });
		expect(holds(decide(dull), 'dress', ['settings']), 'the bench stays where it is').to.equal(false);
		const done = accept(dull, {
			recordId: line(dull, 'dress', 'settings')!.recordId!,
			reason: 'a dull dress is wanted'
		});
		if ('refusal' in done) throw new Error(done.refusal.message);
		expect(done.records.map((r) => r.calculation)).to.deep.equal(['dress.single-point', 'dress.plan']);
		expect(done.records[0]!.overrideReason).to.equal('a dull dress is wanted');
		expect(done.records[1]!.overrideReason, 'nothing to accept there').to.equal(null);
	});
	it('a stop is accepted by nobody', () => {
		const f = crooked();
		const taper = partOf(Evidence.of(f).step(flangeStep), spindleRunout)!;
		expect(accept(f, { recordId: taper.id, reason: 'it will do for today' })).to.deep.include({
			refusal: {
				code: 'stop-stays',
				message: 'A stop is never overridden. Change what causes it, then record the step again.'
			}
		});
	});
	it('what a page is sent decides the same as the whole history', () => {
		for (const until of [null, 'prove.release', 'balance.stays', 'true.after', 'mount.thread']) {
			const f = worked(until);
			const again = f.wheel && f.state === 'under-way' ? did(f, 'inspect', 'look', SEEN) : f;
			for (const whole of [f, again]) {
				const page = toClientFacts(whole);
				expect(decide(page)).to.deep.equal(decide(whole));
				expect(page.records.length).to.be.at.most(whole.records.length);
			}
		}
	});
	it('a page does not grow with what was done over and over', () => {
		let f = worked('true.after');
		const once = toClientFacts(f).records.length;
		for (let i = 0; i < 40; i++) f = did(f, 'true', 'runout', { readingsUm: RIM });
		expect(toClientFacts(f).records).to.have.length(once);
		expect(f.records.length).to.be.above(once + 39);
	});
});
