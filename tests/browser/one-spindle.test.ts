import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { Brought } from './by-request.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

describe('one wheel on a spindle', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);

	it('is said at New setup and at Mount, shown on the Floor, and given up with a reason', async () => {
		const first = await new Brought(page).mounted('toolroom');
		await page.goto(`${base()}/setups/new`);
		await page.getByRole('radio', { name: /SG-1/ }).check();
		await page.getByText(`of setup ${first.id}`).waitFor();
		await page.getByText('this setup waits at Mount until the spindle is free').waitFor();
		const second = await new Brought(page).inspected();
		await page.goto(`${base()}/setups/${second.id}/mount`);
		await page
			.getByRole('complementary')
			.getByText(new RegExp(`of setup ${first.id} is on SG-1`))
			.waitFor();
		await page.goto(base());
		const card = page.getByRole('article').filter({ hasText: 'SG-1' });
		await card.getByRole('link', { name: new RegExp(`^${second.id} `) }).waitFor();
		await page.goto(`${base()}/setups/${first.id}`);
		await page.goto(`${base()}/setups/${first.id}/give-up`);
		await press(page, 'Give it up');
		await page
			.getByText(/^Why is missing/)
			.first()
			.waitFor();
		await page.getByLabel('Why').fill('the job was called off');
		await press(page, 'Give it up');
		await page
			.getByText(/whether the wheel that comes off is sound/)
			.first()
			.waitFor();
		await page.getByRole('radio', { name: 'sound, back to the rack' }).check();
		await press(page, 'Give it up');
		await heading(page, 'Setups');
		await page
			.getByRole('row')
			.filter({ hasText: String(first.id) })
			.getByText('Given up')
			.waitFor();
		await page.goto(`${base()}/setups/${second.id}/mount`);
		await page.getByLabel('Bore, measured').waitFor();
		expect(await page.getByText(/is on SG-1/).count()).to.equal(0);
	});
	it("a free machine's card begins a setup on it, by its usual route", async () => {
		await page.goto(base());
		const card = page.getByRole('article').filter({ hasText: 'nothing set up' }).first();
		const code = (await card.getByRole('link').first().innerText()).split(' ')[0]!;
		await card.getByRole('link').first().click();
		await page.waitForURL(/new\?machine=\d+/);
		expect(await page.getByRole('radio', { name: new RegExp(`^${code}`) }).isChecked()).to.equal(true);
	});
});
