import { expect } from 'chai';
import { setupStatus } from '../../src/core/route/setup-status.js';
import { decide } from '../../src/core/route/engine.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { DEEPEST, groupIn, unsound } from '../../src/lib/server/json.js';
import { draftOf, keepDraft } from '../../src/lib/server/storage/drafts.js';
import { addRecords, recordById } from '../../src/lib/server/storage/records.js';
import { database, row, write } from '../../src/lib/server/storage/pool.js';
import { FLAT_FIELDS } from '../../src/core/shop/dresser.js';
import { incidentById } from '../../src/lib/server/setups/incidents.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { workIncident } from '../../src/lib/server/setups/work-incident.js';
import { setupList } from '../../src/lib/server/setups/setup-list.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import {
	facts,
	key,
	lead,
	machinist,
	refusedWith,
	setup,
	step,
	user,
	wheel,
	workedUpTo
} from './fixtures.js';

const nested = (depth: number): string => `${'{"a":'.repeat(depth)}1${'}'.repeat(depth)}`;

describe('what a request carries', () => {
	after(async () => {
		// Nobody else's test meets a locked machine or an open plan.
		await write("UPDATE machines SET locked_out = FALSE WHERE code = 'CG-2'");
		await write(
			'UPDATE incidents SET closed_at = UTC_TIMESTAMP(3) WHERE closed_at IS NULL AND machine_id = (SELECT id FROM machines WHERE code = ?)',
			['CG-2']
		);
		await write(
			"UPDATE setups SET state = 'finished' WHERE part = 'Test plate' AND machine_id = (SELECT id FROM machines WHERE code = 'CG-2')"
		);
	});
	it('is refused where it reaches behind objects, is nested too deep or holds half a character', () => {
		for (const [text, code] of [
			['{"a": {"__proto__": {"b": 1}}}', 'foreign-name'],
			['{"constructor": 1}', 'foreign-name'],
			['{"a": [{"prototype": 1}]}', 'foreign-name'],
			[nested(DEEPEST + 2), 'too-deep'],
			[nested(80_000), 'too-deep'],
			[`{"a":${'['.repeat(60)}${']'.repeat(60)}}`, 'too-deep'],
			['{"a": "\\ud800"}', 'half-character'],
			['[1]', 'not-an-object'],
			['{', 'not-an-object']
		] as const)
			expect(() => groupIn(text), text.slice(0, 40))
				.to.throw()
				.with.property('code', code);
		expect(unsound(groupIn(nested(DEEPEST - 1)))).to.equal(null);
	});
	it('only what a field list names is kept of it', () => {
		const kept = checked(FLAT_FIELDS, {
			removedCm3: 1,
			flatWidthUm: 20,
			junk: { a: 1 },
			more: 'y'.repeat(5000)
		});
		expect(kept).not.to.have.any.keys('junk', 'more');
	});
	it('findings of an incident are checked, and nothing else of them is kept', async () => {
		const id = await setup('CG-2');
		const incident = await openIncident(
			id,
			{ event: 'light-touch', injury: false, madeSafe: true, seen: 'it touched' },
			key(),
			await machinist()
		);
		const work = async (change: object) =>
			workIncident(
				incident,
				{ version: (await incidentById(incident))!.version, key: key(), ...change },
				await machinist()
			);
		await work({ findings: { guard: 'sound', junk: { deep: 1 } }, done: ['record-and-tag'] });
		const kept = (await incidentById(incident))!;
		expect(kept.input.findings).to.include({ guard: 'sound' }).and.not.have.property('junk');
		await refusedWith('unknown-choice', work({ findings: { guard: 'in pieces' } }));
		await refusedWith('not-a-list', work({ done: 'everything' }));
	});
	it('a key belongs to what it was made for', async () => {
		const [a, b] = [await setup('CG-2'), await setup('CG-2')];
		const report = { event: 'vibration', injury: false, madeSafe: true, seen: 'it hums' };
		const k = key();
		const first = await openIncident(a, report, k, await machinist());
		expect(await openIncident(a, report, k, await machinist())).to.equal(first);
		await refusedWith('key-used', openIncident(b, report, k, await machinist()));
		expect(await row('SELECT id FROM incidents WHERE setup_id = ?', [b])).to.equal(undefined);
	});
});

describe('evidence that cannot be read any more', () => {
	it('takes no page away: its step is open again, and it is said', async () => {
		const id = await setup();
		await step(id, 'select', 'take', { wheelNumber: await wheel() });
		const before = (await facts(id)).records.length;
		const recordId = await addRecords(
			[
				{
					setupId: id,
					wheelId: null,
					machineId: (await facts(id)).machine.id,
					station: 'inspect',
					step: 'look',
					calculation: 'no.such-calculation',
					coreVersion: '0',
					entered: JSON.parse('{"junk": {"__proto__": {"a": 1}}}') as object,
					input: {},
					output: {},
					verdict: 'ok',
					overrideReason: null,
					replacesId: null,
					facts: null,
					userId: (await machinist()).id,
					key: key(),
					ordinal: 0
				}
			],
			database()
		);
		const loaded = (await loadSetup(id))!;
		expect(loaded.unreadable).to.deep.equal([recordId]);
		expect(loaded.facts.records).to.have.length(before);
		expect(decide(loaded.facts).current).to.equal('inspect');
		expect(await recordById(recordId)).to.include({ readable: false });
	});
	it('drafts of one person are bounded, and what is begun already may still be changed', async () => {
		const who = await user('Tobias Renn');
		for (let i = 0; i < 400; i++) await keepDraft(who.id, `many-${i}`, {});
		expect(await keepDraft(who.id, 'one-more', {})).to.equal(false);
		expect(await keepDraft(who.id, 'many-7', { a: '1' })).to.equal(true);
		await write('DELETE FROM drafts WHERE user_id = ?', [who.id]);
	});
	it('a draft that cannot be read is none', async () => {
		const who = await machinist();
		await write('INSERT INTO drafts (user_id, draft_key, body) VALUES (?, ?, ?)', [
			who.id,
			'old-one',
			'{"__proto__": {"a": 1}}'
		]);
		expect(await draftOf(who.id, 'old-one')).to.equal(null);
		expect(await keepDraft(who.id, 'old-one', { a: '1' })).to.equal(true);
		expect(await draftOf(who.id, 'old-one')).to.deep.equal({ a: '1' });
	});
});

describe('a released setup', () => {
	for (const [action, is] of [
		['quarantine', 'quarantined'],
		['scrap', 'scrapped']
	] as const)
		it(`whose wheel is ${is} is not ready to grind, in any list`, async () => {
			const { id, number } = await workedUpTo('keep.part');
			await write("UPDATE setups SET state = 'released' WHERE id = ?", [id]);
			expect(setupStatus(await facts(id)).word).to.equal('Ready to grind');
			const listed = async (state: string) => (await setupList(String(id), state)).find((s) => s.id === id);
			expect((await listed('released'))!.state).to.equal('released');
			await judgeWheel(number, action, 'seen by somebody else', await lead());
			expect(setupStatus(await facts(id))).to.include({ state: 'stop', word: 'Stopped' });
			expect(setupStatus(await facts(id)).next).to.contain(is);
			expect(await listed('released')).to.equal(undefined);
			expect((await listed('stopped'))!.state).to.equal('stopped');
			expect((await listed(''))!.state).to.equal('stopped');
			await write("UPDATE setups SET state = 'finished' WHERE id = ?", [id]);
		});
});
