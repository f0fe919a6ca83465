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
	expect(
		await page.evaluate(() => document.documentElement.scrollWidth),
		`${what}: nothing sticks out sideways`
	).to.be.at.most(page.viewportSize()!.width);
	// What a screen reader meets does not depend on the theme; colours do.
	await page.emulateMedia({ colorScheme: 'dark' });
	expect(await faults(axe().withRules(['color-contrast'])), `${what} dark`).to.deep.equal([]);
	await page.emulateMedia({ colorScheme: 'light' });
}
