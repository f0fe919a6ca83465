import { expect } from 'chai';
import { rackPage } from '../../src/lib/server/wheels/rack.js';
import { machines } from '../../src/lib/server/shop/machines.js';
import { row, rows } from '../../src/lib/server/storage/pool.js';
import { find } from '../../src/lib/server/shop/find.js';
import { draftOf, dropDraft, keepDraft } from '../../src/lib/server/storage/drafts.js';
import { migrate, pendingMigrations } from '../../src/lib/server/storage/migrate.js';
import { saveShopItem, shopKind, shopItemByKey } from '../../src/lib/server/shop/shop.js';
import { DRESSER_KINDS, methodOf } from '../../src/core/shop/dresser.js';
import { addWheel } from '../../src/lib/server/wheels/add-wheels.js';
import { ledger } from '../../src/lib/server/wheels/ledger.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { MIGRATIONS } from '../../src/command/paths.js';
import { lead, machinist, refusedWith, wheel } from './fixtures.js';

describe('the demo shop', () => {
	it('holds what a shop of its kind holds', async () => {
		const n = async (sql: string) => Number((await row<{ n: number }>(sql))!.n);
		expect(await machines()).to.have.length(8);
		expect(new Set((await machines()).map((m) => m.kind)).size).to.equal(7);
		expect(await n("SELECT COUNT(*) AS n FROM wheels WHERE place NOT IN ('test', 'list')")).to.be.within(
			40,
			52
		);
		expect(
			await n("SELECT COUNT(DISTINCT canonical) AS n FROM wheels WHERE place NOT IN ('test', 'list')")
		).to.be.above(20);
		expect(await n("SELECT COUNT(*) AS n FROM setups WHERE id < 147 AND state = 'finished'")).to.equal(8);
		expect(await n("SELECT COUNT(*) AS n FROM setups WHERE id < 147 AND state = 'under-way'")).to.equal(2);
		expect(await n('SELECT COUNT(*) AS n FROM incidents WHERE id = 1 AND closed_at IS NULL')).to.equal(1);
		for (const t of ['mounts', 'dressers', 'block_sets'])
			expect(await n(`SELECT COUNT(*) AS n FROM ${t}`), t).to.be.above(1);
	});
	it('has a dresser of every kind, and every one that dresses has dressed', async () => {
		const kept = await rows<{ kind: string; code: string; used: number }>(
			"SELECT d.kind, d.code, (SELECT COUNT(*) FROM records r WHERE r.step = 'method' AND JSON_VALUE(r.entered, '$.dresserCode') = d.code) AS used FROM dressers d"
		);
		expect([...new Set(kept.map((d) => d.kind))]).to.have.members([...DRESSER_KINDS]);
		const presses = await rows("SELECT id FROM records WHERE station = 'dress' AND step = 'stick'");
		expect(presses.length, 'the stick follows the truing').to.be.above(0);
		const ways = DRESSER_KINDS.filter((k) => methodOf(k) !== null && k !== 'stick');
		for (const kind of ways)
			expect(
				kept.some((d) => d.kind === kind && d.used > 0),
				kind
			).to.equal(true);
	});
	it('is migrated once and for all', async () => {
		expect(await pendingMigrations(MIGRATIONS)).to.deep.equal([]);
		expect(await migrate(MIGRATIONS)).to.deep.equal([]);
	});
	it('is strict, in UTC, on loopback', async () => {
		const s = (await row<{ mode: string; tz: string; cs: string; bind: string }>(
			'SELECT @@sql_mode AS mode, @@time_zone AS tz, @@character_set_server AS cs, @@bind_address AS bind'
		))!;
		expect(s.mode).to.contain('STRICT');
		expect(s).to.include({ tz: '+00:00', cs: 'utf8mb4', bind: '127.0.0.1' });
	});
});

