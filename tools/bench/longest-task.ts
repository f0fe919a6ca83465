import { type BrowserContext, chromium } from 'playwright-core';
import { median } from '../../src/core/numeric/median.js';
import { find } from '../../src/command/system.js';
import type { Ratio } from './ratio.js';

const SLOWER = 4;
const LOADS = 5;
const STATIONS = ['true', 'balance', 'dress', 'keep'];

/** The longest task of one load, in ms. */
async function longestMs(context: BrowserContext, url: string): Promise<number> {
	const page = await context.newPage();
	const session = await context.newCDPSession(page);
	await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	await page.addInitScript(() => {
		const w = window as { longest?: number };
		w.longest = 0;
		new PerformanceObserver((list) => {
			for (const e of list.getEntries()) w.longest = Math.max(w.longest ?? 0, e.duration);
		}).observe({ type: 'longtask', buffered: true });
	});
	await page.goto(url);
	await page.waitForLoadState('networkidle');
	const ms = await page.evaluate(() => (window as { longest?: number }).longest ?? 0);
	await page.close();
	return ms;
}

/** The longest stretch in which a page listens to nobody while it loads, on a processor four times slower. */
export async function benchLongestTask(base: string, cookie: string): Promise<Ratio[]> {
	const browser = await chromium.launch({
		executablePath: find('chromium', '/usr/bin/chromium')!,
		args: ['--no-sandbox', '--disable-gpu']
	});
	try {
		const context = await browser.newContext({ serviceWorkers: 'block' });
		const [name, value] = cookie.split('=') as [string, string];
		await context.addCookies([{ name, value, url: base }]);
		const longest: string[] = [];
		let most = 0;
		for (const station of STATIONS) {
			const times: number[] = [];
			for (let i = 0; i < LOADS; i++) times.push(await longestMs(context, `${base}/setups/145/${station}`));
			const ms = median(times);
			longest.push(`${station} ${ms.toFixed(0)}`);
			most = Math.max(most, ms);
		}
		return [
			{
				name: `longest task of a page, ${SLOWER} times slower`,
				value: most,
				unit: 'ms',
				aim: 'aim: at most 150',
				of: `${longest.join(', ')}; the middle of ${LOADS} loads`
			}
		];
	} finally {
		await browser.close();
	}
}
