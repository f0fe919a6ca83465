import { expect } from 'chai';
import { decide } from '../../src/core/route/engine.js';
import { GOOD } from '../shared/good-work.js';
import { row, write } from '../../src/lib/server/storage/pool.js';
import { openByMachine, setupList } from '../../src/lib/server/setups/setup-list.js';
import { openIncident } from '../../src/lib/server/setups/open-incident.js';
import { correctLedger } from '../../src/lib/server/wheels/correct-ledger.js';
import { judgeWheel } from '../../src/lib/server/wheels/judge-wheel.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { record } from '../../src/lib/server/setups/record.js';
import { saveShopItem } from '../../src/lib/server/shop/shop.js';
import { facts, key, lead, machineId, machinist, refusedWith, setup, step, workedUpTo } from './fixtures.js';

const wheelNow = async (number: string) =>
	(await row<{ state: string; held_by: number | null; kept_on: string | null }>(
		'SELECT state, held_by, kept_on FROM wheel_now WHERE number = ?',
		[number]
	))!;
/** Records without clearing the spindle for it, as a page does. */
const asIs = async (id: number, station: 'mount' | 'keep', name: string, values: object) =>
	record(
		id,
		{ station, step: name, values, version: (await facts(id)).version, key: key() },
		await machinist()
	);
const good = (name: string) => GOOD.find(([s, n]) => `${s}.${n}` === name)![2];

const SPARE_MOUNT = {
	kind: 'flange',
	seatMm: 76.2,
	flangeMm: 115,
	recessMm: 92,
	retention: 'single-nut',
	threadHand: 'left',
	massKg: 4.2,
	journalRadiusMm: 15
};

describe('one wheel on a spindle', () => {
	it('an occupied spindle is refused at Mount with where it is, and free again when that wheel is off', async () => {
		const first = await workedUpTo('run-in.start');
		const second = await workedUpTo('mount.fit');
		// The helper cleared nothing yet: the first one is still on.
		expect((await facts(first.id)).onSpindle).to.equal(true);
		const f = await facts(second.id);
		expect(f.occupied).to.deep.equal({
			setupId: first.id,
			wheel: first.number,
			machine: 'SG-1',
			mount: null
		});
		const says = await refusedWith('mount.occupied', asIs(second.id, 'mount', 'fit', good('mount.fit')));
		expect(says.message).to.equal(
			`Stopped: Wheel ${first.number} of setup ${first.id} is on SG-1. Take it off there first.`
		);
		expect(decide(f).stations.find((s) => s.id === 'mount')!.lines[0]).to.include({
			key: 'occupied',
			state: 'stop'
		});
		await asIs(first.id, 'keep', 'give-up', { reason: 'the job was called off', wheelIs: 'sound' });
		expect((await facts(second.id)).occupied).to.equal(null);
		await asIs(second.id, 'mount', 'fit', good('mount.fit'));
	});
	it('another mount is kept with the setup, and its record says which and why', async () => {
		await saveShopItem('mounts', null, { ...SPARE_MOUNT, code: 'F1-B' }, await lead());
		const { id } = await workedUpTo('run-in.start');
		await asIs(id, 'mount', 'choose', { mountCode: 'F1-B', reason: 'the first has a burr' });
		const f = await facts(id);
		expect([f.mount!.code, f.onSpindle]).to.deep.equal(['F1-B', false]);
		expect(f.records.at(-1)!.entered).to.deep.equal({ mountCode: 'F1-B', reason: 'the first has a burr' });
		expect((await wheelNow(f.wheel!.number)).state).to.equal('available');
	});
	it('a wheel may stay on its mount in the rack, and comes back on it; nobody else gets that mount meanwhile', async () => {
		const { id, number } = await workedUpTo('never');
		const off = {
			what: 'taken-off',
			diameterAfterMm: 289,
			partsGround: 4,
			targetMps: 30,
			staysOnMount: true
		};
		await asIs(id, 'keep', 'entry', off);
		const own = (await facts(id)).mount!;
		expect(await wheelNow(number)).to.include({ state: 'available', kept_on: own.code });
		const other = await workedUpTo('mount.fit');
		const says = await refusedWith('mount.occupied', asIs(other.id, 'mount', 'fit', good('mount.fit')));
		expect(says.message).to.contain(`Wheel ${number} is kept on mount ${own.code} in the rack.`);
		await asIs(other.id, 'mount', 'choose', { mountCode: 'F1-B', reason: 'the other one is taken' });
		expect((await facts(other.id)).occupied).to.equal(null);
		const again = await workedUpTo('mount.fit', number);
		expect((await facts(again.id)).mount!.code).to.equal(own.code);
		await asIs(again.id, 'mount', 'fit', good('mount.fit'));
		await judgeWheel(number, 'off-mount', 'the mount is wanted for another', await machinist());
		expect(await wheelNow(number)).to.include({ kept_on: null });
		await refusedWith(
			'not-kept',
			judgeWheel(number, 'off-mount', 'once more for nothing', await machinist())
		);
	});
	it('two who tighten at the same moment do not both get the spindle', async () => {
		const [a, b] = [await workedUpTo('mount.tighten'), await workedUpTo('mount.tighten')];
		const both = await Promise.allSettled(
			[a, b].map(({ id }) => asIs(id, 'mount', 'tighten', { done: true }))
		);
		expect(both.map((r) => r.status).sort()).to.deep.equal(['fulfilled', 'rejected']);
		const on = await Promise.all([a, b].map(async ({ id }) => (await facts(id)).onSpindle));
		expect(on.filter(Boolean)).to.have.length(1);
	});
	it('the Floor and the choice of a machine know every open setup of it, the mounted one first', async () => {
		const { id } = await workedUpTo('run-in.start');
		const waiting = await setup();
		const open = (await openByMachine()).get(await machineId('SG-1'))!;
		expect(open[0]).to.include({ id, onSpindle: true });
		expect(open.map((s) => s.id)).to.include(waiting);
	});
});