describe('the rack', () => {
	it('starts a ledger, and the last measured diameter counts', async () => {
		const number = await wheel({ diameterMm: 281.5 });
		const w = (await wheelByNumber(number))!;
		expect(w.diameterMm).to.equal(281.5);
		expect((await ledger(w.id)).map((l) => l.kind)).to.deep.equal(['received']);
	});
	it('refuses what cannot be', async () => {
		const who = await lead();
		const good = {
			number: 'Z1',
			marking: 'WA 60 J 7 V',
			newDiameterMm: 300,
			diameterMm: 290,
			widthMm: 25,
			boreMm: 76.2,
			minDiameterMm: 180,
			massKg: 4,
			ratedMps: 40,
			ratedRpm: null,
			expiresOn: null,
			shape: '1' as const,
			place: 'test'
		};
		const taken = await wheel();
		expect((await refusedWith('number-taken', addWheel({ ...good, number: taken }, who))).field).to.equal(
			'number'
		);
		expect((await refusedWith('inconsistent', addWheel({ ...good, diameterMm: 301 }, who))).field).to.equal(
			'diameterMm'
		);
		expect((await refusedWith('inconsistent', addWheel({ ...good, boreMm: 290 }, who))).field).to.equal(
			'boreMm'
		);
		expect(
			(await refusedWith('inconsistent', addWheel({ ...good, marking: 'hello there' }, who))).field
		).to.equal('marking');
	});
	it('sets a wheel aside that has no speed or could be two kinds', async () => {
		expect((await wheelByNumber(await wheel({ ratedMps: null })))!.state).to.equal('quarantined');
		expect((await wheelByNumber(await wheel({ marking: 'B54 J 7 V' })))!.state).to.equal('quarantined');
		expect(
			(await wheelByNumber(await wheel({ ratedMps: null, marking: 'WA 60 J 7 V 35 m/s' })))!.ratedMps
		).to.equal(35);
	});
	it('searches, filters, sorts and pages', async () => {
		const q = { search: '', state: '', family: '', sort: 'number' as const, down: false, page: 1 };
		const all = await rackPage(q);
		expect(all.wheels.map((w) => w.number)).to.deep.equal([...all.wheels.map((w) => w.number)].sort());
		const white = await rackPage({ ...q, family: 'alumina-white', sort: 'diameter', down: true });
		expect(white.wheels.every((w) => w.family === 'alumina-white')).to.equal(true);
		expect(white.wheels.map((w) => w.diameterMm)).to.deep.equal(
			white.wheels.map((w) => w.diameterMm).sort((a, b) => b - a)
		);
		expect((await rackPage({ ...q, search: '0317' })).wheels.map((w) => w.number)).to.include('0317');
		expect((await rackPage({ ...q, search: '100%' })).total, 'a percent sign is no wildcard').to.equal(0);
		expect((await rackPage({ ...q, page: 999 })).wheels.length).to.be.above(0);
		expect((await find('0317')).some((x) => x.href === '/rack/0317')).to.equal(true);
	});
});

describe('what a lead keeps', () => {
	const DIAMOND = { code: 'D-99', kind: 'single-point', tipRadiusUm: 250, flatWidthUm: 0, turnEvery: 20 };
	it('is changed by a lead only, checked, and found again', async () => {
		await refusedWith('lead-only', saveShopItem('dressers', null, DIAMOND, await machinist()));
		expect(
			(
				await refusedWith(
					'below-minimum',
					saveShopItem('dressers', null, { ...DIAMOND, tipRadiusUm: 0 }, await lead())
				)
			).field
		).to.equal('tipRadiusUm');
		await saveShopItem('dressers', null, DIAMOND, await lead());
		await refusedWith('inconsistent', saveShopItem('dressers', null, DIAMOND, await lead()));
		await saveShopItem('dressers', 'D-99', { ...DIAMOND, tipRadiusUm: 300 }, await lead());
		expect(await shopItemByKey(shopKind('dressers'), 'D-99')).to.include({ tipRadiusUm: 300, turnEvery: 20 });
	});
	it('keeps block sets, machines and people', async () => {
		await saveShopItem(
			'blocks',
			null,
			{ code: 'GB-99', grade: '1', blocksMm: [1.005, 1.01, 2] },
			await lead()
		);
		expect((await shopItemByKey(shopKind('blocks'), 'GB-99'))!.blocksMm).to.deep.equal([1.005, 1.01, 2]);
		const sg1 = (await shopItemByKey(shopKind('machines'), 'SG-1'))!;
		expect(
			(
				await refusedWith(
					'inconsistent',
					saveShopItem('machines', 'SG-1', { ...sg1, spindleRpmMax: 100, mount: 'F1' }, await lead())
				)
			).field
		).to.equal('spindleRpmMax');
		expect(
			(
				await refusedWith(
					'unknown-choice',
					saveShopItem('machines', 'SG-1', { ...sg1, mount: 'nothing' }, await lead())
				)
			).field
		).to.equal('mount');
		await saveShopItem('machines', 'SG-1', { ...sg1, mount: 'F1', dresser: 'D-07' }, await lead());
		await refusedWith(
			'inconsistent',
			saveShopItem('people', 'Mara Okonjo', { name: 'Mara Okonjo', role: 'viewer' }, await lead())
		);
	});
});

describe('drafts', () => {
	it('are kept for their person until dropped', async () => {
		const who = await machinist();
		expect(await keepDraft(who.id, 'setup-1-mount', { boreMm: '76.2' })).to.equal(true);
		expect(await draftOf(who.id, 'setup-1-mount')).to.deep.equal({ boreMm: '76.2' });
		expect(await draftOf((await lead()).id, 'setup-1-mount')).to.equal(null);
		await dropDraft(who.id, 'setup-1-mount');
		expect(await draftOf(who.id, 'setup-1-mount')).to.equal(null);
		expect(
			await keepDraft(who.id, 'x', { text: 'a'.repeat(70_000) }),
			'far too large stays in the browser'
		).to.equal(false);
	});
});
