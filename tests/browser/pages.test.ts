import { readdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { expect } from 'chai';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { accessible } from './accessible.js';
import { base, context, signedIn, tellOnFailure } from './fixtures.js';
import { VIEWS } from '../shared/views.js';

/** Looked at before anybody has signed in: below, and where a shop is empty. */
const ELSEWHERE = ['first', 'sign-in'];

describe('every main view, in both themes', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo', { colorScheme: 'light' });
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	it('is in the list that is looked at', () => {
		const all = readdirSync('src/routes', { recursive: true, encoding: 'utf8' });
		const pages = all.flatMap((f) => (f.endsWith('+page.svelte') ? [dirname(f)] : []));
		const seen = VIEWS.map(([, path]) => path.split('?')[0]!);
		const missing = pages.filter((p) => {
			const parts = p.split('/').filter((x) => !/^[(.]/.test(x));
			const address = new RegExp(`^/${parts.map((x) => (x.startsWith('[') ? '[^/]+' : x)).join('/')}$`);
			return !ELSEWHERE.includes(p) && !seen.some((path) => address.test(path));
		});
		expect(missing).to.deep.equal([]);
	});
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