describe('a setup that is given up', () => {
	const give = (id: number, values: object) => asIs(id, 'keep', 'give-up', values);
	it('where nothing turned, frees machine, mount and wheel with a reason', async () => {
		const { id, number } = await workedUpTo('mount.fit');
		await refusedWith('missing', give(id, {}));
		await refusedWith('below-minimum', give(id, { reason: 'no' }));
		await give(id, { reason: 'the customer called it off' });
		expect(await facts(id)).to.include({
			state: 'finished',
			givenUp: 'the customer called it off',
			onSpindle: false
		});
		expect(await wheelNow(number)).to.deep.equal({ state: 'available', held_by: null, kept_on: null });
		expect((await setupList(String(id)))[0]!.givenUp).to.equal('the customer called it off');
		await refusedWith('setup-finished', give(id, { reason: 'and once more, please' }));
	});
	it('asks what state a mounted wheel is in: sound goes back, not sure is set aside', async () => {
		for (const [wheelIs, state] of [
			['sound', 'available'],
			['not-sure', 'quarantined']
		] as const) {
			const { id, number } = await workedUpTo('run-in.outcome');
			await refusedWith('missing', give(id, { reason: 'the spindle is needed now' }));
			await give(id, { reason: 'the spindle is needed now', wheelIs });
			expect((await wheelNow(number)).state).to.equal(state);
		}
	});
	it('not while an incident is open, and not what was released: that is taken off at Keep', async () => {
		const hurt = await workedUpTo('run-in.start');
		await openIncident(
			hurt.id,
			{ event: 'hard-crash', injury: false, madeSafe: true, seen: 'ran into the vice' },
			key(),
			await machinist()
		);
		await refusedWith('incident-open', give(hurt.id, { reason: 'no time for a plan' }));
		await write('UPDATE machines SET locked_out = FALSE WHERE code = ?', ['SG-1']);
		const { id } = await workedUpTo('');
		await refusedWith('released', give(id, { reason: 'no time for the book' }));
		await step(id, 'keep', 'entry', {
			what: 'taken-off',
			diameterAfterMm: 289.5,
			partsGround: 5,
			targetMps: 35
		});
		expect(await facts(id)).to.include({ state: 'finished', onSpindle: false });
	});
	it('a worn-out wheel can always come off and be scrapped, whatever is stopped; its setup closes', async () => {
		const { id, number } = await workedUpTo('');
		const book = { what: 'ground-on', partsGround: 5, targetMps: 35 };
		const asked = await refusedWith('really', asIs(id, 'keep', 'entry', { ...book, diameterAfterMm: 170 }));
		expect(asked.message).to.match(/^Really 170 mm\? It is below the scrap diameter/);
		await asIs(id, 'keep', 'entry', { ...book, diameterAfterMm: 170, sure: true });
		await refusedWith('worn-out', asIs(id, 'keep', 'entry', { ...book, diameterAfterMm: 170, sure: true }));
		await asIs(id, 'keep', 'give-up', { reason: 'used up, broken up now', wheelIs: 'worn-out' });
		expect(await facts(id)).to.include({ state: 'finished', onSpindle: false });
		expect((await wheelNow(number)).state).to.equal('scrapped');
	});
	it('a slip of the hand is corrected by a new line that names the old one, and the setup goes on', async () => {
		const { id, number } = await workedUpTo('');
		const book = { what: 'ground-on', partsGround: 5, targetMps: 35 };
		await asIs(id, 'keep', 'entry', { ...book, diameterAfterMm: 170, sure: true });
		const put = (diameterAfterMm: number, k = key()) =>
			machinist().then((u) =>
				correctLedger(number, { diameterAfterMm, reason: 'read the rule upside down' }, k, u)
			);
		await refusedWith('above-maximum', put(290));
		const k = key();
		await put(289.4, k);
		await put(289.4, k);
		const lines = await ledger((await facts(id)).wheel!.id);
		const last = lines.at(-1)!;
		expect(last).to.include({
			kind: 'corrected',
			diameterAfterMm: 289.4,
			note: 'instead of 170: read the rule upside down'
		});
		expect(lines.find((l) => l.id === last.correctsId)).to.include({ kind: 'ground', diameterAfterMm: 170 });
		expect((await facts(id)).wheel!.diameterMm).to.equal(289.4);
		await asIs(id, 'keep', 'entry', { ...book, diameterAfterMm: 289.3 });
	});
});
