import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin } from './on-route.js';

describe('instruments at the machine', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('an instrument that goes wrong is said in words and nothing is taken', async function () {
		const set = async (failure: string) => {
			await page.goto(`${base()}/shop/instruments/DI-1`);
			await page.getByLabel('Stand-in: goes wrong').selectOption(failure);
			await press(page, 'Keep it');
			await heading(page, 'Shop');
		};
		const id = await begin(page, 'Crash recovery', /SG-1/, 'surface');
		for (const [failure, says] of [
			['wrong-unit', /DI-1 sends degC, and a dial indicator gives um/],
			['rubbish', /which is no reading/],
			['drop', /DI-1 dropped out. Nothing was taken/],
			['silent', /DI-1 sends nothing/]
		] as const) {
			await set(failure);
			await page.goto(`${base()}/setups/${id}/machine`);
			await page.getByRole('button', { name: 'Read the dial indicator' }).first().click();
			await page.getByText(says).waitFor();
			expect(
				await page.getByRole('button', { name: 'Take it' }).and(page.locator(':enabled')).count()
			).to.equal(0);
			expect(await page.getByLabel('Taper', { exact: true }).inputValue()).to.equal('');
		}
		await set('none');
	});

	it('a gauge that types like a keyboard fills the field and moves on', async () => {
		await begin(page, 'Crash recovery', /SG-1/, 'surface');
		await page.getByLabel('Taper', { exact: true }).focus();
		await page.keyboard.type('0.003 mm\n');
		await page.keyboard.type('4\n');
		await page
			.getByText('Machine runs', { exact: false })
			.or(page.getByText('4 µm', { exact: true }))
			.first()
			.waitFor();
		expect(await page.getByLabel('Flange', { exact: true }).inputValue()).to.equal('4');
	});
});
