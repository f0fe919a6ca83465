import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, heading, press, say, soundLook, station } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin, fill, takeAndInspect } from './on-route.js';
import { dressed, released, runIn, trued } from './to-release.js';

describe('a pack of wheels on one arbor', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a tool pack: built from the rack, ordered by dragging, measured, stood for, released; an edit takes it away', async function () {
		const other = '7801';
		const made = await page.request.post(`${base()}/api/wheels`, {
			data: {
				values: {
					number: other,
					marking: 'WA 80 K 7 V',
					newDiameterMm: 125,
					diameterMm: 124,
					widthMm: 15,
					boreMm: 31.75,
					minDiameterMm: 70,
					massKg: 0.4,
					ratedMps: 40,
					place: 'spare'
				}
			}
		});
		expect(made.ok()).to.equal(true);
		const id = await begin(page, 'Tool pack', /TC-1/, 'tool and cutter');
		await takeAndInspect(page, true);
		await station(page, 'Mount').click();
		await heading(page, 'Mount');
		const number = /Wheel (\d+)/.exec(await page.getByText(/^Wheel \d+ on/).innerText())![1]!;
		const width = Number(
			(
				await page
					.getByText(/^[\d.]+ × [\d.]+ × [\d.]+$/)
					.first()
					.innerText()
			).split(' ')[2]
		);
		await fill(page, [
			['Seat length', '60'],
			['Thread end', '84'],
			['Nut thickness', '14']
		]);
		await press(page, 'Add a wheel');
		await page.getByLabel('Wheel, from the rack').selectOption({ label: `${other}, WA 80 K 7 V, 124 × 15` });
		expect(await page.getByLabel('Marked speed').inputValue()).to.equal('40');
		await press(page, 'Add a spacer');
		await fill(page, [
			['Thickness', String(41 - width)],
			['Bore', '31.76']
		]);
		// Dragged with the mouse from the end to the front, and back by its arrows.
		const line = (n: number) =>
			page.getByRole('list', { name: 'Stack from the shoulder' }).getByRole('listitem').nth(n);
		const [from, to] = [(await line(2).boundingBox())!, (await line(0).boundingBox())!];
		await page.mouse.move(from.x + 40, from.y + from.height / 2);
		await page.mouse.down();
		await page.mouse.move(from.x + 40, from.y - 10, { steps: 6 });
		await page.mouse.move(to.x + 40, to.y + 6, { steps: 12 });
		await page
			.locator('ol[aria-label="Stack from the shoulder"] > li')
			.first()
			.getByText('Spacer')
			.waitFor({ state: 'attached' });
		await page.mouse.up();
		await line(0).getByText('Spacer').waitFor();
		await page.getByText('No tanged washer', { exact: false }).first().waitFor();
		await press(page, 'Add a washer');
		await fill(page, [
			['Thickness', '6'],
			['Bore', '31.8']
		]);
		await page.getByRole('img', { name: new RegExp(`Stack from the shoulder.*Wheel ${number}`) }).waitFor();
		await press(page, /^Keep the stack/);
		await page.getByText('62 mm, up to').waitFor();
		// The other wheel is held now and has to be looked over and rung at the rack first.
		await page.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(page, 'Thread is right');
		await press(page, 'Tightened in this order');
		await page
			.getByRole('alert')
			.getByText(/looked over and rung/)
			.waitFor();
		await page.goto(`${base()}/rack/${other}/look`);
		await soundLook(page);
		await press(page, /^Looked over/);
		await page.waitForURL(/rack\/\d+(\/ring)?$/);
		await page.goto(`${base()}/rack/${other}/ring`);
		await press(page, /^Clear at all/);
		await press(page, /^Rung/);
		await page.waitForURL(/rack\/\d+$/);
		await page.goto(`${base()}/setups/${id}/mount`);
		await page.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(page, 'Tightened in this order');
		await page
			.getByRole('button', { name: /^Stack/ })
			.first()
			.click();
		const measure = async (n: number, back: number, front: number) => {
			await page.getByRole('button', { name: `Sizes of part ${n}` }).click();
			await press(page, 'Sizes and speed');
			const planned = await page.locator(`[data-field="items.${n - 1}.diameterMm"]`).inputValue();
			await page.getByRole('button', { name: 'Measured', exact: true }).click();
			await fill(page, [
				['Rim back', String(back)],
				['Rim front', String(front)],
				['Run-out of the rim', '5'],
				['Run-out of the face', '6']
			]);
			await page.getByLabel('Diameter, measured').fill(planned);
			await page.getByLabel(/^Rim, finger-tight/).fill('3');
			await page.getByText('+2 µm').waitFor();
		};
		await measure(2, 41 - width, 41);
		await measure(3, 41, 56);
		await press(page, /^Stand for it as it is now/);
		await done(page, 'Mount');
		await page.getByRole('button', { name: 'Sizes of part 2' }).click();
		await page.getByRole('button', { name: 'Measured', exact: true }).click();
		await page.getByLabel('Run-out of the rim', { exact: true }).fill('9');
		await page
			.getByRole('button', { name: /^Keep the stack/ })
			.last()
			.click();
		await page.getByText('any edit takes it away').waitFor();
		const direct = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'run-in',
				step: 'speed',
				values: { measuredRpm: 3300, stage: 'after-wheel' },
				version: 99,
				key: crypto.randomUUID()
			}
		});
		expect(direct.status()).to.equal(409);
		await press(page, /^Stand for it as it is now/);
		await done(page, 'Mount');
		await runIn(page, '3340');
		await trued(page);
		await dressed(page, { reason: 'extraction is on at this machine', then: 'Wheel' });
		await page.getByText('heard over the whole width', { exact: true }).waitFor();
		await say(page, 'Sounded even across the face', 'Yes');
		await page.getByRole('button', { name: 'Measured as planned' }).click();
		await press(page, /^Dressed, sounds even/);
		await page
			.getByRole('heading', { name: /^Wheel \d+$/ })
			.first()
			.waitFor();
		for (const [i, n] of (
			await page.getByRole('heading', { name: /^Wheel \d+$/ }).allInnerTexts()
		).entries()) {
			await page.getByLabel(`Rim of ${n.toLowerCase()}`).fill(String(6 + i));
			await page.getByLabel(`Face of ${n.toLowerCase()}`).fill('7');
		}
		await say(page, 'Stood for as it is now', 'Yes');
		await press(page, 'Pack is measured');
		await done(page, 'Dress');
		await released(page);
		await restartApp();
	});
});
