import { expect } from 'chai';
import { row, rows, write } from '../../src/lib/server/storage/pool.js';
import { changePin, giveOneTimePin, hashPin } from '../../src/lib/server/people/pins.js';
import {
	lockSession,
	openSession,
	sessionOf,
	signOut,
	wakeSession
} from '../../src/lib/server/people/sessions.js';
import { firstLead, signIn } from '../../src/lib/server/people/sign-in.js';
import { placeOf } from '../../src/lib/server/people/login-throttle.js';
import { saveShopItem } from '../../src/lib/server/shop/shop.js';
import { lead, machinist, refusedWith, user } from './fixtures.js';

const HERE = '192.0.2.7';
const SHOP: Readonly<Record<string, string>> = {
	'Mara Okonjo': '471128',
	'Tobias Renn': '258014',
	'Ines Falk': '135972',
	'Piet Aalders': '802416'
};
const forget = async () => {
	await write('DELETE FROM sign_in_tries');
	await write('DELETE FROM known_addresses');
};
const token = async (name: string, pin = SHOP[name]!, at = HERE): Promise<string> => {
	const done = await signIn((await user(name)).id, pin, at);
	if ('problem' in done) throw new Error(done.problem);
	return done.token;
};

describe('signing in', () => {
	beforeEach(forget);
	after(forget);

	it('takes the right PIN, keeps only hashes, and forgets on sign-out', async () => {
		const who = await machinist();
		const t = await token('Ines Falk');
		expect(await sessionOf(t)).to.deep.equal({ user: who, locked: false, mustChange: false });
		const kept = (await rows<{ token_hash: string }>('SELECT token_hash FROM sessions')).map(
			(r) => r.token_hash
		);
		expect(kept).not.to.include(t);
		expect(
			(await row<{ pin_hash: string }>('SELECT pin_hash FROM users WHERE id = ?', [who.id]))!.pin_hash
		).to.match(/^\$argon2id\$/);
		await signOut(t);
		expect(await sessionOf(t)).to.equal(null);
	});
	it('makes somebody wait longer and longer, for the right PIN too', async () => {
		const who = await user('Piet Aalders');
		const waits: number[] = [];
		for (let i = 0; i < 12; i++) {
			expect(await signIn(who.id, '000000', HERE)).to.have.property('problem');
			const t = (await row<{ s: number }>(
				'SELECT TIMESTAMPDIFF(SECOND, at, wait_until) AS s FROM sign_in_tries WHERE bucket = ?',
				[`${who.id} elsewhere`]
			))!;
			waits.push(t.s);
			// As if it had been waited for.
			await write('UPDATE sign_in_tries SET wait_until = at');
		}
		expect(waits).to.deep.equal([0, 0, 0, 5, 10, 20, 30, 30, 30, 30, 30, 30]);
		await write('UPDATE sign_in_tries SET wait_until = UTC_TIMESTAMP(3) + INTERVAL 20 SECOND');
		for (const pin of ['000000', SHOP['Piet Aalders']!])
			expect(await signIn(who.id, pin, HERE))
				.to.have.property('problem')
				.that.matches(/Wait \d+ seconds/);
		await write('UPDATE sign_in_tries SET wait_until = at');
		expect(await signIn(who.id, SHOP['Piet Aalders']!, HERE)).to.have.property('token');
	});
	it('twenty wrong ones from elsewhere lock nobody out of the shop', async () => {
		for (const name of Object.keys(SHOP)) await token(name);
		for (const name of Object.keys(SHOP))
			for (let i = 0; i < 5; i++) await signIn((await user(name)).id, '000000', '203.0.113.9');
		for (const name of Object.keys(SHOP)) expect(await token(name), name).to.be.a('string');
	});
	it('somebody who tries every name makes nobody wait who is known at that place', async () => {
		await token('Mara Okonjo');
		for (let i = 0; i < 30; i++) {
			const stranger = await user(i % 2 ? 'Tobias Renn' : 'Piet Aalders');
			await signIn(stranger.id, '000000', HERE);
		}
		// However slow this machine is: a wait that was set is still running.
		await write(
			'UPDATE sign_in_tries SET wait_until = UTC_TIMESTAMP(3) + INTERVAL 1 HOUR WHERE wait_until > at'
		);
		const other = await signIn((await user('Ines Falk')).id, SHOP['Ines Falk']!, HERE);
		expect(other, 'not known there').to.have.property('problem').that.matches(/Wait/);
		expect(await token('Mara Okonjo')).to.be.a('string');
	});
	it('of a thousand at the same moment four are looked at, whichever door they come to', async () => {
		const who = await user('Tobias Renn');
		const t0 = Date.now();
		const said = await Promise.all(
			Array.from({ length: 1000 }, async (_, i) => {
				if (i % 2) return signIn(who.id, '000000', HERE);
				const pins = { pin: '000000', newPin: '864213' };
				return { problem: await changePin(pins, who, HERE).catch((e: Error) => e.message) };
			})
		);
		const seen = said.filter(
			(s) => 'problem' in s && /does not belong|not your PIN/.test(s.problem as string)
		);
		// Whoever waited through the first wait of 5 s on a slow machine may try again.
		expect(seen.length).to.be.within(4, 4 + Math.floor((Date.now() - t0) / 5000));
	});
	it('the right one among them is no wrong one, and costs nobody at its place a try', async () => {
		for (let i = 0; i < 12; i++) await token('Ines Falk');
		for (let i = 0; i < 3; i++) await token('Tobias Renn', undefined, `192.0.2.${80 + i}`);
		expect(
			await row('SELECT MAX(failed) AS n FROM sign_in_tries WHERE bucket = ?', [`at ${HERE}`])
		).to.deep.equal({ n: 0 });
	});
	it('takes a whole network of the newer kind for one place', () => {
		expect(placeOf('2001:db8:1:2:3:4:5:6')).to.equal(placeOf('2001:db8:1:2::9'));
		expect(placeOf('2001:db8:1:2::9')).not.to.equal(placeOf('2001:db8:1:3::9'));
		expect(placeOf('::ffff:192.0.2.7')).to.equal('192.0.2.7');
		expect(placeOf('::1')).to.equal('0:0:0:0::/64');
	});
});

