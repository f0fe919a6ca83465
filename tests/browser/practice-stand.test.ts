import type { Page } from 'playwright-core';
import { practiceWheel } from '../../src/core/balance/practice/round.js';
import { twoWeights } from '../../src/core/balance/two-weights.js';
import { angleOf, len } from '../../src/core/numeric/angles.js';
import { heading } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

describe('the practice stand', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);

	it('is played by keyboard alone', async function () {
		const seed = 12;
		const w = practiceWheel(seed);
		const right = twoWeights
			.run({ unbalanceGmm: len(w.U), heavyAngleDeg: angleOf(w.U), massG: w.u / 50, radiusMm: 50 })
			.placements.map((p) => Math.round(p.angleDeg));
		await page.goto(`${base()}/practice/stand?seed=${seed}`);
		await heading(page, 'Practice stand');
		await page.keyboard.press('Enter');
		await page.getByText('Chalk the bottom where it turns round').waitFor();
		await page
			.getByText(/\d+° at the bottom/)
			.first()
			.waitFor();
		for (let i = 0; i < 2; i++) await page.keyboard.press('Space');
		await page.getByText(/^\d+°\s+\d+°$/).waitFor();
		await page.keyboard.press('r');
		await page.getByText(/It rests with/).waitFor();
		await page.keyboard.press('c');
		await page.getByText(/Three turning marks at least/).waitFor();
		for (const [i, name] of ['A, degrees', 'B, degrees'].entries()) {
			await page.getByLabel(name).focus();
			await page.keyboard.press('Control+A');
			await page.keyboard.type(String(right[i]));
			await page.keyboard.press('Tab');
		}
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await page.keyboard.press('Enter');
		await page.getByText('Chalk the bottom where it turns round').waitFor();
		await page.keyboard.press('r');
		await page
			.getByText(/It rests with|did not move/)
			.first()
			.waitFor();
		await page.keyboard.press('g');
		await page.getByText('Inside the tolerance', { exact: true }).waitFor();
		await page
			.getByRole('table', { name: 'Best runs at the practice stand' })
			.getByText('Mara Okonjo')
			.waitFor();
	});
});
