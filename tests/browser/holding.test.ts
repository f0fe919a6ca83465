import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { press, say } from './bench.js';
import { Brought } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { fill } from './on-route.js';
import { released } from './to-release.js';

describe('holding the work and the first cut', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a thin magnet throws the part on the stand-in and holds it once it is blocked in; touched off, ticked, released', async function () {
		const { id } = await (await new Brought(page).mounted('neutral-first')).trueAndDressed();
		await page.goto(`${base()}/setups/${id}/prove`);
		await page.getByRole('button', { name: 'Hold the work' }).first().click();
		await fill(page, [
			['Depth', '20'],
			['Work speed', '15'],
			['Width', '20'],
			['Chuck pulls', '25'],
			['Area on the chuck', '2500'],
			['Part, height', '30'],
			['Part, length', '50']
		]);
		await say(page, 'Pushed hard, it holds', 'Yes');
		await page
			.getByText(/it would be thrown/)
			.first()
			.waitFor();
		expect(await page.getByRole('button', { name: 'Held like this' }).isVisible()).to.equal(true);
		await press(page, 'First cut on the stand-in');
		await page
			.getByRole('status', { name: 'Stand-in' })
			.getByText(/^Thrown/)
			.waitFor();
		await page.getByRole('radio', { name: 'blocked in' }).check();
		await fill(page, [['Stop, height', '20']]);
		await press(page, 'First cut on the stand-in');
		await page
			.getByRole('status', { name: 'Stand-in' })
			.getByText(/^It stayed/)
			.waitFor();
		await accessible(page, 'holding');
		await press(page, 'Held like this');
		await page.getByLabel('Reading').fill('12.4');
		await say(page, 'Wheel was running', 'No');
		await page.getByText('12.48 mm').first().waitFor();
		await accessible(page, 'touch off');
		await press(page, 'Touched here');
		await page.getByRole('button', { name: 'Touch again' }).waitFor();
		await fill(page, [
			['Stock', '48'],
			['Rough infeed', '10'],
			['Work, length', '100'],
			['Work, width', '15']
		]);
		const passes = page.getByRole('region', { name: 'Passes of the trial' });
		await passes.getByRole('checkbox').first().check();
		await passes.getByText(/^Pass 2 of/).waitFor();
		await accessible(page, 'trial');
		await page.reload();
		await page.getByRole('button', { name: 'Touch off and trial' }).first().click();
		await passes.getByText(/^Pass 2 of/).waitFor();
		await press(page, 'Trial is ground');
		await page.getByText('pushed by hand, it holds').waitFor();
		await released(page, '0.5');
	});
});
