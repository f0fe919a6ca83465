import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, station } from './bench.js';
import { Brought } from './by-request.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

describe('an update of the application while a page is open', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	after(() => page.context().close());
	tellOnFailure(() => page);

	it('leads to the page that was asked for, and nothing typed is lost', async () => {
		const { id } = await new Brought(page).inspected();
		await page.goto(`${base()}/setups/${id}/mount`);
		await heading(page, 'Mount');
		const kept = page.waitForResponse((r) => r.url().includes('/api/drafts/'));
		await page.getByLabel('Bore, measured').fill('76.24');
		await kept;
		await page.getByLabel('Seat, measured').fill('76.19');
		// The parts the open page would fetch have gone; a page that is loaded anew finds its own.
		let missed = 0;
		await page.route(/\/_app\/immutable\//, async (route) => {
			missed++;
			await route.fulfill({ status: 404, body: 'Not found' });
		});
		await page.route(`${base()}/setups/${id}/inspect`, async (route) => {
			await page.unroute(/\/_app\/immutable\//);
			await route.continue();
		});
		await station(page, 'Inspect').click();
		await heading(page, 'Inspect');
		expect(missed).to.be.above(0);
		expect(new URL(page.url()).pathname).to.equal(`/setups/${id}/inspect`);
		await station(page, 'Mount').click();
		await heading(page, 'Mount');
		// What waits in the browser is there as soon as the page is alive.
		await page.waitForFunction(() =>
			['76.24', '76.19'].every((typed) =>
				[...document.querySelectorAll('input')].some((field) => field.value === typed)
			)
		);
	});
});
