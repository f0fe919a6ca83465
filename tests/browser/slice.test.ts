import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { clickOn as press, done, heading, say, soundLook, station } from './bench.js';
import { balanced, level, mounted, readings, rim } from './to-release.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';

describe('from a brief to a released wheel, by mouse', () => {
	let page: Page;
	let setup = '';
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	/** The wheel's diameter as the rim shows it. */
	const diameter = async (): Promise<number> =>
		Number(
			(
				await page
					.getByText(/^[\d.]+ × [\d.]+ × [\d.]+$/)
					.first()
					.innerText()
			).split(' ')[0]
		);
	const open = (name: string) => station(page, name).click();

	it('tells the job and starts a setup', async () => {
		await page.getByRole('link', { name: /New setup/ }).click();
		await heading(page, 'New setup');
		await page.getByLabel('Part', { exact: true }).fill('Swash plates');
		await page.getByLabel('How many').fill('8');
		await page.getByRole('combobox', { name: 'Material' }).fill('bearing steel');
		await page.getByRole('option', { name: /Hardened steel/ }).click();
		await page.getByLabel(/^Hardness/).fill('60');
		await page.getByLabel('Ground').selectOption({ label: 'surface' });
		await page.getByLabel('Finish wanted, Ra').fill('0.5');
		await page.getByLabel(/Least wheel width/).fill('1 in');
		await page.getByRole('radio', { name: /SG-1/ }).check();
		await page.getByText('WA 100', { exact: false }).first().waitFor();
		await press(page, 'Start the setup');
		await heading(page, 'Select');
		setup = /setups\/(\d+)/.exec(page.url())![1]!;
	});

	it('takes a wheel from the ranked rack', async () => {
		await page.getByText(/wheels ruled out: .*wrong bore/).waitFor();
		await page.getByRole('radio', { name: /WA/ }).first().click();
		await press(page, /^Take wheel/);
		await press(page, 'On to inspecting');
	});

	it('looks it over and rings it', async () => {
		await heading(page, 'Inspect: look');
		await press(page, 'Looked over');
		await page.getByText('say yes or no', { exact: false }).first().waitFor();
		await soundLook(page);
		await press(page, 'Looked over');
		await heading(page, 'Inspect: ring');
		for (let i = 0; i < 8; i++) await press(page, /^Clear/);
		await press(page, /^Rung/);
		await done(page, 'Inspect');
	});

	it('mounts it: fit, flanges, thread and tightening', async () => {
		await mounted(page);
	});

	it("runs it in by the server's clock, which a restart does not lose", async () => {
		await open('Run in');
		await say(page, 'Guard closed and latched', 'Yes');
		await say(page, 'Nobody in line with the rim', 'Yes');
		await say(page, 'First run of this wheel on this mount', 'Yes');
		await press(page, 'Wheel is started');
		await page.getByRole('timer').waitFor();
		await page.getByRole('radio', { name: 'a knock' }).check();
		await page.getByRole('alert').getByText('Switch off now.').waitFor();
		expect(await page.getByRole('button', { name: /Stop it, then book/ }).isEnabled()).to.equal(true);
		await page.getByRole('radio', { name: 'an even hum' }).check();
		await page.getByRole('button', { name: 'Read the tachometer' }).click();
		await page.getByRole('button', { name: 'Take it' }).and(page.locator(':enabled')).click();
		await press(page, 'Book the reading');
		await page.getByRole('button', { name: /Ran free/ }).waitFor();
		expect(await page.getByRole('button', { name: /Ran free/ }).isDisabled()).to.equal(true);
		await page.reload();
		expect(await page.getByRole('timer').innerText()).to.match(/^[12]:\d\d$/);
		await restartApp(600);
		await page.reload();
		await page.getByRole('radio', { name: 'an even hum' }).check();
		await press(page, 'Ran free, go on');
		await done(page, 'Run in');
	});

	it('trues it from readings, and reads it again', async () => {
		await open('True');
		await readings(page, rim);
		await page.getByText('34 µm').first().waitFor();
		await press(page, 'Book the readings');
		await press(page, 'Read the rim again');
		await readings(page, level);
		await page.getByLabel('Diameter now').fill(((await diameter()) - 0.1).toFixed(2));
		await say(page, 'Spun dry', 'Yes');
		await press(page, 'Trued, readings taken');
		await done(page, 'True');
	});

	it('balances it in two rolls', async () => {
		await balanced(page);
	});

	it('dresses it with the diamond past centre', async () => {
		await open('Dress');
		await press(page, /^Dress it with single point/);
		await page.getByLabel(/Diamond from bottom centre/).fill('6');
		await page.getByText('never this side').waitFor();
		await page
			.getByText(/entering side/)
			.first()
			.waitFor();
		await page.getByLabel(/Diamond from bottom centre/).fill('-6');
		await page
			.getByText(/leaving side/)
			.first()
			.waitFor();
		await press(page, 'Diamond stands here');
		await page.getByLabel('Traverse').fill('180');
		await press(page, 'Set like this');
		await say(page, 'Sounded even across the face', 'Yes');
		await page.getByLabel('Diameter now').fill(((await diameter()) - 0.2).toFixed(2));
		await press(page, /^Dressed, sounds even/);
		await done(page, 'Dress');
	});

	it('proves it and releases it to grind', async () => {
		await open('Prove');
		await page.getByLabel('Ra of the trial cut').fill('0.46');
		for (const [q, a] of [
			['Burn on the trial cut', 'No'],
			['Chatter on the trial cut', 'No'],
			['Sounded normal while cutting', 'Yes'],
			['A crack on the wheel', 'No'],
			['Guard closed and latched', 'Yes']
		] as const)
			await say(page, q, a);
		await press(page, 'Release to grind');
		await page.getByText('Released to grind.').waitFor();
	});

	it('keeps its book and finishes', async () => {
		await open('Keep');
		await page.getByRole('radio', { name: 'taken off' }).check();
		await page.getByLabel('Diameter now').fill(((await diameter()) - 0.2).toFixed(2));
		await page.getByLabel('Parts ground').fill('8');
		await page.getByRole('textbox', { name: /^Redress after(?! infeed)/ }).fill('20');
		await press(page, 'Take it off');
		await page.getByText('This setup is finished').waitFor();
		await page.goto(`${base()}/log?setup=${setup}`);
		expect(await page.getByRole('row').count()).to.be.above(20);
		await page.getByRole('link', { name: /^\d+$/ }).first().click();
		await page.getByRole('region', { name: /Working of/ }).waitFor();
	});
});
