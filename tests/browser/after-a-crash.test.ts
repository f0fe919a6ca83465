import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, heading, press, say, station } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin, takeAndInspect } from './on-route.js';
import { balanced, dressed, mounted, readDial, released, runIn, trued } from './to-release.js';

/** Something went wrong on a setup of its own: the plan, step by step, until a lead closes it. */
async function crashed(page: Page): Promise<void> {
	const id = await begin(page, 'Toolroom', /SG-1/, 'surface');
	await page.goto(`${base()}/setups/${id}/wrong`);
	await page.getByLabel('What happened').selectOption('hard-crash');
	await page
		.getByRole('region', { name: 'What follows' })
		.getByText('The wheel is scrap, even if it rings.')
		.waitFor();
	await say(page, 'Somebody is hurt', 'No');
	await say(page, /^Made safe/, 'Yes');
	await page.getByLabel('What you saw').fill('table ran into the wheel');
	await press(page, 'Stop everything here');
	await page.waitForURL(/incidents\/\d+$/);
	for (const label of ['Guard', 'Flanges']) {
		const g = page.getByRole('group', { name: label, exact: true });
		await g.getByRole('radio', { name: 'sound' }).check();
	}
	await page
		.getByRole('group', { name: 'Spindle taper', exact: true })
		.getByRole('radio', { name: 'sound' })
		.check();
	await readDial(page);
	await readDial(page, 1);
	for (const q of ['Polish marks', 'Lumps on the chuck', 'Hollows in the chuck', 'Spindle noisy'])
		await say(page, q, 'No');
	await page.getByLabel('Why it happened').selectOption('work-not-held');
	await press(page, 'Keep the findings');
	const boxes = page.getByRole('region', { name: 'The plan' }).getByRole('checkbox');
	expect(await page.getByRole('button', { name: 'Close the incident' }).isDisabled()).to.equal(true);
	const direct = await page.request.post(page.url().replace('/incidents/', '/api/incidents/'), {
		data: { close: true, version: 99, key: crypto.randomUUID() }
	});
	expect(direct.status()).to.equal(409);
	for (let i = 1, n = (await boxes.count()) - 1; i < n; i++) await boxes.nth(i).check();
	await page.getByText(/Starts again at Select/).waitFor();
	await page.getByText('Mara Okonjo,').first().waitFor();
	await page.getByRole('button', { name: 'Close the incident' }).and(page.locator(':enabled')).click();
	await page.getByText(/^Closed by/).waitFor();
	expect(await page.getByRole('link', { name: 'Start the recovery setup' }).getAttribute('href')).to.match(
		/machine=\d+&route=crash-recovery/
	);
}

/** The first dial, read: its key stays where it is whatever the reading does beside it. */
async function keyStays(page: Page): Promise<void> {
	await page.getByRole('button', { name: 'Read the dial indicator' }).first().click();
	const key = page.getByRole('button', { name: 'Take it' });
	const at = await key.boundingBox();
	await page.getByText(/swings/).waitFor();
	expect(await key.boundingBox()).to.deep.equal(at);
	await key.click();
	await key.waitFor({ state: 'detached' });
}

describe('after a crash', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('after a crash: the plan, the spindle under the dial, a new wheel, every station to release', async function () {
		await crashed(page);
		await begin(page, 'Crash recovery', /SG-1/, 'surface');
		await heading(page, 'Machine: spindle');
		await keyStays(page);
		await readDial(page, 1);
		const [taper, flange] = await Promise.all([
			page.getByLabel('Taper', { exact: true }).inputValue(),
			page.getByLabel('Flange', { exact: true }).inputValue()
		]);
		expect(Number(taper)).to.be.within(2.5, 4.5);
		expect(Number(flange)).to.be.within(2.5, 4.5);
		await press(page, 'Book the readings');
		await done(page, 'Machine');
		await station(page, 'Select').click();
		await takeAndInspect(page, true);
		await mounted(page);
		await runIn(page);
		await trued(page);
		await balanced(page);
		await dressed(page);
		await released(page);
		await restartApp();
	});
});
