import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, press, station } from './bench.js';
import { Brought } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { backOnSpindle, ontoStand, released } from './to-release.js';

describe('balancing', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('balanced on the bench first, then run in, trued, dressed and released', async function () {
		const setup = await new Brought(page).mounted('stand-first');
		await setup.open('balance');
		await page.getByRole('button', { name: 'Level', exact: true }).click();
		for (const [label, v] of [
			['Along A to B', '0.02'],
			['Towards C', '-0.03'],
			['Foot spacing', '420'],
			['Foot depth', '310'],
			['Screw pitch', '1.5']
		] as const)
			await page.getByLabel(label).first().fill(v);
		await page.getByText('Level enough').waitFor();
		await press(page, 'Book the level');
		await page.getByText('Stand is level', { exact: true }).waitFor();
		await ontoStand(page);
		await page.getByLabel('Full swing, there and back').fill('14');
		await page.getByLabel(/Rested heavy side down at/).fill('197');
		await press(page, 'Book this roll');
		await press(page, 'Weights moved, roll again');
		// The second roll is inside: one figure and one sentence, and no weight to be set.
		await page.getByLabel('Full swing, there and back').fill('190');
		await page.getByLabel(/Rested heavy side down at/).fill('20');
		await page.getByRole('heading', { name: 'Inside the grade' }).waitFor();
		expect(await page.getByText('Set these, tighten').count()).to.equal(0);
		expect(await page.getByText('leave it').count()).to.equal(0);
		await press(page, 'Book this roll');
		await page.getByText('the last roll was inside').waitFor();
		await backOnSpindle(page, false);
		await done(page, 'Balance');
		await setup.read();
		await setup.trueAndDressed();
		await released(page);
	});

	it('balanced in the machine by its own balancer, after dressing', async function () {
		const setup = await new Brought(page).mounted('in-machine');
		await setup.trueAndDressed();
		await station(page, 'Balance').click();
		await page.getByRole('button', { name: 'Run the stand-in' }).click();
		await done(page, 'Balance');
		await released(page);
	});

	it('a rest tells only a direction, vibration tells both; dimples are not booked against a stop, screws want another roll', async function () {
		const setup = await (await new Brought(page).mounted('toolroom')).ranIn();
		await setup.did('true', 'runout');
		await setup.did('true', 'after');
		await setup.open('balance');
		await ontoStand(page);
		await page.getByLabel('Measured by').selectOption('rest');
		await page.getByLabel('Rested heavy side down at').fill('75');
		await page.getByText('amount not known yet').waitFor();
		await page.getByText('The direction is known, the amount not yet.', { exact: false }).waitFor();
		// At speed only on the spindle, started guarded again.
		await page.getByLabel('Measured by').selectOption('phase');
		await page.getByText('The wheel is on the stand. Put it back on the spindle first.').waitFor();
		expect(await page.getByRole('button', { name: 'Book this run' }).isDisabled()).to.equal(true);
		await page.getByRole('main').getByRole('button', { name: 'Back on the spindle' }).click();
		await backOnSpindle(page);
		await page.getByLabel('Measured by').selectOption('phase');
		for (const [label, value] of [
			['As it is', '1.8'],
			['Its phase', '40'],
			['Trial weight', '20'],
			['At radius', '60'],
			['Trial at', '0'],
			['With the trial', '2.4'],
			['Its phase then', '95']
		] as const)
			await page.getByLabel(label, { exact: true }).fill(value);
		await page.getByText('Then move the weights').waitFor();
		await press(page, 'Book this run');
		await page.getByRole('button', { name: 'Other ways' }).click();
		await page.getByRole('button', { name: 'Dimples', exact: true }).click();
		for (const [label, value] of [
			['Drill diameter', '10'],
			['Depth', '3'],
			['Radius', '110']
		] as const)
			await page.getByLabel(label, { exact: true }).fill(value);
		await page.getByText("Without the maker's written consent a wheel is not altered.").waitFor();
		expect(
			await page.getByRole('button', { name: /^Dimples are made/ }).isDisabled(),
			'nothing to book against a stop'
		).to.equal(true);
		await setup.read();
		const direct = await page.request.post(`${base()}/api/setups/${setup.id}/records`, {
			data: {
				station: 'balance',
				step: 'dimples',
				values: { drillDiameterMm: 10, pointAngleDeg: 130, depthMm: 3, radiusMm: 110, makerConsent: false },
				version: setup.version,
				reason: 'it was agreed on the telephone',
				key: crypto.randomUUID()
			}
		});
		expect([
			direct.status(),
			((await direct.json()) as { error: { code: string } }).error.code
		]).to.deep.equal([409, 'no-maker-consent']);
		await page.getByRole('button', { name: 'Screws in holes' }).click();
		await page.getByLabel('Hole radius').fill('50');
		await page.getByLabel('Holes', { exact: false }).first().fill('12');
		await page
			.getByText(/in hole \d+, at/)
			.first()
			.waitFor();
		await press(page, /^Screws are in/);
		await page.getByText('roll again after the move').waitFor();
	});
});
