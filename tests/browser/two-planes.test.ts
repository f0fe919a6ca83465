import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { DEMO } from '../../src/command/paths.js';
import { row } from '../../src/lib/server/storage/pool.js';
import { GOOD } from '../shared/good-work.js';
import { accessible } from './accessible.js';
import { press } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';

const SHOP = JSON.parse(readFileSync(join(DEMO, 'shop.json'), 'utf8')) as { machines: { code: string }[] };
const WHEEL = {
	number: '7796',
	marking: 'WA 60 H 8 V',
	newDiameterMm: 300,
	diameterMm: 290,
	widthMm: 160,
	boreMm: 76.2,
	minDiameterMm: 180,
	ratedMps: 40,
	place: 'spare'
};
/** Readings of the two planes, plane 1 first: vibration and phase. */
const RUNS = {
	'As it is': [2.4, 40, 1.7, 205],
	'Trial in plane 1': [3.1, 72, 1.9, 222],
	'Trial in plane 2': [2.6, 55, 2.8, 240]
} as const;

describe('a wheel as wide as half its diameter', () => {
	let page: Page;
	let setup = 0;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const post = async (path: string, data: object): Promise<{ id?: number }> => {
		const r = await page.request.post(`${base()}${path}`, { data: { ...data, key: crypto.randomUUID() } });
		expect(r.ok(), `${path}: ${await r.text()}`).to.equal(true);
		return (await r.json()) as { id?: number };
	};
	/** What was done before, up to a step. */
	async function enter(from: string, until: string): Promise<void> {
		const names = GOOD.map(([station, step]) => `${station}.${step}`);
		for (const [station, step, values] of GOOD.slice(names.indexOf(from), names.indexOf(until))) {
			const { version } = (await row<{ version: number }>('SELECT version FROM setups WHERE id = ?', [
				setup
			]))!;
			await post(`/api/setups/${setup}/records`, { station, step, values, version, reason: null });
		}
	}
	const read = async (runs: Readonly<Record<string, readonly number[]>>) => {
		for (const [run, [a1, p1, a2, p2]] of Object.entries(runs))
			for (const [what, value] of [
				['plane 1, vibration', a1],
				['plane 1, phase', p1],
				['plane 2, vibration', a2],
				['plane 2, phase', p2]
			] as const)
				await page.getByLabel(`${run}: ${what}`).fill(String(value));
	};

	it('is brought to Balance on its spindle', async () => {
		const machine = { ...SHOP.machines.find((m) => m.code === 'SG-1'), code: 'SW-1', maxWidthMm: 200 };
		await post('/api/shop/machines', { values: { ...machine, motorPowerKw: 3 } });
		const { id: machineId } = (await row<{ id: number }>("SELECT id FROM machines WHERE code = 'SW-1'"))!;
		await post('/api/wheels', { values: WHEEL });
		const brief = {
			part: 'Wide slideways',
			quantity: 2,
			material: 'steel-hardened',
			operation: 'surface',
			targetRaUm: 0.6,
			machineId
		};
		setup = (await post('/api/setups', { values: brief })).id!;
		const { version } = (await row<{ version: number }>('SELECT version FROM setups WHERE id = ?', [setup]))!;
		const take = { station: 'select', step: 'take', values: { wheelNumber: '7796' }, version, reason: null };
		await post(`/api/setups/${setup}/records`, take);
		await enter('inspect.look', 'run-in.outcome');
		await restartApp(900);
		await enter('run-in.outcome', 'balance.off');
	});

	it('both planes are read, corrected, and read again without a trial', async () => {
		await page.goto(`${base()}/setups/${setup}/balance`);
		await press(page, 'Two planes');
		await read(RUNS);
		for (const [label, value] of [
			['Trial in plane 1', '400'],
			['Trial 1 at', '0'],
			['Trial in plane 2', '400'],
			['Trial 2 at', '0']
		] as const)
			await page.getByRole('textbox', { name: label, exact: true }).fill(value);
		await page
			.getByRole('img', { name: /plane 1, back: 485 g·mm at 95 degrees; plane 2, front: 23[68]/ })
			.waitFor();
		await accessible(page, 'two planes');
		await press(page, 'Book these runs');
		await page.getByRole('heading', { name: 'Put this into both planes' }).waitFor();
		await press(page, 'Put there, run again');
		await page.getByRole('heading', { name: 'Put this into both planes' }).waitFor({ state: 'detached' });
		expect(await page.getByLabel('Trial in plane 1: plane 1, vibration').count()).to.equal(0);
		await read({ 'As it is': [0.02, 40, 0.01, 205] });
		await press(page, 'Book these runs');
		await page.getByRole('heading', { name: 'Inside the grade' }).waitFor();
		await page.getByText('the last roll was inside').waitFor();
	});
});
