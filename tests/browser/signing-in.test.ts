import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { PINS, base, context, signedIn, tellOnFailure } from './fixtures.js';

/** A page on which half an hour can pass at once. */
async function atTheBrief(): Promise<Page> {
	const page = await signedIn('Tobias Renn');
	await page.clock.install();
	// What is typed is kept on the server once the page listens: only then does it know that it is left alone.
	const kept = page.waitForResponse((r) => r.url().endsWith('/api/drafts/setup-new') && r.ok());
	await page.goto(`${base()}/setups/new`);
	await page.getByLabel('Part', { exact: true }).fill('Idle plate');
	await kept;
	return page;
}
const left = (page: Page) => page.clock.fastForward('31:00');

describe('signing in, a screen left alone, PINs', () => {
	let page: Page;
	tellOnFailure(() => page);
	afterEach(async () => {
		await page.context().close();
	});

	it('a wrong PIN is said at its field, the name stays picked; the right one leads to where one wanted to go', async () => {
		page = await (await context()).newPage();
		await page.goto(`${base()}/rack?q=WA`);
		await page.getByRole('radio', { name: 'Ines Falk' }).check();
		await page.getByLabel('PIN', { exact: true }).fill('999999');
		await page.keyboard.press('Enter');
		await page.getByText('That PIN does not belong to Ines Falk.').waitFor();
		expect(await page.getByRole('radio', { name: 'Ines Falk' }).isChecked()).to.equal(true);
		await page.getByLabel('PIN', { exact: true }).fill(PINS['Ines Falk']!);
		await page.keyboard.press('Enter');
		await page.waitForURL(`${base()}/rack?q=WA`);
	});
	it('locks after half an hour; what was typed stays, and the PIN goes on with it', async () => {
		page = await atTheBrief();
		await left(page);
		const lock = page.getByRole('dialog', { name: 'Locked' });
		await lock.waitFor();
		await accessible(page, 'locked');
		await page.keyboard.press('Escape');
		expect(await lock.isVisible()).to.equal(true);
		await lock.getByLabel('PIN').fill('999999');
		await page.keyboard.press('Enter');
		await lock.getByText('That PIN does not belong to Tobias Renn.').waitFor();
		await lock.getByLabel('PIN').fill(PINS['Tobias Renn']!);
		await page.keyboard.press('Enter');
		await lock.waitFor({ state: 'hidden' });
		expect(await page.getByLabel('Part', { exact: true }).inputValue()).to.equal('Idle plate');
	});
	it('somebody else steps up to a locked screen in one step, and sees their own', async () => {
		page = await atTheBrief();
		await left(page);
		const lock = page.getByRole('dialog', { name: 'Locked' });
		await lock.getByLabel('Name').selectOption('Ines Falk');
		await lock.getByLabel('PIN').fill(PINS['Ines Falk']!);
		await lock.getByRole('button', { name: 'Sign in here' }).click();
		await page.getByRole('link', { name: /^Ines Falk/ }).waitFor();
		expect(await page.getByLabel('Part', { exact: true }).inputValue()).not.to.equal('Idle plate');
	});
	it('a lead adds somebody, whose PIN for one time leads to one of their own', async () => {
		page = await signedIn('Mara Okonjo');
		await page.goto(`${base()}/shop/people/new`);
		await page.getByLabel('Name', { exact: true }).fill('Jonna Vik');
		await page.getByRole('radio', { name: 'machinist' }).check();
		await page.getByRole('button', { name: 'Keep it' }).click();
		const told = page.getByRole('region', { name: 'PIN for one time' }).getByRole('status');
		const pin = (await told.innerText()).replace(/\s/g, '');
		expect(pin).to.match(/^\d{8}$/);
		await accessible(page, 'PIN for one time');
		await page.getByRole('button', { name: 'Sign out' }).click();
		await page.getByRole('radio', { name: 'Jonna Vik' }).check();
		await page.getByLabel('PIN', { exact: true }).fill(pin);
		await page.keyboard.press('Enter');
		await page.getByRole('heading', { name: 'Jonna Vik' }).waitFor();
		await accessible(page, 'account');
		await page.getByLabel('PIN now').fill(pin);
		await page.getByLabel('New PIN, six digits or more').fill('123456');
		await page.getByLabel('New PIN once more').fill('123456');
		await page.keyboard.press('Enter');
		await page.getByText(/one of those tried first/).waitFor();
		await page.getByLabel('New PIN, six digits or more').fill('730156');
		await page.getByLabel('New PIN once more').fill('730165');
		await page.keyboard.press('Enter');
		await page.getByText(/two new PINs differ/).waitFor();
		await page.getByLabel('New PIN once more').fill('730156');
		await page.keyboard.press('Enter');
		await page.getByRole('heading', { name: 'On the floor' }).waitFor();
	});
});
