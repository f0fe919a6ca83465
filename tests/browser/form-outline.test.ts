import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { press } from './bench.js';
import { restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { broughtToDress } from './to-dress.js';
import { open, room, shaped, shapedAgain, stacked, tab } from './to-form.js';

const KEYS = room('Wear rings', '7406');

describe('the outline of a form', () => {
	let page: Page;
	before(async function () {
		page = await signedIn('Mara Okonjo');
		await broughtToDress(page, [KEYS]);
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	const cell = (name: string) => page.getByRole('textbox', { name, exact: true });
	it('is edited by keyboard, each wrong figure told at its place, and undone', async function () {
		await open(page, KEYS);
		await shaped(page, 'chamfers', { Width: '20', Chamfer: '2' });
		await cell('Segment 1 ends at z').focus();
		await page.keyboard.press('Control+a');
		await page.keyboard.type('3');
		expect(await cell('Segment 1 ends at x').inputValue()).to.equal('0');
		await page
			.getByText(/flank 33.69° up/)
			.first()
			.waitFor({ state: 'attached' });
		// The next segment begins where this one ends: a figure is typed once.
		await page.keyboard.press('Control+z');
		await page
			.getByText(/flank 45° up/)
			.first()
			.waitFor({ state: 'attached' });
		expect(await cell('Segment 1 ends at z').inputValue()).to.equal('2');
		await cell('Segment 1 ends at z').fill('0');
		await cell('Segment 1 ends at x').fill('2');
		await page
			.getByText(/Segment 1 has no length/)
			.first()
			.waitFor();
		await press(page, /^Undo/);
		await press(page, /^Undo/);
		expect(await cell('Segment 1 ends at z').inputValue()).to.equal('2');
		await cell('Segment 2 ends at z').fill('eighteen');
		await press(page, /^Keep this shape/);
		await page
			.getByText(/eighteen/)
			.first()
			.waitFor();
		// What was typed is there after a reload, wrong or not.
		await page.reload();
		expect(await cell('Segment 2 ends at z').inputValue()).to.equal('eighteen');
		await cell('Segment 2 ends at z').fill('18,0');
		await cell('Segment 2 ends at z').blur();
		await page.getByText('Deepest, of the abrasive that is there').waitFor();
	});
	it('turned over it is the part, seen from the other side it is mirrored', async () => {
		await cell('The form begins at x').fill('1.5');
		await page.keyboard.press('Tab');
		await page.locator('body').click({ position: { x: 5, y: 5 } });
		await page.keyboard.press('m');
		await page.waitForFunction(
			() => (document.querySelector('[data-field="segments.0.x0Mm"]') as HTMLInputElement).value === '0.5'
		);
		await press(page, 'Left for right');
		await page.waitForFunction(
			() => (document.querySelector('[data-field="segments.0.x0Mm"]') as HTMLInputElement).value === '0'
		);
	});
	it('a corner is dragged and snaps to figures that stand already', async () => {
		const grip = page
			.getByRole('img', { name: /^Face / })
			.locator('circle[role=presentation]')
			.nth(1);
		await grip.scrollIntoViewIfNeeded();
		const from = (await grip.boundingBox())!;
		const level = (await page
			.getByRole('img', { name: /^Face / })
			.locator('circle[role=presentation]')
			.nth(0)
			.boundingBox())!;
		await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
		await page.mouse.down();
		await page.mouse.move(from.x + from.width / 2, level.y + level.height / 2 + 2, { steps: 6 });
		await page.mouse.up();
		const first = await cell('The form begins at x').inputValue();
		await page.waitForFunction(
			(want) => (document.querySelector('[data-field="segments.0.x1Mm"]') as HTMLInputElement).value === want,
			first
		);
	});
	it('in inches it is the same form, and on a narrow page nothing sticks out', async function () {
		await shapedAgain(page, 'round corners', { Width: '25.4', Radius: '2.54' });
		await page.getByRole('button', { name: /^Numbers in mill/ }).click();
		await page.waitForFunction(
			() => (document.querySelector('[data-field="segments.0.radiusMm"]') as HTMLInputElement).value === '0.1'
		);
		expect(await cell('Segment 3 ends at z').inputValue()).to.equal('1');
		await page.setViewportSize({ width: 820, height: 1100 });
		await accessible(page, 'shape at 820');
		await page.setViewportSize({ width: 1280, height: 900 });
		await press(page, /^Keep this shape/);
		await page.getByText(/^constant less the radius/).waitFor();
		expect(await page.getByRole('status').first().innerText()).to.match(/^1\.474803 in/);
		// What is set in inches is recorded, nothing more is asked than in millimetres.
		await stacked(page, 'Swung by hand first');
		await page.getByText('Passes in all').waitFor();
		await page.getByRole('button', { name: /^Numbers in inch/ }).click();
		await tab(page, 'Set the dresser').click();
		await page
			.getByText(/37\.46 mm/)
			.first()
			.waitFor();
	});
});
