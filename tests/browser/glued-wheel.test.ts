import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, press, say, station } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin, fill, takeAndInspect } from './on-route.js';
import { dressed, released, runIn, trued } from './to-release.js';

describe('a wheel glued to its quill', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a glued wheel: the quill, the joint, a clock that a restart does not lose, and on to release', async function () {
		const id = await begin(page, 'Glued internal', /IG-3/, 'bore');
		await takeAndInspect(page, false);
		await station(page, 'Mount').click();
		await fill(page, [
			['Overhang', '120'],
			['Quill diameter', '8'],
			['Grinding force', '15'],
			['Limit of the quill', '50000'],
			['Next dress', '10']
		]);
		await page.getByText('it would whirl', { exact: false }).first().waitFor();
		await fill(page, [
			['Overhang', '45'],
			['Quill diameter', '9.5']
		]);
		await press(page, 'Quill is right');
		for (const q of ['Scuffed', 'Degreased', 'Mixed', 'Coated', 'Spread']) await say(page, q, 'Yes');
		await fill(page, [
			['Temperature', '23'],
			['Cure by the data sheet', '12'],
			['Pot life', '20'],
			['Mixing to joining', '5'],
			['Stud of the quill', '9.8'],
			['Bond length', '20'],
			['Force at the rim', '45']
		]);
		await press(page, /^Joined/);
		await page
			.getByRole('timer', { name: 'Still to stand' })
			.getByText(/^1[12] h/)
			.waitFor();
		expect(await page.getByRole('button', { name: /It has cured/ }).isDisabled()).to.equal(true);
		const direct = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'mount',
				step: 'tighten',
				values: { done: true },
				version: 8,
				key: crypto.randomUUID()
			}
		});
		expect(direct.status()).to.equal(409);
		await restartApp(13 * 3600);
		await page.reload();
		await page.getByRole('timer', { name: 'Still to stand' }).getByText('Stood long enough').waitFor();
		await press(page, /^It has cured/);
		await page.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(page, 'Thread is right');
		await press(page, 'Tightened in this order');
		await done(page, 'Mount');
		await restartApp();
		await runIn(page, '16950');
		await trued(page);
		await dressed(page, { offset: '0', traverse: '1700' });
		await released(page);
		await restartApp();
	});
});
