import type { Page } from 'playwright-core';
import { done, heading, oneMoreWheel, press, say, soundLook } from './bench.js';
import { base } from './fixtures.js';

let part = 0;
/** A setup of its own on a route, with all that is asked for. */
export async function begin(page: Page, route: string, machine: RegExp, work: string): Promise<string> {
	await page.goto(`${base()}/setups/new`);
	await page.getByLabel('Part', { exact: true }).fill(`Route ${++part}`);
	await page.getByLabel('How many').fill('4');
	await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
	await page.keyboard.press('Enter');
	await page.getByLabel('Ground').selectOption({ label: work });
	await page.getByLabel('Finish wanted, Ra').fill('0.8');
	await page.getByRole('radio', { name: machine }).check();
	await page.getByLabel('Route').selectOption({ label: route });
	await press(page, 'Start the setup');
	await page.waitForURL(/setups\/\d+\//);
	return /setups\/(\d+)/.exec(page.url())![1]!;
}
/** A caution that stands is let through with its reason. */
export async function reasoned(page: Page, reason: string): Promise<void> {
	await page.getByLabel('Why may it go on?').fill(reason);
	await press(page, 'Go on with this reason');
}
/** One more wheel taken, looked over and rung, or let through with a reason. */
export async function takeAndInspect(
	page: Page,
	rings: boolean,
	wheel: object = {},
	why = ''
): Promise<void> {
	const number = await oneMoreWheel(page, base(), wheel);
	await heading(page, 'Select');
	if (Object.keys(wheel).length) {
		await page.reload();
		await page.getByRole('radio', { name: new RegExp(`^${number}`) }).click();
	}
	await press(page, /^Take wheel/);
	if (why) await reasoned(page, why);
	await press(page, /On to inspecting/);
	await heading(page, 'Inspect: look');
	await soundLook(page);
	await press(page, 'Looked over');
	await heading(page, 'Inspect: ring');
	if (rings) {
		await press(page, /^Clear at all/);
		await press(page, /^Rung/);
	} else {
		await press(page, 'Go on without a ring');
		await reasoned(page, 'looked at with a lens, run in guarded');
	}
	await done(page, 'Inspect');
}
/** Fields by their labels. */
export const fill = async (page: Page, fields: readonly (readonly [string, string])[]) => {
	for (const [label, value] of fields)
		await page
			.getByLabel(new RegExp(`^${label}(\\sif known)?$`))
			.first()
			.fill(value);
};
/** An old machine looked over before it turns. */
export async function lookedOverDead(page: Page): Promise<void> {
	for (const [q, a] of [
		['Looked over with the power locked off', 'Yes'],
		['Table stops set close', 'Yes'],
		['Guard sound', 'Yes'],
		['A wheel is on it', 'No'],
		['Hydraulic table', 'No']
	] as const)
		await say(page, q, a);
}
