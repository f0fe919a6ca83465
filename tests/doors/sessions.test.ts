import { expect } from 'chai';
import { write } from '../../src/lib/server/storage/pool.js';
import { ask, base, cookieOf } from './fixtures.js';

describe('a session', () => {
	// Others knocked here with wrong PINs before.
	beforeEach(async () => {
		await write('DELETE FROM sign_in_tries');
	});

	it('locked by its screen does nothing before the PIN, and somebody else may step up', async () => {
		const cookie = await cookieOf('Ines Falk');
		const ids = ((await ask('/api/unlock')).body as unknown as { people: { id: number; name: string }[] })
			.people;
		const id = (name: string) => ids.find((p) => p.name === name)!.id;
		expect((await ask('/api/lock', { cookie, body: {} })).status).to.equal(200);
		const draft = await ask('/api/drafts/setup-140-mount', { cookie, method: 'PUT', body: { a: '1' } });
		expect(draft.status).to.equal(423);
		expect(draft.body.error!.code).to.equal('locked');
		expect((await ask('/', { cookie })).headers.get('location')).to.match(/^\/sign-in/);
		expect(
			(await ask('/api/unlock', { cookie, body: { userId: id('Ines Falk'), pin: '000000' } })).status
		).to.equal(400);
		expect(
			(await ask('/api/unlock', { cookie, body: { userId: id('Ines Falk'), pin: '135972' } })).body
		).to.include({
			same: true
		});
		expect((await ask('/', { cookie })).status).to.equal(200);
		await ask('/api/lock', { cookie, body: {} });
		const other = await ask('/api/unlock', { cookie, body: { userId: id('Tobias Renn'), pin: '258014' } });
		expect(other.body).to.include({ same: false });
		expect(other.headers.get('set-cookie')).to.match(/^uncinus=/);
		expect((await ask('/api/practice/ring', { cookie, body: {} })).status, 'the old one ended').to.equal(401);
	});
	it('with a PIN for one time leads to changing it, and nowhere else', async () => {
		const lead = await cookieOf('Mara Okonjo');
		const made = await ask('/api/shop/people', {
			cookie: lead,
			body: { of: null, values: { name: 'Just Hired', role: 'machinist' } }
		});
		expect(made.body.oneTimePin).to.match(/^\d{8}$/);
		const cookie = await cookieOf('Just Hired');
		expect((await ask('/rack', { cookie })).headers.get('location')).to.equal('/account');
		expect((await ask('/api/setups', { cookie, body: {} })).body.error!.code).to.equal('change-pin');
		const changed = await ask('/api/account', {
			cookie,
			body: { pin: made.body.oneTimePin, newPin: '730156' }
		});
		expect(changed.status).to.equal(200);
		const next = changed.headers.get('set-cookie')!.split(';')[0]!;
		expect((await ask('/rack', { cookie: next })).status).to.equal(200);
		expect((await ask('/rack', { cookie })).status).to.equal(303);
	});
	it('nobody becomes the first lead where there are people', async () => {
		expect((await ask('/first')).headers.get('location')).to.equal('/sign-in');
	});
	it('that has ended takes its instruments with it', async function () {
		this.timeout(60_000);
		const cookie = await cookieOf('Ines Falk');
		const kinds = (await ask('/api/instruments?kind=dial', { cookie })).body as unknown as {
			instruments: { code: string }[];
		};
		const stream = await fetch(`${base()}/api/instruments/${kinds.instruments[0]!.code}/stream`, {
			headers: { cookie }
		});
		const reader = stream.body!.getReader();
		expect((await reader.read()).done).to.equal(false);
		await ask('/sign-out', { cookie, method: 'POST' });
		// Read on until the server ends it; it does not wait for the page to go.
		for (;;) if ((await reader.read()).done) break;
	});
});
