import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press } from './bench.js';
import { base, restartApp, signedIn, startApp } from './fixtures.js';
import { loadWav, ringFile } from './recordings.js';

describe('the microphone', () => {
	const open = async (grant: boolean, script?: () => void): Promise<Page> => {
		await startApp();
		const page = await signedIn('Ines Falk', { permissions: grant ? ['microphone'] : [] });
		if (script) await page.addInitScript(script);
		await page.goto(`${base()}/benches/inspect.ring-analysis`);
		await page.waitForLoadState('networkidle');
		return page;
	};
	it('hears eight taps, counts them and stops by itself', async function () {
		// The sound runs in real time: a slow machine may lose a tap of it, and recording then ends after its minute.
		const page = await open(true);
		await press(page, /^Record the ring/);
		await page.getByRole('meter', { name: 'Loudness' }).waitFor();
		await page
			.getByText(/^[1-8]$/)
			.first()
			.waitFor();
		await page
			.getByText(/^(Clear|Doubtful|Not to be judged)$/)
			.first()
			.waitFor({ timeout: 120_000 });
		await page.getByText('Microphone').first().waitFor();
		await page.context().close();
	});
	it('refused: says so and how to go on', async () => {
		const page = await open(false);
		await press(page, /^Record the ring/);
		await page.getByText(/may not use the microphone/).waitFor();
		await loadWav(page, ringFile('clear'));
		await page.getByText('Clear', { exact: true }).first().waitFor();
		await page.context().close();
	});
	it('absent, or not given to this address: says so', async () => {
		const absent = await open(true, () => {
			navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('none', 'NotFoundError'));
		});
		await press(absent, /^Record the ring/);
		await absent.getByText(/There is no microphone/).waitFor();
		await absent.context().close();
		const insecure = await open(true, () => {
			Object.defineProperty(navigator, 'mediaDevices', { value: undefined });
		});
		await press(insecure, /^Record the ring/);
		await insecure.getByText(/only to a secure address/).waitFor();
		await insecure.context().close();
	});
	it('unplugged while recording: what was heard so far is kept and judged', async () => {
		const page = await open(true, () => {
			const real = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
			navigator.mediaDevices.getUserMedia = async (c) => {
				const s = await real(c);
				(window as unknown as { mic: MediaStreamTrack }).mic = s.getAudioTracks()[0]!;
				return s;
			};
		});
		await press(page, /^Record the ring/);
		await page
			.getByText(/^[1-8]$/)
			.first()
			.waitFor();
		await page.evaluate(() =>
			(window as unknown as { mic: MediaStreamTrack }).mic.dispatchEvent(new Event('ended'))
		);
		await page.getByText(/was unplugged/).waitFor();
		await page
			.getByText(/^(Not to be judged|Doubtful|Clear)$/)
			.first()
			.waitFor();
		await page.context().close();
	});
});

describe('the ear trainer', () => {
	it('plays, asks, shows where it was, and keeps score, by keyboard', async () => {
		const page = await (async () => {
			await restartApp();
			return signedIn('Tobias Renn');
		})();
		await page.getByRole('link', { name: 'Practice' }).click();
		await page.getByRole('link', { name: 'Start listening' }).click();
		await heading(page, 'Ear trainer');
		for (let round = 1; round <= 2; round++) {
			await page
				.getByRole('button', { name: /Play the wheel/ })
				.and(page.locator(':enabled'))
				.waitFor();
			await page.keyboard.press('p');
			await page.keyboard.press(String(round));
			await page.getByText(/^(Right|It was): /).waitFor();
			await page.getByRole('img', { name: /^The recording/ }).waitFor();
			expect(await page.getByLabel('Your score').innerText()).to.contain(`of ${round} right`);
			await page.keyboard.press('Enter');
		}
		await page.goto(`${base()}/practice`);
		await page.getByRole('table', { name: 'Scores at the ear trainer' }).getByText('Tobias Renn').waitFor();
		await page.context().close();
	});
	it('is open to somebody who may only look', async () => {
		const page = await signedIn('Piet Aalders');
		await page.goto(`${base()}/practice/ring`);
		await page
			.getByRole('button', { name: /Play the wheel/ })
			.and(page.locator(':enabled'))
			.waitFor();
		await page.keyboard.press('1');
		await page.getByText(/^(Right|It was): /).waitFor();
		for (const path of ['/api/wheels/0316/inspections', '/api/wheels/receive'])
			expect(
				(await page.request.post(base() + path, { data: { key: crypto.randomUUID() } })).status()
			).to.equal(403);
		await page.context().close();
	});
});
