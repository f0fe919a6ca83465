import { chromium } from 'playwright-core';
import { find } from '../../src/command/system.js';
import type { Ratio } from './ratio.js';

/** Frames shown a second on the practice stand while the wheel rolls, in a real browser. */
export async function benchStand(base: string): Promise<Ratio[]> {
	const executablePath = find('chromium', '/usr/bin/chromium');
	if (!executablePath) return [];
	const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
	try {
		const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
		await page.goto(`${base}/sign-in`);
		await page.getByRole('radio', { name: 'Mara Okonjo' }).check();
		await page.getByLabel('PIN', { exact: true }).fill('471128');
		await page.getByRole('button', { name: 'Sign in' }).click();
		await page.getByRole('heading', { name: 'On the floor' }).waitFor();
		await page.goto(`${base}/practice/stand?seed=3`);
		await page.waitForLoadState('networkidle');
		await page.getByRole('button', { name: /gentle push/ }).click();
		await page.getByText('Chalk the bottom').waitFor();
		const frames: number[] = [];
		for (let i = 0; i < 5; i++) {
			await page.waitForTimeout(1100);
			frames.push(Number(await page.locator('svg[data-frames]').getAttribute('data-frames')));
		}
		frames.sort((a, b) => a - b);
		return [
			{
				name: 'practice stand, frames a second',
				value: frames[2]! / 60,
				unit: 'of 60',
				aim: 'aim: 1',
				of: `the median of five seconds, ${frames.join(', ')}`
			}
		];
	} finally {
		await browser.close();
	}
}
