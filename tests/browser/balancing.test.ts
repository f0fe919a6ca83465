import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { DEMO } from '../../src/command/paths.js';
import { practiceWheel } from '../../src/core/balance/practice/round.js';
import { Roll, bottomOf, phiOf } from '../../src/core/balance/stand-physics.js';
import { twoWeights } from '../../src/core/balance/two-weights.js';
import { DEG, add, angleOf, len, vec } from '../../src/core/numeric/angles.js';
import { done, heading, press, say, station } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './ground.js';
import { dressed, level, readings, released } from './to-release.js';

const SHOP = JSON.parse(readFileSync(join(DEMO, 'shop.json'), 'utf8')) as {
	machines: { code: string; mount: string }[];
	mounts: {
		code: string;
		massKg: number;
		inertiaKgM2: number;
		journalRadiusMm: number;
		trackRadiusMm: number;
		weightMassG: number;
		weightCount: number;
	}[];
};
const MOUNT = SHOP.mounts.find((m) => m.code === SHOP.machines.find((x) => x.code === 'SG-1')!.mount)!;
const WHEEL = {
	marking: 'WA 60 H 8 V',
	newDiameterMm: 300,
	diameterMm: 299,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.66,
	ratedMps: 40,
	place: 'spare'
};
const FLANGE = {
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

describe('truing and balancing', () => {
	let page: Page;
	let made = 0;
	let version = 0;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const post = async (path: string, data: object) => {
		const r = await page.request.post(`${base()}${path}`, { data: { ...data, key: crypto.randomUUID() } });
		const text = await r.text();
		expect(r.ok(), text).to.equal(true);
		return JSON.parse(text) as { id?: number };
	};
	const record = async (id: number, s: string, step: string, values: object) => {
		await post(`/api/setups/${id}/records`, { station: s, step, values, version });
		version++;
	};
	const MOUNTING: readonly [string, string, object][] = [
		[
			'inspect',
			'look',
			{
				crack: false,
				dropped: false,
				markingLegible: true,
				boreClean: true,
				facesClean: true,
				moisture: 'none',
				blotterState: 'fitted',
				chips: []
			}
		],
		['inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') }],
		['mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false }],
		['mount', 'flange', FLANGE],
		['mount', 'thread', {}],
		['mount', 'tighten', { done: true }]
	];
	/** A setup of its own, mounted; run in as well when asked for. */
	async function mounted(route: string): Promise<number> {
		const number = `75${String(++made).padStart(2, '0')}`;
		await post('/api/wheels', { values: { ...WHEEL, number } });
		const { id } = await post('/api/setups', {
			values: {
				part: `Balance ${made}`,
				quantity: 3,
				material: 'steel-hardened',
				operation: 'surface',
				targetRaUm: 0.8,
				machineId: SHOP.machines.findIndex((m) => m.code === 'SG-1') + 1,
				route
			}
		});
		version = 1;
		await record(id!, 'select', 'take', { wheelNumber: number });
		for (const [s, step, values] of MOUNTING) await record(id!, s, step, values);
		return id!;
	}
	async function ranIn(id: number): Promise<void> {
		await record(id, 'run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' });
		await record(id, 'run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true });
		await restartApp(600);
		await record(id, 'run-in', 'outcome', { heard: 'normal' });
	}
	/** Run in, found true already, and dressed. */
	async function trueAndDressed(id: number): Promise<void> {
		await ranIn(id);
		await page.goto(`${base()}/setups/${id}/true`);
		await readings(page, level);
		await press(page, 'Runs true already');
		await done(page, 'True');
		await dressed(page);
	}
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
	/** The simulated stand: nine turning points of the wheel as it is, pushed gently, and the time from first to last. */
	function rollOnStand(
		massKg: number,
		inertiaKgM2: number,
		now: { x: number; y: number }
	): { marks: number[]; timeS: number } {
		const heavy = angleOf(now);
		const roll = new Roll(
			{
				massKg,
				inertiaKgM2,
				unbalanceKgM: len(now) / 1e6,
				rhoM: MOUNT.journalRadiusMm / 1000,
				rollingArmM: 0.000004,
				viscousNmS: 0,
				slope: 0,
				discInertiaKgM2: null
			},
			phiOf(heavy, heavy + 40),
			-10 * DEG
		).run(0.02, 900);
		const narrow = roll.turnings.findIndex(
			(t, i) => i + 1 < roll.turnings.length && Math.abs(roll.turnings[i + 1]!.phi - t.phi) / 2 < 60 * DEG
		);
		const used = roll.turnings.slice(Math.max(0, narrow), Math.max(0, narrow) + 9);
		return {
			marks: used.map((t) => Math.round(bottomOf(heavy, t.phi))),
			timeS: used.at(-1)!.timeS - used[0]!.timeS
		};
	}

	it('reads the rim off the dial while it is turned, counts the passes over a reload, and balances on the simulated stand', async function () {
		this.timeout(120_000);
		await standIn('30');
		const id = await mounted('toolroom');
		await ranIn(id);
		await page.goto(`${base()}/setups/${id}/true`);
		await page.getByText('balance it roughly before its first run').waitFor();
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
		await page.goto(`${base()}/setups/${id}/true`);
		await press(page, 'Read the rim again');
		await page.getByRole('button', { name: 'Read while turning' }).click();
		await streamed();
		await page.getByLabel('Diameter now').fill('298.9');
		await say(page, 'Spun dry', 'Yes');
		await press(page, 'Trued, readings taken');
		await done(page, 'True');

		await station(page, 'Balance').click();
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
			const finished = page
				.getByRole('button', { name: 'Balanced, go on' })
				.or(page.getByRole('link', { name: /On to dressing/ }))
				.or(page.getByRole('button', { name: /On to dressing/ }))
				.first();
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
		await done(page, 'Balance');
	});

	it('an odd reading is asked about, never dropped; the dial may count the other way', async () => {
		const id = await mounted('toolroom');
		await ranIn(id);
		await page.goto(`${base()}/setups/${id}/true`);
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

	it('balanced on the bench first, then run in, trued, dressed and released', async function () {
		this.timeout(90_000);
		const id = await mounted('stand-first');
		await page.goto(`${base()}/setups/${id}/balance`);
		await page.getByRole('button', { name: 'Level the stand' }).click();
		for (const [label, v] of [
			['Along A to B, mm/m', '0.02'],
			['Towards C, mm/m', '-0.03'],
			['Foot spacing', '420'],
			['Foot depth', '310'],
			['Screw pitch', '1.5']
		] as const)
			await page.getByLabel(label).first().fill(v);
		await page.getByText('Level enough').waitFor();
		await press(page, 'Book the level');
		await page.getByText('Stand is level', { exact: true }).waitFor();
		await page.getByLabel('Full swing, there and back').fill('14');
		await page.getByLabel(/Rested heavy side down at/).fill('197');
		await press(page, 'Book this roll');
		await press(page, 'Weights moved, roll again');
		await press(page, 'It stays put everywhere');
		await done(page, 'Balance');
		version = (
			(await (await page.request.get(`${base()}/api/setups/${id}/export.json`)).json()) as {
				setup: { version: number };
			}
		).setup.version;
		await trueAndDressed(id);
		await released(page);
	});

	it('balanced in the machine by its own balancer, after dressing', async function () {
		this.timeout(90_000);
		const id = await mounted('in-machine');
		await trueAndDressed(id);
		await station(page, 'Balance').click();
		await page.getByRole('button', { name: 'Run the stand-in' }).click();
		await done(page, 'Balance');
		await released(page);
	});

	it('a rest tells only a direction, vibration tells both; dimples are not booked against a stop, screws want another roll', async function () {
		this.timeout(60_000);
		const id = await mounted('stand-first');
		await page.goto(`${base()}/setups/${id}/balance`);
		await page.getByLabel('Measured by').selectOption('rest');
		await page.getByLabel('Rested heavy side down at').fill('75');
		await page.getByText('amount not known yet').waitFor();
		await page.getByText('The direction is known, the amount not yet.', { exact: false }).waitFor();
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
		await page.getByRole('button', { name: 'Screws and dimples' }).click();
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
		const direct = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'balance',
				step: 'dimples',
				values: { drillDiameterMm: 10, pointAngleDeg: 130, depthMm: 3, radiusMm: 110, makerConsent: false },
				version: version + 1,
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

	it('the practice stand, by keyboard alone', async function () {
		this.timeout(60_000);
		const seed = 12;
		const w = practiceWheel(seed);
		const right = twoWeights
			.run({ unbalanceGmm: len(w.U), heavyAngleDeg: angleOf(w.U), massG: w.u / 50, radiusMm: 50 })
			.placements.map((p) => Math.round(p.angleDeg));
		await page.goto(`${base()}/practice/stand?seed=${seed}`);
		await heading(page, 'Practice stand');
		await page.keyboard.press('Enter');
		await page.getByText('Chalk the bottom where it turns round').waitFor();
		await page
			.getByText(/\d+° at the bottom/)
			.first()
			.waitFor();
		for (let i = 0; i < 2; i++) await page.keyboard.press('Space');
		await page.getByText(/^\d+°\s+\d+°$/).waitFor();
		await page.keyboard.press('r');
		await page.getByText(/It rests with/).waitFor();
		await page.keyboard.press('c');
		await page.getByText(/Three turning marks at least/).waitFor();
		for (const [i, name] of ['A, degrees', 'B, degrees'].entries()) {
			await page.getByLabel(name).focus();
			await page.keyboard.press('Control+A');
			await page.keyboard.type(String(right[i]));
			await page.keyboard.press('Tab');
		}
		await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await page.keyboard.press('Enter');
		await page.getByText('Chalk the bottom where it turns round').waitFor();
		await page.keyboard.press('r');
		await page
			.getByText(/It rests with|did not move/)
			.first()
			.waitFor();
		await page.keyboard.press('g');
		await page.getByText('Inside the tolerance', { exact: true }).waitFor();
		await page
			.getByRole('table', { name: 'Best runs at the practice stand' })
			.getByText('Mara Okonjo')
			.waitFor();
	});
});
