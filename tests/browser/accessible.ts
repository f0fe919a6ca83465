import AxeBuilder from '@axe-core/playwright';
import { expect } from 'chai';
import type { Page } from 'playwright-core';

const faults = async (checking: AxeBuilder): Promise<string[]> =>
	(await checking.analyze()).violations.map(
		(v) =>
			`${v.id}: ${v.nodes
				.map((n) => n.target.join(' '))
				.slice(0, 3)
				.join('; ')}`
	);

const WIDTHS = [390, 768, 820] as const;
/** Nothing sticks out sideways: here, on a telephone, and on a tablet at the machine. */
async function fitsEverywhere(page: Page, what: string): Promise<void> {
	const size = page.viewportSize()!;
	for (const width of [size.width, ...WIDTHS]) {
		if (width !== size.width) await page.setViewportSize({ width, height: size.height });
		// A chart takes its new width a moment after its page.
		await page
			.waitForFunction((w) => document.documentElement.scrollWidth <= w, width, { timeout: 30_000 })
			.catch(() => undefined);
		const out = await page.evaluate(
			(w) =>
				document.documentElement.scrollWidth <= w
					? []
					: [...document.querySelectorAll('body *')]
							.filter((e) => e.getBoundingClientRect().right > w + 1)
							.map((e) => `${e.tagName} "${(e.textContent ?? '').trim().slice(0, 30)}"`)
							.slice(-4),
			width
		);
		expect(out, `${what} at ${width}: sticks out sideways`).to.deep.equal([]);
	}
	await page.setViewportSize(size);
}

/** What a person must never read: names of the code, empty values, the tail of a fraction. */
const NO_WORDS: readonly RegExp[] = [
	/\b(?:null|undefined|NaN)\b/,
	/\[object/,
	/\d\.\d{7,}/,
	/-0(?:\.0+)?(?= ?%)/,
	/\bc?cw\b/,
	/\b(?:spec|mount|inspect|run-in|true|balance|dress|form|set|prove|keep)\.[a-z]+(?:-[a-z]+)*\b/,
	/\b[a-z]+[A-Z][a-z]+(?:[A-Z][a-z]+)*\b/,
	/\bis missing\. is\b/,
	/\b1 dresses\b|\ba [aeiou]n?[a-z]+ment\b|\bover than\b/
];
async function inWords(page: Page, what: string): Promise<void> {
	const text = await page.locator('body').innerText();
	for (const bad of NO_WORDS) {
		const found = bad.exec(text);
		const near = found ? text.slice(Math.max(0, found.index - 40), found.index + 40) : '';
		expect(near, `${what}: ${String(bad)}`).to.equal('');
	}
}

/** In a setup in inches a metric figure never stands alone, neither written nor told to a screen reader; only beneath a field, as the other reading of what is typed. */
export async function inInches(page: Page, what = ''): Promise<void> {
	const told = await page.evaluate(() =>
		[
			document.body.innerText,
			...[...document.querySelectorAll('[aria-label]')].map((e) => e.getAttribute('aria-label') ?? '')
		].join('\n')
	);
	const alone = [
		...told.matchAll(/[^\n]{0,50}\d ?(?:mm|µm|um|kg|Nm|m\/s|mm\/min)(?![\w³²/])(?! \()[^\n]{0,20}/g)
	]
		.map(([m]) => m.trim())
		.filter((m) => !/^-?[\d.]+ \S+$/.test(m));
	expect([...new Set(alone)], `${what}: metric alone`).to.deep.equal([]);
}

/** The page as it stands is free of faults a screen reader would meet, its colours in both themes, and nothing sticks out sideways. */
export async function accessible(page: Page, what = ''): Promise<void> {
	// Only what is wrong is gathered: a list of everything that is right costs as much as the check itself.
	const axe = () =>
		new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'], preload: false });
	await page.emulateMedia({ colorScheme: 'light' });
	expect(
		await faults(axe().withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'])),
		`${what} light`
	).to.deep.equal([]);
	await fitsEverywhere(page, what);
	await inWords(page, what);
	// What a screen reader meets does not depend on the theme; colours do.
	await page.emulateMedia({ colorScheme: 'dark' });
	expect(await faults(axe().withRules(['color-contrast'])), `${what} dark`).to.deep.equal([]);
	await page.emulateMedia({ colorScheme: 'light' });
}
