import type { Page } from 'playwright-core';

/** What the focused element is called: its group's legend and its own label. */
const focused = (page: Page): Promise<string> =>
	page.evaluate(() => {
		const e = document.activeElement as HTMLInputElement | null;
		if (!e || e === document.body) return '';
		const own = e.getAttribute('aria-label') ?? [...(e.labels ?? [])].map((l) => l.innerText).join(' ') ?? '';
		const group = e.closest('fieldset')?.querySelector('legend')?.textContent ?? '';
		return `${group} ${own || e.innerText || ''}`.replace(/\s+/g, ' ').trim();
	});

/** Goes to something with the Tab key alone, as far round as needed. */
export async function tabTo(page: Page, name: RegExp, most = 120): Promise<void> {
	for (let i = 0; i < most; i++) {
		if (name.test(await focused(page))) return;
		await page.keyboard.press('Tab');
	}
	throw new Error(`The Tab key never reaches ${String(name)}; it stands on "${await focused(page)}".`);
}

/** Types a value into a field reached by Tab; what stood there is replaced. */
export async function type(page: Page, name: RegExp, text: string): Promise<void> {
	await tabTo(page, name);
	await page.keyboard.press('Control+A');
	await page.keyboard.type(text);
}

/** Answers a question: the arrows go between Yes and No, Space takes it. */
export async function answer(page: Page, name: RegExp, yes: boolean): Promise<void> {
	await tabTo(page, name);
	for (let i = 0; i < 3 && !(await focused(page)).endsWith(yes ? 'Yes' : 'No'); i++)
		await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Space');
}

/** Presses a button reached by Tab. */
export async function push(page: Page, name: RegExp): Promise<void> {
	await tabTo(page, name);
	await page.keyboard.press('Enter');
}
