import { expect } from 'chai';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { SHOP_KINDS } from '../../src/core/shop/kinds.js';
import { row, write } from '../../src/lib/server/storage/pool.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { addLead, resetPin } from '../../src/lib/server/people/locked-out.js';
import { checkPin } from '../../src/lib/server/people/sign-in.js';
import { machines } from '../../src/lib/server/shop/machines.js';
import { retireShopItem } from '../../src/lib/server/shop/retire.js';
import { saveShopItem, shopItemByKey } from '../../src/lib/server/shop/shop.js';
import { nameShop, theShop, wayOf, wayShown } from '../../src/lib/server/shop/the-shop.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { wheelByNumber } from '../../src/lib/server/wheels/wheels.js';
import { JOB, key, lead, machineId, machinist, refusedWith, setup, wheel } from './fixtures.js';

const kind = (id: string) => SHOP_KINDS.find((k) => k.id === id)!;
const MACHINE = {
	code: 'OLD-1',
	name: 'an old one',
	kind: 'surface-toolroom',
	balanceClass: 'surface-toolroom',
	spindleRpm: 1500,
	spindleRpmMax: 1500,
	seatMm: 76.2,
	maxDiameterMm: 300,
	maxWidthMm: 40,
	rotation: 'cw',
	motorPowerKw: 3,
	wet: true
};
const MOUNT = {
	code: 'OLD-F',
	kind: 'flange',
	seatMm: 76.2,
	flangeMm: 115,
	recessMm: 92,
	retention: 'single-nut',
	threadHand: 'left',
	massKg: 4.2,
	journalRadiusMm: 15
};

describe('what a machinist knows', () => {
	it('a motor is known by its power, a mount by its sizes', async () => {
		await saveShopItem('machines', null, MACHINE, await lead());
		await saveShopItem('mounts', null, MOUNT, await lead(), 'OLD-1');
		const m = (await machines()).find((x) => x.code === 'OLD-1')!;
		expect(m.motorTorqueNm).to.be.closeTo(19.1, 0.05);
		const mount = (await shopItemByKey(kind('mounts'), 'OLD-F'))!;
		expect(mount.inertiaKgM2).to.be.closeTo((4.2 * (0.0575 ** 2 + 0.0381 ** 2)) / 2, 1e-9);
		expect(m.mountId, 'entered for that machine').to.equal(mount.id);
	});
	it('a wheel that was not weighed has a mass from its size, and says so', async () => {
		const w = (await wheelByNumber(await wheel({ massKg: null })))!;
		expect(w.massComputed).to.equal(true);
		expect(w.massKg).to.be.closeTo(2200 * (Math.PI / 4) * (0.3 ** 2 - 0.0762 ** 2) * 0.032, 1e-6);
		expect((await wheelByNumber(await wheel()))!).to.include({ massComputed: false, massKg: 4.6 });
	});
});

describe('out of use and back', () => {
	// The demo shop is left as it was found.
	after(async () => {
		await retireShopItem('machines', 'OLD-1', true, await lead());
		await retireShopItem('mounts', 'OLD-F', true, await lead());
	});
	it('what is out of use is offered nowhere, stays on record, and comes back', async () => {
		await retireShopItem('machines', 'OLD-1', true, await lead());
		expect((await machines()).map((m) => m.code)).not.to.include('OLD-1');
		expect(await shopItemByKey(kind('machines'), 'OLD-1')).to.include({ retired: true });
		const brief = checked(BRIEF_FIELDS, { ...JOB, machineId: await machineId('OLD-1') });
		await refusedWith('unknown-choice', startSetup(brief, await machinist(), key()));
		await retireShopItem('machines', 'OLD-1', false, await lead());
		expect((await machines()).map((m) => m.code)).to.include('OLD-1');
		for (const [id, code] of [
			['dressers', 'D-03'],
			['mounts', 'OLD-F'],
			['instruments', (await row<{ code: string }>('SELECT code FROM instruments LIMIT 1'))!.code]
		] as const) {
			await retireShopItem(id, code, true, await lead());
			expect(await shopItemByKey(kind(id), code), code).to.include({ retired: true });
			await retireShopItem(id, code, false, await lead());
		}
	});
	it('not while an open setup is worked with it, and nobody is deleted that way', async () => {
		const id = await setup('SG-1');
		const says = await refusedWith('in-use', retireShopItem('machines', 'SG-1', true, await lead()));
		expect(says.message).to.match(/^Setup \d+ is open with it\./);
		await refusedWith('in-use', retireShopItem('mounts', 'F1', true, await lead()));
		await refusedWith('people-leave', retireShopItem('people', 'Ines Falk', true, await lead()));
		await refusedWith('not-found', retireShopItem('machines', 'no such', true, await lead()));
		await write("UPDATE setups SET state = 'finished' WHERE id = ?", [id]);
	});
});

describe('the shop', () => {
	it('is named by a lead, with its units', async () => {
		const before = await theShop();
		await nameShop({ name: 'Another shop', units: 'inch' }, await lead());
		expect(await theShop()).to.include({ name: 'Another shop', units: 'inch' });
		await refusedWith('missing', nameShop({ name: ' ' }, await lead()));
		await refusedWith('lead-only', nameShop(before, await machinist()));
		await nameShop(before, await lead());
	});
	it('is shown the way to its first setup until there is one, or until a lead has had enough', async () => {
		expect(await wayOf({ shownWay: true })).to.equal(null);
		expect(await wayOf({ shownWay: false }), 'there are setups').to.equal(null);
		await wayShown(await lead());
		expect((await theShop()).shownWay).to.equal(true);
	});
	it('whoever is locked out is let in from the server, with a PIN for one time', async () => {
		const pin = await addLead('New Lead');
		const who = (await row<{ id: number }>("SELECT id FROM users WHERE name = 'New Lead'"))!;
		expect(await checkPin(who.id, pin, '192.0.2.9')).to.have.nested.property('user.role', 'lead');
		expect(await addLead('New Lead').catch((e: Error) => e.message)).to.match(/already/);
		const again = await resetPin('New Lead');
		expect(await checkPin(who.id, pin, '192.0.2.9')).to.have.property('problem');
		expect(await checkPin(who.id, again, '192.0.2.9')).to.have.property('user');
		expect(await resetPin('Nobody Here').catch((e: Error) => e.message)).to.match(/person add/);
		await write('UPDATE users SET active = FALSE WHERE id = ?', [who.id]);
	});
});
