import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { clickOn as press, done, heading, station } from './bench.js';
import { Brought } from './by-request.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

describe('a hurried hand', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	/** Pressed twice without a pause, as a finger does that was not sure of the first time. */
	const twice = (name: string) => page.getByRole('button', { name }).first().dblclick();

	it('books one thing with two taps: the thread, and not that it was tightened', async () => {
		const setup = await new Brought(page).inspected();
		await setup.did('mount', 'fit');
		await setup.did('mount', 'flange');
		await page.goto(`${base()}/setups/${setup.id}/mount`);
		await heading(page, 'Mount');
		await twice('Thread is right');
		const tighten = page.getByRole('button', { name: 'Tightened in this order' });
		await tighten.waitFor();
		// Pressed once the key answers it is meant.
		expect(await station(page, 'Mount').getAttribute('aria-label'), 'not booked').not.to.contain('done');
		await press(page, 'Tightened in this order');
		await done(page, 'Mount');
	});
	it('counts one pass with a finger that bounces', async () => {
		const setup = await (await new Brought(page).mounted('neutral-first')).ranIn();
		await setup.did('true', 'runout');
		await page.goto(`${base()}/setups/${setup.id}/true`);
		await heading(page, 'True');
		const counter = page.getByRole('region', { name: 'Pass counter' });
		await counter.getByRole('button', { name: /^Pass made/ }).dblclick();
		await counter.getByRole('status').filter({ hasText: /^1 of/ }).waitFor();
		await press(page, 'One back');
		await counter.getByRole('status').filter({ hasText: /^0 of/ }).waitFor();
	});
});
