import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible, inInches } from './accessible.js';
import { press } from './bench.js';
import { Brought } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { fill } from './on-route.js';

describe('finding the trouble', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('chatter is counted under the ruler, found to be the beat of the roll, and what helped is told the next time', async function () {
		const { id } = await (await new Brought(page).mounted('neutral-first')).trueAndDressed();
		await page.goto(`${base()}/setups/${id}/prove`);
		await press(page, 'Find the trouble');
		await page.getByRole('button', { name: 'chatter marks' }).click();
		expect(
			await page.getByRole('button', { name: /^run-out within its limit/ }).getAttribute('aria-pressed')
		).to.equal('true');
		const ruler = page.getByRole('region', { name: 'Chatter ruler' });
		await fill(page, [
			['Marks reach over', '1000'],
			['Marks', '10'],
			['Work speed', '12'],
			['Wheel', '1200'],
			['Roll', '3720']
		]);
		await ruler.getByRole('status', { name: 'Likely from' }).getByText('the beat of the roll').waitFor();
		await ruler.getByRole('img', { name: /^Marks 100 mm apart, 2\.0 hertz/ }).waitFor();
		await accessible(page, 'trouble');
		await press(page, 'Take it into what is known');
		await page.getByRole('button', { name: /^marks not at the wheel’s rpm/, pressed: true }).waitFor();
		const causes = page.getByRole('list', { name: 'Likely causes' });
		expect(await causes.innerText()).to.not.include('Wheel runs out');
		await page.getByLabel('What it was, once it is cured').selectOption({ label: 'Dressed too dull' });
		await page.getByLabel('In words').fill('roll set to 3.14 times');
		await press(page, /^That helped: keep it/);
		await page.getByText('Dressed too dull: roll set to 3.14 times').waitFor();
		await page.request.post(`${base()}/api/setups/${id}/units`, { data: { units: 'inch' } });
		await page.goto(`${base()}/setups/${id}/prove`);
		await press(page, 'Find the trouble');
		await page.getByText('Helped before here').waitFor();
		await page.getByRole('button', { name: 'burn marks' }).click();
		await inInches(page, 'trouble');
		await page.request.post(`${base()}/api/setups/${id}/units`, { data: { units: 'mm' } });
	});
});
