import { expect } from 'chai';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { accessible } from './accessible.js';
import { base, context, signedIn, tellOnFailure } from './fixtures.js';

const VIEWS: [string, string, RegExp | string][] = [
	['the floor', '/', 'On the floor'],
	['the rack', '/rack', 'Rack'],
	['a wheel', '/rack/0317', 'Wheel 0317'],
	['receiving a wheel', '/rack/new', 'Receive a wheel'],
	['looking a wheel over', '/rack/0298/look', 'Look wheel 0298 over'],
	['ringing a wheel', '/rack/0298/ring', 'Ring wheel 0298'],
	['practice', '/practice', 'Practice'],
	['the ear trainer', '/practice/ring', 'Ear trainer'],
	['the practice stand', '/practice/stand?seed=3', 'Practice stand'],
	['listening to a ring', '/benches/inspect.ring-analysis', 'Listen to a ring'],
	['setups', '/setups', 'Setups'],
	['a new setup', '/setups/new', 'New setup'],
	['brief', '/setups/142/brief', 'Brief'],
	['select', '/setups/143/select', 'Select'],
	['inspect', '/setups/142/inspect', /Inspect/],
	['mount', '/setups/142/mount', 'Mount'],
	['run in', '/setups/142/run-in', 'Run in'],
	['true', '/setups/142/true', 'True'],
	['balance', '/setups/142/balance', 'Balance'],
	['dress', '/setups/144/dress', 'Dress'],
	['prove', '/setups/144/prove', 'Prove'],
	['keep', '/setups/144/keep', 'Keep'],
	['something is wrong', '/setups/142/wrong', 'Something is wrong'],
	['an incident', '/incidents/1', /Incident 1/],
	['benches', '/benches', 'Benches'],
	['a bench', '/benches/mount.flange-check', /Flange/],
	['the marking reader', '/benches/spec.parse-marking', 'Read a marking'],
	[
		'wrong grit or wrong dress',
		'/benches/spec.diagnose-finish?targetRaUm=0.45&gritNumber=46&dressDepthUm=5&leadUm=10&tipRadiusUm=350',
		/Wrong grit/
	],
	['speeds', '/benches/spec.surface-speed', 'Speeds'],
	['guideline figures', '/shop/guidelines', 'Guideline figures'],
	['limits', '/shop/limits', 'Limits and usual values'],
	['taking in a list', '/rack/import', 'Take in a list of wheels'],
	['the log', '/log', 'Log'],
	['a record', '/log/20', 'Record 20'],
	['the shop', '/shop', 'Shop'],
	['a machine', '/shop/machines/SG-1', 'Machine SG-1'],
	['a route', '/shop/routes/tool-pack', 'Route: Tool pack'],
	['an instrument', '/shop/instruments/DI-1', 'Instrument DI-1'],
	['find', '/find?q=03', 'Find']
];

describe('every main view, in both themes', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo', { colorScheme: 'light' });
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	for (const [name, path, title] of VIEWS)
		it(`${name} opens, fits, and is free of faults a screen reader would meet`, async () => {
			const errors: string[] = [];
			const hear = (e: Error) => errors.push(e.message);
			page.on('pageerror', hear);
			await page.goto(base() + path);
			await heading(page, title);
			await accessible(page, name);
			page.off('pageerror', hear);
			expect(errors).to.deep.equal([]);
		});
});

describe('signing in', () => {
	it('asks for a name and a PIN, says what is wrong, and shows the demo PINs', async () => {
		const page = await (await context()).newPage();
		await page.goto(`${base()}/log`);
		await page.getByText('PIN 135972').waitFor();
		expect((await new AxeBuilder({ page }).analyze()).violations).to.deep.equal([]);
		await press(page, 'Sign in');
		await page.getByText('Pick your name.').waitFor();
		await page.getByRole('radio', { name: 'Tobias Renn' }).check();
		await page.getByLabel('PIN', { exact: true }).fill('0000');
		await press(page, 'Sign in');
		await page.getByText(/does not belong to Tobias Renn/).waitFor();
		await page.getByLabel('PIN', { exact: true }).fill('258014');
		await page.keyboard.press('Enter');
		await heading(page, 'Log');
		await page.getByRole('button', { name: 'Sign out' }).click();
		await heading(page, 'Who is at the grinder?');
		await page.context().close();
	});
	it('a viewer looks but is not offered to record', async () => {
		const page = await signedIn('Piet Aalders');
		expect(await page.getByRole('link', { name: /New setup/ }).count()).to.equal(0);
		await page.goto(`${base()}/setups/new`);
		await heading(page, 'Not allowed');
		// Nothing that would refuse is offered; whoever sees danger may always say so.
		await page.goto(`${base()}/setups/142/balance`);
		await page.getByText('You may look, not record.').waitFor();
		expect(await page.getByRole('button', { name: 'It lies on the stand' }).count()).to.equal(0);
		await page.getByRole('link', { name: 'Something is wrong' }).click();
		expect(await page.getByRole('button', { name: 'Stop everything here' }).isEnabled()).to.equal(true);
		expect(await page.getByText('Piet Aalders').first().isVisible(), 'who is signed in').to.equal(true);
		const r = await page.request.post(`${base()}/api/wheels`, { data: { values: {} } });
		expect(r.status()).to.equal(403);
		await page.context().close();
	});
});
