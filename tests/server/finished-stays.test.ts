import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { setupStatus } from '../../src/core/route/setup-status.js';
import { row, write } from '../../src/lib/server/storage/pool.js';
import { recordById } from '../../src/lib/server/storage/records.js';
import { headOf, standsAs } from '../../src/lib/server/print/setup-card.js';
import type { RecordContext } from '../../src/core/route/record-context.js';
import { switchUnits } from '../../src/lib/server/setups/change-setup.js';
import { keptFacts } from '../../src/lib/server/setups/kept-facts.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { facts, key, machineId, machinist, refusedWith, step, workedUpTo } from './fixtures.js';

const OFF = { what: 'taken-off', diameterAfterMm: 286.5, partsGround: 40, targetMps: 30 };
/** A setup whose wheel was released, ground with and put back. */
const finished = async () => {
	const { id, number } = await workedUpTo('never');
	await step(id, 'keep', 'entry', OFF);
	return { id, number };
};
const restOf = async (id: number) => {
	const { nowMs: _now, ...rest } = await facts(id);
	return rest;
};

describe('a finished setup', () => {
	it('stays as it was when its wheel goes on, its mount, machine and dresser change and the shop is renamed', async () => {
		const { id, number } = await finished();
		const before = await facts(id);
		expect(before).to.include({ state: 'finished' });
		expect(before.wheel!.diameterMm).to.equal(286.5);
		const next = await workedUpTo('run-in.start', number);
		await openIncident(
			next.id,
			{ event: 'hard-crash', injury: false, madeSafe: true, seen: 'ran into the chuck' },
			key(),
			await machinist()
		);
		const old = await row<{ n: number; rpm: number; flange: number }>(
			'SELECT d.dresses_since_turn AS n, m.spindle_rpm AS rpm, f.flange_mm AS flange FROM machines m JOIN mounts f ON f.id = m.mount_id JOIN dressers d ON d.id = m.dresser_id WHERE m.id = ?',
			[before.machine.id]
		);
		await write('UPDATE dressers SET dresses_since_turn = 99 WHERE id = ?', [before.dresser!.id]);
		await write('UPDATE mounts SET flange_mm = flange_mm + 1 WHERE id = ?', [before.mount!.id]);
		await write('UPDATE machines SET spindle_rpm_max = 9000, spindle_rpm = 9000 WHERE id = ?', [
			before.machine.id
		]);
		const { name } = (await row<{ name: string }>('SELECT name FROM shop', []))!;
		await write("UPDATE shop SET name = 'Another name'");
		try {
			expect(await facts(id)).to.deep.equal(before);
			expect(decide(await facts(id))).to.deep.equal(decide(before));
			expect(setupStatus(await facts(id)).word).to.equal('Finished');
		} finally {
			await write('UPDATE shop SET name = ?', [name]);
			await write('UPDATE dressers SET dresses_since_turn = ? WHERE id = ?', [old!.n, before.dresser!.id]);
			await write('UPDATE mounts SET flange_mm = ? WHERE id = ?', [old!.flange, before.mount!.id]);
			await write(
				'UPDATE machines SET spindle_rpm_max = ?, spindle_rpm = ?, locked_out = FALSE WHERE id = ?',
				[old!.rpm, old!.rpm, before.machine.id]
			);
			await write(
				'UPDATE incidents SET closed_at = UTC_TIMESTAMP(3) WHERE closed_at IS NULL AND setup_id = ?',
				[next.id]
			);
		}
	});
	it('that was given up stays as it was, too', async () => {
		const { id, number } = await workedUpTo('run-in.start');
		await step(id, 'keep', 'give-up', { reason: 'the job was called off', wheelIs: 'sound' });
		const before = await restOf(id);
		await workedUpTo('run-in.start', number);
		expect(await restOf(id)).to.deep.equal(before);
	});
	it('one that is not there has no units', async () => {
		await refusedWith('no-setup', switchUnits(999_999, 'inch', await machinist()));
	});
	it('can be shown in the other units', async () => {
		const { id } = await finished();
		await write("UPDATE setups SET units = 'inch' WHERE id = ?", [id]);
		expect((await facts(id)).units).to.equal('inch');
	});
	it('what it was finished with cannot be changed or taken away; what was changed beside us is not believed', async () => {
		const { id } = await finished();
		const { closed_facts: hash } = (await row<{ closed_facts: string }>(
			'SELECT closed_facts FROM setups WHERE id = ?',
			[id]
		))!;
		for (const sql of [
			"UPDATE kept_facts SET facts = '{}' WHERE hash = ?",
			'DELETE FROM kept_facts WHERE hash = ?'
		])
			expect(
				await write(sql, [hash]).then(
					() => 'done',
					(e: Error) => e.message
				)
			).to.match(/is evidence/);
		expect((await loadSetup(id))!.asOfToday).to.equal(false);
		await write('UPDATE setups SET closed_facts = NULL WHERE id = ?', [id]);
		expect((await loadSetup(id))!.asOfToday, 'and it says so').to.equal(true);
		const other = 'f'.repeat(64);
		await write("INSERT IGNORE INTO kept_facts (hash, facts) VALUES (?, '{}')", [other]);
		expect(await keptFacts(other)).to.equal(null);
	});
});

describe('a record', () => {
	it('keeps wheel, mount, machine and dresser as they were, once for all that were made with the same', async () => {
		const { id, number } = await finished();
		const f = await facts(id);
		const of = async (name: string) => {
			const r = f.records.findLast((x) => `${x.station}.${x.step}` === name)!;
			return keptFacts<RecordContext>((await recordById(r.id))!.facts);
		};
		expect((await of('mount.fit'))!.wheel).to.include({ number, diameterMm: 290 });
		expect((await of('prove.release'))!.wheel!.diameterMm).to.be.below(290);
		const [before, after] = [await of('dress.done'), await of('keep.entry')];
		expect(after!.dresser!.dressesSinceTurn).to.equal(Number(before!.dresser!.dressesSinceTurn) + 1);
		expect(after!.machine.id).to.equal(await machineId('SG-1'));
		const hashes = await Promise.all(f.records.map(async (r) => (await recordById(r.id))!.facts));
		expect(hashes.every(Boolean)).to.equal(true);
		expect(new Set(hashes).size).to.be.below(hashes.length / 2);
	});
});

describe('the card of a setup', () => {
	it('says whose it is, when it was printed, and by whom and when it was released', async () => {
		const { id } = await workedUpTo('never');
		const released = await facts(id);
		const { name } = (await row<{ name: string }>('SELECT name FROM shop', []))!;
		expect(headOf(released, Date.UTC(2026, 5, 1, 12))).to.match(/, printed 1 Jun 2026, \d\d:00$/);
		expect(headOf(released, 0).startsWith(name)).to.equal(true);
		expect(standsAs(released, decide(released))).to.match(/^Released \d+ \w+ \d{4}, \d\d:\d\d by Ines Falk$/);
		await step(id, 'keep', 'entry', OFF);
		const done = await facts(id);
		expect(headOf(done, 0)).to.contain(', as it was on ');
		expect(standsAs(done, decide(done))).to.match(/^Finished, released .* by Ines Falk$/);
		const { id: early } = await workedUpTo('mount.fit');
		const open = await facts(early);
		expect(standsAs(open, decide(open))).to.equal('MOUNT');
	});
});
