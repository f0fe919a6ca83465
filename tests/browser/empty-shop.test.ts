import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, heading, press, say, soundLook } from './bench.js';
import { EmptyShop, FIRST_CODE } from './empty-shop.js';
import { context, tellOnFailure } from './fixtures.js';
import { balanced, dressed, mounted, released, runIn, trued } from './to-release.js';

describe('a shop that starts with nothing', () => {
	let shop: EmptyShop;
	let page: Page;
	before(async function () {
		shop = await EmptyShop.open();
		page = await (await context()).newPage();
	});
	after(async () => {
		await page?.context().close();
		await shop?.close();
	});
	tellOnFailure(() => page);
	const fill = async (labels: Record<string, string>) => {
		for (const [label, value] of Object.entries(labels))
			await page.getByLabel(new RegExp(`^${label}(\\sif known)?$`)).fill(value);
	};
	const way = () => page.getByRole('heading', { name: 'From an empty shop to the first setup' });

	it('names itself and its first lead, with the code from the terminal', async () => {
		await page.goto(shop.base);
		await heading(page, 'This shop has nobody yet');
		await fill({
			'Code from the window of the server': '11111111',
			'Name of the shop': 'Hollow Lane Grinding',
			'Your name': 'Ada Lind',
			'A PIN of six digits or more': '730156',
			'The PIN once more': '730156'
		});
		await press(page, 'Open the shop');
		await page.getByText('That is not the code.', { exact: false }).waitFor();
		expect(await page.getByLabel('Name of the shop').inputValue(), 'kept').to.equal('Hollow Lane Grinding');
		await fill({
			'Code from the window of the server': FIRST_CODE,
			'A PIN of six digits or more': '730156',
			'The PIN once more': '730156'
		});
		await press(page, 'Open the shop');
		await way().waitFor();
	});
	it('is led from a machine to what the wheel sits on, a dresser and a wheel', async () => {
		await page.getByRole('link', { name: 'Enter a machine' }).click();
		await fill({
			Code: 'SG-5',
			Name: 'surface grinder',
			'Spindle speed': '2300',
			Fastest: '2300',
			Seat: '76.2',
			'Largest wheel': '305',
			'Widest wheel': '40',
			'Motor power': '3 hp'
		});
		await page.getByLabel('Kind').selectOption('surface-toolroom');
		await page.getByLabel('Balance class').selectOption('surface-toolroom');
		await page.getByRole('radio', { name: 'clockwise', exact: true }).check();
		await say(page, 'Grinds wet', 'Yes');
		await press(page, 'Keep it');
		await way().waitFor();
		await page.getByRole('link', { name: 'Enter a mount' }).click();
		await fill({
			Code: 'F5',
			Seat: '76.2',
			Flange: '115',
			Hollow: '92',
			Screws: '6',
			'Screw diameter': '8',
			Torque: '8',
			Mass: '4.2',
			'Rolling radius': '15',
			'Weight track radius': '55',
			Weights: '3',
			'Weight, each': '62'
		});
		await page.getByLabel('Kind').selectOption('flange');
		await page.getByRole('radio', { name: 'flange screws' }).check();
		await page.getByRole('radio', { name: 'right', exact: true }).check();
		await press(page, 'Keep it');
		await way().waitFor();
		await page.getByRole('link', { name: 'Enter a dresser' }).click();
		await fill({ Code: 'D-5' });
		await page.getByLabel('Kind').selectOption('single-point');
		await fill({ 'Tip radius': '250 um' });
		await press(page, 'Keep it');
		await way().waitFor();
		await page.getByRole('link', { name: 'Receive a wheel' }).click();
		await fill({
			'Wheel number': '1001',
			Marking: 'WA 80 H 8 V',
			'Diameter when new': '300',
			'Diameter today': '299',
			Width: '32',
			Bore: '76.2',
			'Scrap diameter': '180',
			'Marked speed': '40',
			Place: 'bay 1'
		});
		await soundLook(page);
		await press(page, 'Accept it onto the rack');
		await page.getByText('computed, not weighed', { exact: false }).waitFor();
	});
	it('and to a first setup, which is worked to release', async function () {
		await page.goto(shop.base);
		await page.getByRole('link', { name: 'Start a setup' }).click();
		await page.getByLabel('Part', { exact: true }).fill('Valve plates');
		await page.getByLabel('How many').fill('4');
		await page.getByRole('combobox', { name: 'Material' }).fill('bearing steel');
		await page.getByRole('option', { name: /Hardened steel/ }).click();
		await page.getByLabel('Ground').selectOption({ label: 'surface' });
		await page.getByLabel('Finish wanted, Ra').fill('0.6');
		await page.getByRole('radio', { name: /SG-5/ }).check();
		await press(page, 'Start the setup');
		await press(page, /^Take wheel 1001/);
		await press(page, 'On to inspecting');
		await soundLook(page);
		await press(page, 'Looked over');
		for (let i = 0; i < 8; i++) await press(page, /^Clear/);
		await press(page, /^Rung/);
		await done(page, 'Inspect');
		await mounted(page, 'by hand');
		await runIn(page, '2300', () => shop.ahead(600));
		await trued(page);
		await balanced(page);
		await dressed(page);
		await released(page);
		await page.goto(shop.base);
		await page.getByText('1 wheel ready to grind', { exact: false }).waitFor();
		expect(await way().count(), 'nobody has to be led any more').to.equal(0);
	});
});
