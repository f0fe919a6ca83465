import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, heading } from './bench.js';
import { base, context, restartApp, startApp, tellOnFailure } from './fixtures.js';
import { answer, push, tabTo, type } from './keyboard.js';

describe('from a brief to a released wheel, by keyboard only, in inches on a tablet', () => {
	let page: Page;
	before(async () => {
		await startApp();
		page = await (await context({ viewport: { width: 820, height: 1100 } })).newPage();
		await page.goto(`${base()}/sign-in`);
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const key = (k: string) => page.keyboard.press(k);
	/** Leaves the field and goes to a station by its digit. */
	const go = async (digit: string, title: RegExp | string) => {
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await key(digit);
		await heading(page, title);
	};

	it('signs in and starts a setup', async () => {
		await tabTo(page, /Ines Falk/);
		for (let i = 0; i < 6 && !(await page.getByRole('radio', { name: 'Tobias Renn' }).isChecked()); i++)
			await key('ArrowDown');
		await type(page, /^PIN/, '258014');
		await key('Enter');
		await heading(page, 'On the floor');
		await key('n');
		await heading(page, 'New setup');
		await type(page, /^Part/, 'Rotor shafts');
		await type(page, /How many/, '12');
		await tabTo(page, /Numbers in/);
		await key('ArrowRight');
		await tabTo(page, /Material/);
		await page.keyboard.type('gauge plate');
		await key('Enter');
		await tabTo(page, /Ground/);
		await page.keyboard.type('outside');
		// A bare number is microinches.
		await type(page, /Finish wanted/, '24');
		await page.getByText('0.61 µm').first().waitFor();
		await tabTo(page, /Machine SG-1/);
		await key('ArrowRight');
		await push(page, /^Start the setup/);
		await heading(page, 'Select');
	});

	it('takes the best wheel and inspects it', async () => {
		await tabTo(page, /^0\d+ /);
		await key('ArrowDown');
		await key('ArrowUp');
		await push(page, /^Take wheel/);
		await push(page, /On to inspecting/);
		await heading(page, 'Inspect: look');
		for (const [q, yes] of [
			[/A crack anywhere/, false],
			[/It fell/, false],
			[/Marking and speed/, true],
			[/Bore clean/, true],
			[/Faces clean/, true]
		] as const)
			await answer(page, q, yes);
		await push(page, /^Looked over/);
		await heading(page, 'Inspect: ring');
		for (let i = 0; i < 8; i++) await key('c');
		await push(page, /^Rung/);
		await done(page, 'Inspect');
	});

	it('mounts it', async () => {
		await go('4', 'Mount');
		await type(page, /Bore, measured/, '5.0020');
		await key('Enter');
		await page.keyboard.type('5.0000');
		await answer(page, /forced/, false);
		await push(page, /Slides on by hand/);
		await type(page, /Flange run-out/, '0.16');
		await tabTo(page, /Back blotter/);
		await page.keyboard.type('good');
		await tabTo(page, /Front blotter/);
		await page.keyboard.type('good');
		await answer(page, /Wiped clean/, true);
		await answer(page, /Burr or dent/, false);
		await push(page, /Flanges are right/);
		await push(page, /Thread is right/);
		await push(page, /Tightened in this order/);
		await done(page, 'Mount');
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await key('Enter');
		await heading(page, 'Run in');
	});

	it('runs it in', async () => {
		for (const q of [/Guard closed/, /Nobody in line/, /First run of this wheel/])
			await answer(page, q, true);
		await push(page, /Wheel is started/);
		await page.getByRole('timer').waitFor();
		await type(page, /Tachometer/, '1648');
		await push(page, /Book the reading/);
		await page.getByRole('button', { name: /Ran free/ }).waitFor();
		await restartApp(900);
		await page.reload();
		await page.getByText('Long enough').waitFor();
		await tabTo(page, /What you hear/);
		await key('Space');
		await push(page, /Ran free/);
		await done(page, 'Run in');
	});

	it('trues, balances with the space bar, and dresses it', async () => {
		await go('6', 'True');
		await tabTo(page, /Reading at 0 degrees/);
		for (const r of [12, 6, 14, 22, 31, 38, 30, 26, 21, 9, 4, 7]) {
			await page.keyboard.type((r / 25.4).toFixed(2));
			await key('Enter');
		}
		await push(page, /Book the readings/);
		await push(page, /Read the rim again/);
		await tabTo(page, /Reading at 0 degrees/);
		for (const r of [4, 3, 5, 6, 7, 8, 6, 5, 4, 3, 2, 3]) {
			await page.keyboard.type((r / 25.4).toFixed(2));
			await key('Enter');
		}
		const size = async () =>
			Number(
				(
					await page
						.getByText(/^[\d.]+ × [\d.]+ × [\d.]+ in$/)
						.first()
						.innerText()
				).split(' ')[0]
			);
		await type(page, /Diameter now/, ((await size()) - 0.004).toFixed(4));
		await answer(page, /Spun dry/, true);
		await push(page, /Trued, readings taken/);
		await done(page, 'True');

		await go('7', 'Balance');
		await answer(page, /Spindle stands/, true);
		await tabTo(page, /one by hand/);
		await page.keyboard.press('ArrowDown');
		await answer(page, /Tapers wiped/, true);
		await push(page, /It lies on the stand/);
		await page.getByLabel('Full swing, there and back').waitFor();
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await key('Space');
		await page.getByRole('button', { name: 'Stop the stopwatch' }).waitFor();
		await key('Space');
		expect(Number(await page.getByLabel('Full swing, there and back').inputValue())).to.be.above(0);
		await type(page, /Full swing/, '24');
		await type(page, /Rested heavy/, '140');
		await push(page, /Book this roll/);
		await push(page, /Weights moved/);
		await push(page, /It stays put everywhere/);
		await page.getByRole('button', { name: 'It is back, drawn tight' }).waitFor();
		await answer(page, /Spindle stands/, true);
		await answer(page, /Tapers wiped/, true);
		await tabTo(page, /one by hand/);
		await page.keyboard.press('ArrowDown');
		await answer(page, /Drawn tight/, true);
		await push(page, /It is back/);
		await page.getByRole('button', { name: 'Started, ran empty' }).waitFor();
		await answer(page, /Guard closed/, true);
		await answer(page, /Nobody in line/, true);
		await type(page, /Ran empty for/, '120');
		await tabTo(page, /What you hear/);
		await key('Space');
		await push(page, /Started, ran empty/);
		await done(page, 'Balance');

		await go('8', 'Dress');
		await push(page, /^Dress it with/);
		await type(page, /Diamond above/, '0');
		await push(page, /Diamond stands here/);
		await type(page, /Traverse/, '4.7');
		await push(page, /Set like this/);
		await answer(page, /Sounded even/, true);
		await type(page, /Diameter now/, ((await size()) - 0.004).toFixed(4));
		await push(page, /^Dressed, sounds even/);
		await done(page, 'Dress');
	});

	it('proves and releases it', async () => {
		await go('9', 'Prove');
		await type(page, /Ra of the trial cut/, '20');
		for (const [q, yes] of [
			[/Burn on/, false],
			[/Chatter on/, false],
			[/Sounded normal/, true],
			[/A crack/, false],
			[/Guard closed/, true]
		] as const)
			await answer(page, q, yes);
		await push(page, /Release to grind/);
		await page.getByText('Released to grind.').waitFor();
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await key('?');
		await page.getByRole('heading', { name: 'Keys' }).waitFor();
		await key('Escape');
		await key('0');
		await heading(page, 'Keep');
	});
});
