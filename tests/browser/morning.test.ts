import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { press, say, startSaid } from './bench.js';
import { Brought, anotherSurfaceGrinder } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { fill } from './on-route.js';

describe('the morning sheet of a machine', () => {
	let page: Page;
	let machineId = 0;
	before(async function () {
		page = await signedIn('Mara Okonjo');
		// A machine of its own: what stops it stops nobody else.
		machineId = await anotherSurfaceGrinder(page, 'SG-6');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const card = () => page.getByRole('article').filter({ hasText: 'SG-6' });

	it('a guard left open stops the start that day; put right and told again, it starts', async function () {
		const setup = await new Brought(page, { machineId }).mounted('neutral-first');
		await page.goto(base());
		await card().getByRole('link', { name: 'Morning sheet: not yet' }).click();
		await page.getByRole('heading', { name: 'Morning sheet, SG-6' }).waitFor();
		for (const q of [
			'Dresser returned',
			'Magnet holds',
			'Chuck stoned',
			'Extraction on',
			'Handwheels tried',
			'Table locked'
		])
			await say(page, q, 'Yes');
		await say(page, 'Guard closed', 'No');
		await fill(page, [
			['Oil, level', '60'],
			['Oil, pulls', '2'],
			['Refractometer', '4.6'],
			['Coolant, level', '80'],
			['Hydraulics', '14'],
			['Warmed up', '20']
		]);
		await page.getByRole('status').filter({ hasText: 'Do not start' }).waitFor();
		await page.getByRole('list', { name: 'Put right first' }).getByText('close and latch it').waitFor();
		await accessible(page, 'the morning sheet');
		// What was typed is there again after a reload.
		await page.reload();
		await page.getByRole('status').filter({ hasText: 'Do not start' }).waitFor();
		await press(page, 'Keep it: do not start');
		await page.getByText(/Filled in at .*: it does not start/).waitFor();
		await page.goto(base());
		await card().getByRole('link', { name: 'Morning sheet: does not start' }).waitFor();

		await setup.open('run-in');
		await startSaid(page);
		await press(page, 'Wheel is started');
		await page
			.getByRole('alert')
			.getByText(/SG-6 does not start: guard on this morning's sheet/)
			.waitFor();

		await page.goto(`${base()}/morning/SG-6`);
		for (const q of [
			'Guard closed',
			'Dresser returned',
			'Magnet holds',
			'Chuck stoned',
			'Extraction on',
			'Handwheels tried',
			'Table locked'
		])
			await say(page, q, 'Yes');
		await fill(page, [
			['Oil, level', '20'],
			['Oil, pulls', '2'],
			['Refractometer', '4.6'],
			['Coolant, level', '80'],
			['Hydraulics', '14'],
			['Warmed up', '20']
		]);
		await page.getByRole('status').filter({ hasText: '1 open' }).waitFor();
		await press(page, 'Keep it with what is open');
		await page.getByText(/Filled in at .* shift\.$/).waitFor();
		await setup.open('run-in');
		// Typed before and refused: it stands there still.
		await press(page, 'Wheel is started');
		await page.getByRole('timer').waitFor();
		await page.getByText('open: oil level').waitFor();
	});

	it('asked for by the shop, no machine starts without one', async function () {
		const asked = async (answer: 'Yes' | 'No') => {
			await page.goto(`${base()}/shop`);
			await say(page, 'Morning sheet is asked for', answer);
			await press(page, 'Keep it');
			await page.getByText('Kept.').waitFor();
		};
		const setup = await new Brought(page, {
			machineId: await anotherSurfaceGrinder(page, 'SG-7')
		}).mounted('neutral-first');
		await asked('Yes');
		try {
			await setup.open('run-in');
			await page
				.getByText(/SG-7 has no morning sheet of today/)
				.first()
				.waitFor();
			await startSaid(page);
			await press(page, 'Wheel is started');
			await page
				.getByRole('alert')
				.getByText(/SG-7 has no morning sheet of today/)
				.waitFor();
		} finally {
			await asked('No');
		}
		await setup.open('run-in');
		await press(page, 'Wheel is started');
		await page.getByRole('timer').waitFor();
	});

	it('says where the stops belong for the job, and whether they stand there', async () => {
		await page.goto(`${base()}/morning/SG-6`);
		await say(page, 'Table locked', 'No');
		await fill(page, [
			['Work begins', '100'],
			['Work ends', '300'],
			['Left stop', '75'],
			['Right stop', '280']
		]);
		await page
			.getByRole('img', { name: 'Work from 100 mm to 300 mm; stops belong at 75 mm and 325 mm' })
			.waitFor();
		await page
			.getByRole('list', { name: 'Put right first' })
			.getByText(/runs off the work at both ends/)
			.waitFor();
		await fill(page, [['Right stop', '325']]);
		await page.getByRole('list', { name: 'Put right first' }).waitFor({ state: 'detached' });
	});
});
