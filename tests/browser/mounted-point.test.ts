import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { done, heading, press, say, soundLook, station } from './bench.js';
import { signedIn, tellOnFailure } from './fixtures.js';
import { begin, fill } from './on-route.js';
import { dressWith } from './to-dress.js';
import { released, runIn } from './to-release.js';

describe('a mounted point', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo', { viewport: { width: 820, height: 1180 }, hasTouch: true });
	});
	after(() => page.context().close());
	tellOnFailure(() => page);

	it('looked at, gripped, run in, cleaned with the stick, proved', async () => {
		await begin(page, 'Mounted point', /JG-1/, 'bore');
		await heading(page, 'Select');
		await page.getByRole('radio', { name: /^0701/ }).click();
		await press(page, /^Take wheel/);
		await press(page, /On to inspecting/);
		await heading(page, 'Inspect: look');
		await soundLook(page);
		await press(page, 'Looked over');
		// Nothing is rung.
		await heading(page, 'Mount');
		await fill(page, [
			['Overhang', '30'],
			['Shank length', '38']
		]);
		await page.getByText('Push the shank in to 10 mm or more', { exact: false }).first().waitFor();
		await fill(page, [
			['Overhang', '13'],
			['Shank length', '40']
		]);
		await page.getByRole('img', { name: /27 mm held, 13 mm overhang, 27 per cent of its whirl/ }).waitFor();
		await accessible(page, 'the grip of a point');
		await press(page, 'It is held like this');
		await page.getByText('of the shank held in the collet').waitFor();
		await press(page, 'Collet is closed');
		await done(page, 'Mount');
		await runIn(page, '29900');
		await station(page, 'Dress').click();
		await dressWith(page, 'metal smeared in the pores', 'stick');
		expect(await page.getByRole('button', { name: 'Open with the stick' }).count()).to.equal(0);
		await say(page, 'Clean over the whole face', 'Yes');
		await fill(page, [['Diameter now', '19.8']]);
		await press(page, /^Dressed/);
		await done(page, 'Dress');
		await released(page);
	});
});
