import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { DEMO } from '../../src/command/paths.js';
import { heading, oneMoreWheel, press, station } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

const SHOP = JSON.parse(readFileSync(join(DEMO, 'shop.json'), 'utf8')) as { machines: { code: string }[] };

/** Every way past a stop of the routes that mount differently: through the page, by direct request, from a tab that was open before. */
describe('a stop of a route stays a stop', () => {
	let page: Page;
	let old: Page;
	let made = 0;
	before(async () => {
		page = await signedIn('Ines Falk');
		old = await signedIn('Tobias Renn');
	});
	after(async () => {
		await page.context().close();
		await old.context().close();
	});
	tellOnFailure(() => page);
	const post = async (path: string, data: object) => {
		const r = await page.request.post(`${base()}${path}`, { data: { ...data, key: crypto.randomUUID() } });
		return {
			status: r.status(),
			body: (await r.json()) as { id?: number; error?: { code: string; message: string } }
		};
	};
	let version = 0;
	const record = async (id: number, s: string, step: string, values: object, seen = version) => {
		const r = await post(`/api/setups/${id}/records`, {
			station: s,
			step,
			values,
			version: seen,
			reason: 'looked at with a lens, run in guarded'
		});
		if (r.status === 200) version++;
		return r;
	};
	async function begun(route: string, code: string, operation: string): Promise<number> {
		const machineId = SHOP.machines.findIndex((m) => m.code === code) + 1;
		const r = await post('/api/setups', {
			values: {
				part: `Stop ${++made}`,
				quantity: 2,
				material: 'steel-hardened',
				operation,
				targetRaUm: 0.8,
				machineId,
				route
			}
		});
		version = 1;
		return r.body.id!;
	}
	async function inspected(id: number, wheel: Record<string, unknown>): Promise<string> {
		const number = `79${String(++made).padStart(2, '0')}`;
		expect(
			(
				await post('/api/wheels', {
					values: { number, marking: 'WA 60 K 7 V', place: 'spare', ratedMps: 50, ...wheel }
				})
			).status
		).to.equal(200);
		expect((await record(id, 'select', 'take', { wheelNumber: number })).status).to.equal(200);
		await record(id, 'inspect', 'look', {
			crack: false,
			dropped: false,
			markingLegible: true,
			boreClean: true,
			facesClean: true,
			moisture: 'none',
			blotterState: 'fitted',
			chips: []
		});
		await record(id, 'inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') });
		return number;
	}
	/** Refused by direct request, whatever state it claims to have seen. */
	async function refused(id: number, s: string, step: string, values: object, code: RegExp): Promise<void> {
		const r = await record(id, s, step, values);
		expect(r.status, JSON.stringify(r.body)).to.equal(409);
		expect(r.body.error!.code).to.match(code);
		expect((await record(id, s, step, values, 1)).status).to.equal(409);
	}
	const fill = async (on: Page, list: readonly (readonly [string, string])[]) => {
		for (const [label, value] of list)
			await on
				.getByLabel(new RegExp(`^${label}(\\sif known)?$`))
				.first()
				.fill(value);
	};

	it('a bore of 31.75 on a seat of 32', async () => {
		const id = await begun('tool-pack', 'TC-1', 'tool-cutter');
		await inspected(id, {
			newDiameterMm: 150,
			diameterMm: 149,
			widthMm: 20,
			boreMm: 31.75,
			minDiameterMm: 75,
			massKg: 0.9
		});
		await old.goto(`${base()}/setups/${id}/mount`);
		await page.goto(`${base()}/setups/${id}/mount`);
		await fill(page, [
			['Seat diameter', '32'],
			['Seat length', '10'],
			['Thread end', '30'],
			['Nut thickness', '8']
		]);
		await page.getByText(/Stop/).first().waitFor();
		await press(page, /^Keep the stack/);
		await page
			.getByRole('complementary')
			.getByText(/31\.75/)
			.first()
			.waitFor();
		version++;
		await refused(id, 'mount', 'tighten', { done: true }, /mount\.stack/);
		await refused(id, 'run-in', 'speed', { measuredRpm: 3300, stage: 'after-wheel' }, /mount\.stack/);
		await old.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(old, 'Thread is right');
		await old.getByText(/Ines Falk changed this setup meanwhile/).waitFor();
		await press(old, 'Thread is right');
		await press(old, 'Tightened in this order');
		await old
			.getByRole('alert')
			.getByText(/31\.75/)
			.waitFor();
	});

	it('a quill above its critical speed', async () => {
		const id = await begun('glued-internal', 'IG-3', 'internal');
		await inspected(id, {
			newDiameterMm: 45,
			diameterMm: 44,
			widthMm: 25,
			boreMm: 10,
			minDiameterMm: 28,
			massKg: 0.09
		});
		await old.goto(`${base()}/setups/${id}/mount`);
		await page.goto(`${base()}/setups/${id}/mount`);
		await fill(page, [
			['Overhang', '140'],
			['Quill diameter', '8'],
			['Grinding force', '15'],
			['Limit of the quill', '50000'],
			['Next dress', '10']
		]);
		await page.getByText('it would whirl', { exact: false }).first().waitFor();
		await press(page, 'Quill is right');
		await page.getByRole('complementary').getByText('it would whirl', { exact: false }).waitFor();
		version++;
		await refused(id, 'mount', 'tighten', { done: true }, /mount\.quill/);
		await fill(old, [
			['Overhang', '45'],
			['Quill diameter', '9.5'],
			['Grinding force', '15'],
			['Limit of the quill', '50000'],
			['Next dress', '10']
		]);
		await press(old, 'Quill is right');
		await old.getByText(/Ines Falk changed this setup meanwhile/).waitFor();
		expect(await old.getByLabel('Overhang', { exact: true }).inputValue()).to.equal('45');
	});

	it('a spindle that a crash has bent', async () => {
		const id = await begun('crash-recovery', 'SG-1', 'surface');
		await oneMoreWheel(page, base());
		await page.goto(`${base()}/setups/${id}/machine`);
		await old.goto(`${base()}/setups/${id}/machine`);
		await fill(page, [
			['Taper', '4'],
			['Flange', '30']
		]);
		await page
			.getByText(/The spindle is hurt/)
			.first()
			.waitFor();
		await press(page, 'Book the readings');
		await page
			.getByRole('complementary')
			.getByText(/The spindle is hurt/)
			.waitFor();
		version++;
		await refused(id, 'select', 'take', { wheelNumber: '7701' }, /machine\.runout/);
		await refused(
			id,
			'run-in',
			'start',
			{ guardClosed: true, peopleClear: true, firstRun: true },
			/machine\.runout/
		);
		await station(old, 'Select').click();
		await heading(old, 'Select');
		await press(old, /^Take wheel/);
		await old
			.getByRole('alert')
			.getByText(/The spindle is hurt/)
			.or(old.getByText(/changed this setup meanwhile/))
			.first()
			.waitFor();
	});

	it('a tachometer above what the wheel allows', async () => {
		const id = await begun('bench-grinder', 'SG-1', 'surface');
		await inspected(id, {
			newDiameterMm: 300,
			diameterMm: 299,
			widthMm: 32,
			boreMm: 76.2,
			minDiameterMm: 180,
			massKg: 4.66,
			ratedMps: 40
		});
		const flange = {
			backFlangeDiameterMm: 115,
			frontFlangeDiameterMm: 115,
			backRecessDiameterMm: 92,
			frontRecessDiameterMm: 92,
			clean: true,
			burred: false,
			runoutUm: 3,
			backBlotter: 'good',
			frontBlotter: 'good',
			blotterOuterMm: 120,
			blotterInnerMm: 77,
			blotterThicknessMm: 0.5
		};
		for (const [step, values] of [
			['fit', { boreMm: 76.25, arborMm: 76.2, forced: false }],
			['flange', flange],
			['thread', {}]
		] as const)
			expect((await record(id, 'mount', step, values)).status, step).to.equal(200);
		await record(id, 'mount', 'bench', {
			restGapMm: 5,
			tongueGapMm: 4,
			restAtCentre: true,
			guardsOn: true,
			shieldClear: true,
			boltedDown: true
		});
		await page.goto(`${base()}/setups/${id}/mount`);
		await page.getByRole('complementary').getByText(/rest/i).first().waitFor();
		await refused(id, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' }, /mount\./);
		expect(
			(
				await record(id, 'mount', 'bench', {
					restGapMm: 2,
					tongueGapMm: 4,
					restAtCentre: true,
					guardsOn: true,
					shieldClear: true,
					boltedDown: true
				})
			).status
		).to.equal(200);
		expect((await record(id, 'mount', 'tighten', { done: true })).status).to.equal(200);
		await old.goto(`${base()}/setups/${id}/run-in`);
		await page.goto(`${base()}/setups/${id}/run-in`);
		await page.getByText('read on the bare spindle').click();
		await page.getByLabel('Tachometer', { exact: true }).fill('2700');
		await press(page, 'Book this reading');
		await page.getByRole('complementary').getByText(/2700/).first().waitFor();
		version++;
		await refused(
			id,
			'run-in',
			'start',
			{ guardClosed: true, peopleClear: true, firstRun: true },
			/run-in\.speed/
		);
		await old.reload();
		expect(await old.getByRole('button', { name: 'Wheel is started' }).count()).to.equal(0);
	});
});
