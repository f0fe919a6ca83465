import type { Page } from 'playwright-core';

/** Two frames drawn: what an answer changed stands on the page. */
const drawn = (page: Page): Promise<void> =>
	page.evaluate(
		() => new Promise<void>((done) => requestAnimationFrame(() => requestAnimationFrame(() => done())))
	);

/**
 * A key under a hurried finger: tapped twice, and once more the moment the answer stands on the page, where another key may have come. The
 * first tap is heard; whatever the others do shows in what was booked.
 */
export async function hurriedTap(page: Page, name: string | RegExp): Promise<void> {
	const key = page.getByRole('button', { name, disabled: false }).first();
	await key.scrollIntoViewIfNeeded();
	const box = (await key.boundingBox())!;
	const at = [box.x + box.width / 2, box.y + box.height / 2] as const;
	const answered = page.waitForResponse(
		(r) => r.request().method() === 'POST' && r.url().includes('/api/setups')
	);
	await page.touchscreen.tap(...at);
	await page.touchscreen.tap(...at);
	await answered;
	await drawn(page);
	await page.touchscreen.tap(...at);
}
/** A key that only leads on, or a choice. */
export const tap = (page: Page, name: string | RegExp): Promise<void> =>
	page.getByRole('button', { name, disabled: false }).first().tap();
export const tapYesNo = (page: Page, question: string | RegExp, answer: 'Yes' | 'No'): Promise<void> =>
	page.getByRole('group', { name: question }).getByText(answer, { exact: true }).tap();

/** What was booked in a setup, step by step, each request once. */
export async function booked(page: Page, base: string, setup: string): Promise<string[]> {
	const answer = await page.request.get(`${base}/api/setups/${setup}/export.json`);
	const { records } = (await answer.json()) as {
		records: { station: string; step: string; together: string }[];
	};
	const seen = new Set<string>();
	return records
		.filter((r) => !seen.has(r.together) && seen.add(r.together))
		.map((r) => `${r.station}.${r.step}`);
}