describe('a screen left alone', () => {
	it('waits for a PIN after its time, and goes on with it', async () => {
		const t = await token('Ines Falk');
		await write('UPDATE sessions SET seen_at = UTC_TIMESTAMP(3) - INTERVAL 31 MINUTE WHERE user_id = ?', [
			(await machinist()).id
		]);
		expect((await sessionOf(t))!.locked).to.equal(true);
		await wakeSession(t);
		expect((await sessionOf(t))!.locked).to.equal(false);
		await lockSession(t);
		expect((await sessionOf(t))!.locked).to.equal(true);
	});
	it('is kept awake by use', async () => {
		const t = await token('Ines Falk');
		const id = (await machinist()).id;
		await write('UPDATE sessions SET seen_at = UTC_TIMESTAMP(3) - INTERVAL 20 MINUTE WHERE user_id = ?', [
			id
		]);
		await sessionOf(t);
		await write('UPDATE sessions SET seen_at = seen_at - INTERVAL 20 MINUTE WHERE user_id = ?', [id]);
		expect((await sessionOf(t))!.locked).to.equal(false);
	});
});

describe('PINs', () => {
	it('somebody new gets one for one time and changes it, which ends every other session', async () => {
		const { oneTimePin } = await saveShopItem(
			'people',
			null,
			{ name: 'New Hand', role: 'machinist' },
			await lead()
		);
		expect(oneTimePin).to.match(/^\d{8}$/);
		const first = await token('New Hand', oneTimePin!);
		const other = await token('New Hand', oneTimePin!);
		expect((await sessionOf(first))!.mustChange).to.equal(true);
		const who = await user('New Hand');
		for (const [given, field] of [
			[{ pin: oneTimePin, newPin: '12345' }, 'newPin'],
			[{ pin: oneTimePin, newPin: '123456' }, 'newPin'],
			[{ pin: oneTimePin, newPin: oneTimePin }, 'newPin'],
			[{ pin: '999888', newPin: '730156' }, 'pin'],
			[{ pin: { toString: 1 }, newPin: ['730156'] }, 'newPin']
		] as const)
			expect((await refusedWith(/./, changePin(given, who, HERE))).field).to.equal(field);
		const now = await changePin({ pin: oneTimePin, newPin: '730156' }, who, HERE);
		expect((await sessionOf(now))!.mustChange).to.equal(false);
		for (const t of [first, other]) expect(await sessionOf(t)).to.equal(null);
		expect(await signIn(who.id, oneTimePin!, HERE)).to.have.property('problem');
		expect(await token('New Hand', '730156')).to.be.a('string');
	});
	it('a lead gives another one for one time; nobody else does', async () => {
		const before = await token('New Hand', '730156');
		await refusedWith('lead-only', giveOneTimePin('New Hand', await machinist()));
		await refusedWith('not-found', giveOneTimePin('Nobody Here', await lead()));
		const pin = await giveOneTimePin('New Hand', await lead());
		expect(await sessionOf(before), 'signed out').to.equal(null);
		await write("UPDATE users SET pin_until = UTC_TIMESTAMP(3) - INTERVAL 1 MINUTE WHERE name = 'New Hand'");
		expect(await signIn((await user('New Hand')).id, pin, HERE))
			.to.have.property('problem')
			.that.matches(/out of date/);
	});
	it('who does not work here any more is signed out at once', async () => {
		const pin = await giveOneTimePin('New Hand', await lead());
		const t = await token('New Hand', pin);
		await saveShopItem(
			'people',
			'New Hand',
			{ name: 'New Hand', role: 'machinist', active: false },
			await lead()
		);
		expect(await sessionOf(t)).to.equal(null);
		expect(
			await row('SELECT token_hash FROM sessions WHERE user_id = ?', [(await user('New Hand')).id])
		).to.equal(undefined);
	});
	it('one from before the rule of six digits still opens, to a new one', async () => {
		await write(
			'UPDATE users SET pin_hash = ?, active = TRUE, must_change = FALSE, pin_until = NULL WHERE name = ?',
			[await hashPin('4711'), 'New Hand']
		);
		expect((await sessionOf(await token('New Hand', '4711')))!.mustChange).to.equal(true);
	});
	it('a first lead comes only where there is nobody', async () => {
		expect(await firstLead('Another Lead', '730156')).to.equal(null);
		expect(await openSession((await lead()).id)).to.have.length(43);
	});
});
