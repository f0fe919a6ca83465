import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { add, len, vec } from '../../src/core/numeric/angles.js';
import { done, heading, press, say, station } from './bench.js';
import { Brought, MOUNT } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { rollOnStand } from './stand.js';
import { backOnSpindle, ontoStand, readings } from './to-release.js';

describe('truing by the dial, balancing by the turning points', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	/** Every place has its reading. */
	const streamed = async () => {
		await page.getByRole('button', { name: 'Stop reading' }).waitFor();
		await page.getByRole('button', { name: 'Read while turning' }).waitFor();
	};
	const standIn = async (swing: string) => {
		await page.goto(`${base()}/shop/instruments/DI-1`);
		await page.getByLabel('Stand-in: swings by').fill(swing);
		await press(page, 'Keep it');
		await heading(page, 'Shop');
	};

	it('reads the rim off the dial while it is turned, counts the passes over a reload, and balances on the simulated stand', async function () {
		await standIn('30');
		const setup = await new Brought(page).mounted('toolroom');
		// Said while it still matters, and no more after it ran.
		await setup.open('mount');
		await page.getByText('balance it roughly before its first run').waitFor();
		await setup.ranIn();
		await setup.open('true');
		await page.getByRole('heading', { name: 'True', level: 1 }).waitFor();
		expect(await page.getByText('balance it roughly').count()).to.equal(0);
		await page.getByRole('button', { name: 'Read while turning' }).click();
		await streamed();
		await page.getByText('moving it on its seat can cure').waitFor();
		await press(page, 'Book the readings');
		await page.getByText('Passes made').waitFor();
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		for (let i = 0; i < 3; i++) await page.keyboard.press('Space');
		const counter = page.getByRole('region', { name: 'Pass counter' });
		await counter.getByRole('status').filter({ hasText: /^3 of/ }).waitFor();
		await page.reload();
		await counter.getByRole('status').filter({ hasText: /^3 of/ }).waitFor();
		await counter.getByRole('button', { name: 'Pause' }).click();
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await page.keyboard.press('Space');
		await counter.getByRole('status').filter({ hasText: /^3 of/ }).waitFor();
		await standIn('1.6');
		await setup.open('true');
		await press(page, 'Read the rim again');
		await page.getByRole('button', { name: 'Read while turning' }).click();
		await streamed();
		await page.getByLabel('Diameter now').fill('298.9');
		await say(page, 'Spun dry', 'Yes');
		await press(page, 'Trued, readings taken');
		await done(page, 'True');

		await station(page, 'Balance').click();
		await ontoStand(page);
		await page.getByLabel('Measured by').selectOption('marks');
		const massNow = (4.66 * (298.9 ** 2 - 76.2 ** 2)) / (300 ** 2 - 76.2 ** 2);
		const inertia = (massNow * (0.14945 ** 2 + 0.0381 ** 2)) / 2 + MOUNT.inertiaKgM2;
		const hidden = vec(900, 143);
		let angles = Array.from({ length: MOUNT.weightCount }, (_, k) => (k * 360) / MOUNT.weightCount);
		let rolls = 0;
		for (; rolls < 4; rolls++) {
			const now = angles.reduce((v, a) => add(v, vec(MOUNT.weightMassG * MOUNT.trackRadiusMm, a)), hidden);
			const { marks, timeS } = rollOnStand(massNow + MOUNT.massKg, inertia, now);
			// Too little left to swing: wherever it is put, it stays.
			if (marks.length < 3) {
				expect(len(now)).to.be.below(92);
				await press(page, 'It stays put everywhere');
				break;
			}
			await page.getByLabel(/^Turning marks/).fill(marks.join(' '));
			await page.getByLabel(/^First to last/).fill(timeS.toFixed(1));
			await press(page, 'Book this roll');
			const finished = page.getByRole('button', { name: 'It is back, drawn tight' });
			await finished
				.or(page.getByRole('button', { name: 'Weights moved, roll again' }))
				.first()
				.waitFor();
			if (await finished.isVisible()) break;
			angles = await page
				.getByRole('list')
				.filter({ hasText: /^A/ })
				.locator('strong')
				.allInnerTexts()
				.then((l) => l.map((t) => Number.parseFloat(t)));
			await press(page, 'Weights moved, roll again');
			await page.getByLabel(/^Turning marks/).waitFor();
		}
		expect(rolls + 1).to.be.at.most(3);
		await backOnSpindle(page);
		await done(page, 'Balance');
	});

	it('an odd reading is asked about, never dropped; the dial may count the other way', async () => {
		const setup = await new Brought(page).mounted('toolroom');
		await setup.ranIn();
		await setup.open('true');
		await readings(page, [12, 20, 26, 28, 26, 20, 12, 4, 90, -4, -2, 4]);
		await page
			.getByRole('alert')
			.getByText(/90 at 240°/)
			.waitFor();
		await press(page, 'Book the readings');
		await page
			.getByText(/Read it again, or say that it is right/)
			.first()
			.waitFor();
		await say(page, 'The odd reading is right', 'Yes');
		await press(page, 'Book the readings');
		await page.getByText('Passes made').waitFor();
	});
});
