import { expect } from 'chai';
import { decide, refuse, turnsSpindle } from '../../../src/core/route/engine.js';
import { type Morning, MORNING_FIELDS, mayNotStart, morningOf } from '../../../src/core/route/morning.js';
import { checkInput } from '../../../src/core/calculation/check.js';
import { type Limits, inShop } from '../../../src/core/calculation/limits.js';
import { setupStatus } from '../../../src/core/route/setup-status.js';
import { shiftAt } from '../../../src/core/set/shift.js';
import { did, setup, worked } from '../../shared/setup-in-memory.js';

const sheet = (more: Partial<Morning> = {}): Morning => ({
	recordId: 90,
	day: setup().today,
	shift: 'early',
	mayStart: true,
	open: [],
	by: 'Ines Falk',
	atMs: 0,
	...more
});
const UNSAFE = sheet({ mayStart: false, open: ['guard', 'oil level'] });
const with_ = (f: ReturnType<typeof worked>, morning: Morning | null) => ({ ...f, morning });
const lineOf = (f: ReturnType<typeof worked>) =>
	decide(f)
		.stations.flatMap((s) => s.lines)
		.find((l) => l.key === 'morning');

describe('the morning sheet of a machine', () => {
	const atRunIn = worked('run-in.speed');
	it('what protects people is open: nothing that turns the wheel is recorded', () => {
		const f = with_(atRunIn, UNSAFE);
		for (const [station, step] of [
			['run-in', 'start'],
			['run-in', 'speed'],
			['true', 'runout'],
			['dress', 'settings'],
			['prove', 'release'],
			['balance', 'runs']
		] as const)
			expect(turnsSpindle(station, step) && mayNotStart(f), `${station}.${step}`).to.include({
				code: 'morning-sheet'
			});
		expect(refuse(f, 'run-in', 'start')!.message).to.equal(
			"SG-9 does not start: guard, oil level on this morning's sheet. Put it right and fill in the sheet again."
		);
	});
	it('what is done at the bench or on the stand goes on, and so does the book', () => {
		for (const [station, step] of [
			['inspect', 'look'],
			['mount', 'fit'],
			['balance', 'swing'],
			['keep', 'entry']
		] as const)
			expect(turnsSpindle(station, step), `${station}.${step}`).to.equal(false);
	});
	it('a new sheet cures it; one of another day neither stops nor counts', () => {
		expect(refuse(with_(atRunIn, sheet()), 'run-in', 'start')).to.equal(null);
		const old = with_(atRunIn, { ...UNSAFE, day: '2026-05-29' });
		expect(refuse(old, 'run-in', 'start')).to.equal(null);
		expect(lineOf(old)).to.include({ state: 'caution', value: 'not filled in today' });
	});
	it('a shop that asks for one starts no machine without a sheet of today', () => {
		const asked = (morning: Morning | null) => ({ ...with_(atRunIn, morning), morningWanted: true });
		for (const m of [null, sheet({ day: '2026-05-29' })]) {
			expect(refuse(asked(m), 'run-in', 'start'), String(m)).to.include({ code: 'morning-sheet' });
			expect(lineOf(asked(m))).to.include({ state: 'stop' });
			expect(turnsSpindle('mount', 'fit')).to.equal(false);
		}
		expect(refuse(asked(sheet()), 'run-in', 'start')).to.equal(null);
		expect(refuse(asked(UNSAFE), 'run-in', 'start')!.message).to.match(/guard, oil level/);
	});
	it('stands in the gate, and on the Floor as stopped', () => {
		expect(lineOf(with_(atRunIn, UNSAFE))).to.include({ state: 'stop' });
		expect(setupStatus(with_(atRunIn, UNSAFE))).to.include({ state: 'stop', word: 'Stopped' });
		expect(lineOf(with_(atRunIn, sheet({ open: ['oil level'] })))).to.include({
			state: 'caution',
			value: 'open: oil level'
		});
		expect(lineOf(with_(atRunIn, sheet()))).to.include({ state: 'ok', value: 'early, Ines Falk' });
		expect(lineOf(with_(atRunIn, null))).to.equal(undefined);
	});
	it('a released wheel is not ground either, until it is cured', () => {
		expect(setupStatus(with_(worked(), UNSAFE))).to.include({ state: 'stop' });
		expect(setupStatus(with_(worked(), sheet()))).to.include({ state: 'ok', word: 'Ready to grind' });
		expect(() => did(with_(worked(), UNSAFE), 'dress', 'position', {})).to.throw(/morning-sheet/);
	});
	it('is worked out with the shop’s own limits', () => {
		const typed = {
			shift: 'early',
			notOnMachine: ['magnetHolds', 'tableStops'],
			checks: { guardClosed: true, dresserReturned: true, lubeLevelPct: 40, brixPct: 5 }
		};
		const run = (limits: Limits) =>
			morningOf({ guidelines: { limits } }, checkInput(inShop(MORNING_FIELDS, limits), typed)).main.output;
		expect(run({}).mayStart).to.equal(true);
		expect(run({}).open).not.to.include('lubeLevelPct');
		expect(run({ 'set.daily-start': { lubeMinPct: 41 } }).open).to.include('lubeLevelPct');
	});
});

describe('the shift an hour belongs to', () => {
	it('begins on its hour', () =>
		expect([0, 5, 6, 13, 14, 21, 22, 23].map(shiftAt)).to.deep.equal([
			'night',
			'night',
			'early',
			'early',
			'late',
			'late',
			'night',
			'night'
		]));
});
