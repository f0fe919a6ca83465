import type { Page } from 'playwright-core';
import { heading, oneMoreWheel, press, soundLook } from './bench.js';
import { base } from './fixtures.js';

export const earSaid = (page: Page) => press(page, /^Clear at all/);
export const simulate = async (page: Page, condition: string, seed: string) => {
	await press(page, 'Simulator');
	await page.getByLabel('Condition').selectOption({ label: condition });
	await page.getByLabel('Seed').fill(seed);
	await press(page, 'Ring the simulator');
};
export const answerWaits = (page: Page) => page.getByText('Its answer is shown after yours').waitFor();
export const kept = (page: Page) => page.waitForResponse((r) => r.url().includes('/recordings?') && r.ok());

let part = 0;
/** A setup with a wheel taken, looked over and waiting to be rung. */
export async function readyToRing(page: Page): Promise<string> {
	await oneMoreWheel(page, base());
	await page.goto(`${base()}/setups/new`);
	await page.getByLabel('Part', { exact: true }).fill(`Ringing ${++part}`);
	await page.getByLabel('How many').fill('2');
	await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
	await page.keyboard.press('Enter');
	await page.getByLabel('Ground').selectOption({ label: 'surface' });
	await page.getByLabel('Finish wanted, Ra').fill('0.8');
	await page.getByRole('radio', { name: /SG-1/ }).check();
	await press(page, 'Start the setup');
	// The whole rack is ranked before Select stands there; a slow machine takes its time over it.
	await page.waitForURL(/\/setups\/\d+\/select/, { timeout: 60_000 });
	await press(page, /^Take wheel/);
	await press(page, /On to inspecting/);
	await heading(page, 'Inspect: look');
	await soundLook(page);
	await press(page, 'Looked over');
	await heading(page, 'Inspect: ring');
	return /setups\/(\d+)/.exec(page.url())![1]!;
}
