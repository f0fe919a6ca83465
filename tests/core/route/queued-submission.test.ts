import { expect } from 'chai';
import { InputFault } from '../../../src/core/calculation/fault.js';
import { decide } from '../../../src/core/route/engine.js';
import type { SetupFacts } from '../../../src/core/facts/setup.js';
import {
	type QueuedSubmission,
	simulateOffline,
	withQueued
} from '../../../src/core/route/queued-submission.js';
import { isWaiting } from '../../../src/core/route/waiting-number.js';
import { GOOD } from '../../shared/good-work.js';
import { WHEEL, WORK, did, setup, took, worked } from '../../shared/setup-in-memory.js';

const good = (name: string) => GOOD.find(([s, n]) => `${s}.${n}` === name)![2];
const waiting = (f: SetupFacts, name: string, values: object = good(name), n = 1): QueuedSubmission => ({
	station: name.split('.')[0]!,
	step: name.split('.')[1]!,
	values,
	key: `key-${n}`,
	atMs: f.nowMs + n,
	by: 'Ines Falk'
});
const refusal = (f: SetupFacts, name: string, values?: object) => {
	const done = simulateOffline(f, waiting(f, name, values));
	return 'refusal' in done ? done.refusal : null;
};
/** What only the server gives: a wheel, a spindle, a start, a release. */
const NOT_ALONE = ['select.take', 'mount.tighten', 'run-in.start', 'run-in.outcome', 'prove.release'];

describe('recorded without the server', () => {
	it('every step of a toolroom setup waits and decides as if it were recorded, but what only the server gives', () => {
		const could: string[] = [];
		for (const [name] of WORK.filter(([n]) => n !== 'brief.brief' && n !== 'select.take')) {
			const before = worked(name);
			const after = WORK.find(([n]) => n === name)![1](before);
			const entered = after.records.at(-1)!.entered;
			const w = { ...waiting(before, name, entered), atMs: before.nowMs };
			const done = simulateOffline(before, w);
			if ('refusal' in done) {
				expect(done.refusal.code, name).to.equal('needs-server');
				continue;
			}
			could.push(name);
			const here = withQueued(before, [w]);
			const lines = (f: SetupFacts) =>
				decide(f).stations.flatMap((s) => s.lines.map(({ recordId: _id, ...l }) => ({ at: s.id, ...l })));
			expect(lines(here), name).to.deep.equal(lines(after));
			expect(here.sums, name).to.deep.equal(after.sums);
			expect(here.version).to.equal(after.version);
		}
		for (const name of ['inspect.look', 'true.runout', 'balance.swing', 'dress.done'])
			if (WORK.some(([n]) => n === name)) expect(could, name).to.include(name);
		expect(could).to.have.length.above(8);
		expect(could.filter((n) => NOT_ALONE.includes(n))).to.deep.equal([]);
	});

	it('a wheel, a spindle, a start and a release are never given without it', () => {
		for (const [name, why] of [
			['mount.tighten', /whether the spindle and the wheel are free/],
			['run-in.start', /whether this machine may start now/],
			['run-in.outcome', /clock/],
			['prove.release', /released|released or ends|decided there/]
		] as const) {
			if (!WORK.some(([n]) => n === name)) continue;
			const no = refusal(worked(name), name)!;
			expect(no.code, name).to.equal('needs-server');
			expect(no.message, name)
				.to.match(why)
				.and.to.match(/what you typed is kept/);
		}
		expect(refusal(worked('select.take'), 'select.take', { wheelNumber: WHEEL.number })!.code).to.equal(
			'needs-server'
		);
	});

	it('several wait in order, each on what the one before came to', () => {
		const before = took(did(setup(), 'brief', 'brief'));
		const two = withQueued(before, [
			waiting(before, 'inspect.look', good('inspect.look'), 1),
			waiting(before, 'inspect.ring', good('inspect.ring'), 2)
		]);
		expect(decide(two).current).to.equal('mount');
		expect(two.records.slice(-1)[0]!.id).to.satisfy(isWaiting);
		expect(two.version).to.equal(before.version + 2);
		// Without the first the second has nothing to stand on, and nothing is pretended.
		expect(withQueued(before, [waiting(before, 'inspect.ring')])).to.equal(before);
	});

	it('a crack that is found waits too, and stops here and now', () => {
		const before = took(did(setup(), 'brief', 'brief'));
		const cracked = { ...good('inspect.look'), crack: true };
		const done = simulateOffline(before, waiting(before, 'inspect.look', cracked));
		expect(done).to.have.property('records');
		const here = withQueued(before, [waiting(before, 'inspect.look', cracked)]);
		expect(here.wheel!.state).to.equal('quarantined');
		expect(decide(here).blocked).to.not.deep.equal([]);
	});

	it('a value that is wrong is said as ever, and what no longer fits is left out', () => {
		const before = took(did(setup(), 'brief', 'brief'));
		expect(() => simulateOffline(before, waiting(before, 'inspect.look', {}))).to.throw(InputFault);
		expect(withQueued(before, [waiting(before, 'inspect.look', {})])).to.equal(before);
	});
});
