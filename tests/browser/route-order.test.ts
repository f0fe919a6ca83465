import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin, lookedOverDead } from './on-route.js';

describe('the order of a route', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a lead changes the order by keyboard and adds a check; a setup under way keeps its own', async () => {
		const old = await begin(page, 'Toolroom', /SG-1/, 'surface');
		await page.goto(`${base()}/shop/routes/toolroom`);
		await heading(page, 'Route: Toolroom');
		await page.getByRole('button', { name: 'Move Mount up' }).click();
		await page.getByLabel('Why it changes').fill('for this test only');
		await press(page, /^Keep as version/);
		await page
			.getByText(/Inspect comes before Mount, always/)
			.first()
			.waitFor();
		await page.getByRole('button', { name: 'Move Mount down' }).click();
		await page.getByRole('button', { name: 'Add a check' }).click();
		await page.getByLabel('Station of check 1').selectOption('Select');
		await page.getByLabel('What check 1 asks').fill('Coolant topped up');
		await press(page, /^Keep as version 2/);
		await page.getByText('Version 2. A setup keeps').waitFor();
		const fresh = await begin(page, 'Toolroom', /SG-1/, 'surface');
		await page.getByRole('button', { name: 'Coolant topped up: yes' }).click();
		await page.getByRole('button', { name: 'Coolant topped up: yes', pressed: false }).waitFor();
		await page.goto(`${base()}/setups/${old}/select`);
		await heading(page, 'Select');
		expect(await page.getByText('Coolant topped up').count()).to.equal(0);
		expect(fresh).not.to.equal(old);
		await page.goto(`${base()}/shop/routes/toolroom`);
		await page.getByRole('button', { name: 'Take check 1 away' }).click();
		await page.getByLabel('Why it changes').fill('back to the shipped one');
		await press(page, /^Keep as version 3/);
		await page.getByText('Version 3. A setup keeps').waitFor();
	});

	it('a bench grinder, a lathe and an old machine ask what is theirs', async () => {
		const id = await begin(page, 'Recommission', /SG-1/, 'surface');
		await heading(page, 'Machine: wake it');
		await lookedOverDead(page);
		await page.getByRole('radio', { name: 'anticlockwise', exact: true }).check();
		await page.getByRole('radio', { name: 'works' }).check();
		await press(page, 'Book the checks');
		await page
			.getByText(/turns the wrong way/)
			.first()
			.waitFor();
		const refused = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'select',
				step: 'take',
				values: { wheelNumber: '0298' },
				version: 2,
				key: crypto.randomUUID()
			}
		});
		expect(refused.status()).to.equal(409);
		await page.goto(`${base()}/benches/mount.bench-grinder`);
		await press(page, 'Fill in an example');
		await page.getByText('Good').first().waitFor();
	});
});
