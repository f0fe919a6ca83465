import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { inInches } from './accessible.js';
import { SOUND, done, heading, station } from './bench.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { GOOD_CUT } from './to-release.js';
import { booked, hurriedTap, tap, tapYesNo } from './touch.js';

/** Readings of the rim in thou, before and after truing. */
const RIM = [0.47, 0.24, 0.55, 0.87, 1.22, 1.5, 1.18, 1.02, 0.83, 0.35, 0.16, 0.28];
const LEVEL = [0.16, 0.12, 0.2, 0.24, 0.28, 0.31, 0.24, 0.2, 0.16, 0.12, 0.08, 0.12];

describe('an inch shop, by touch, with a hurried finger at every key', () => {
	let page: Page;
	let setup = '';
	const units = async (of: 'mm' | 'inch') => {
		const values = { name: 'Brackwater Pump Rebuild', units: of, timeZone: 'UTC', morningWanted: false };
		const answer = await page.request.post(`${base()}/api/the-shop`, {
			data: { values, key: crypto.randomUUID() }
		});
		expect(answer.ok(), await answer.text()).to.equal(true);
	};
	before(async () => {
		page = await signedIn('Mara Okonjo', { viewport: { width: 820, height: 1180 }, hasTouch: true });
		await units('inch');
	});
	after(async () => {
		await units('mm');
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const fill = (label: RegExp, value: string) =>
		page.getByRole('textbox', { name: label }).first().fill(value);
	const open = async (name: string) => {
		await station(page, name).tap();
		await heading(page, name);
	};
	const inches = async () =>
		Number(
			(
				await page
					.getByText(/^[\d.]+ × [\d.]+ × [\d.]+ in$/)
					.first()
					.innerText()
			).split(' ')[0]
		);
	const sound = async () => {
		for (const [q, a] of SOUND) await tapYesNo(page, q, a);
	};

	it('receives a wheel by the sizes in its marking, as they stand there', async () => {
		await page.goto(`${base()}/rack/new`);
		await fill(/^Marking/, '12 x 1-1/4 x 3 WA 60 H 8 V');
		await page.getByText('diameter 12, width 1.25, bore 3 in', { exact: false }).first().waitFor();
		await tap(page, 'Use the sizes in the marking');
		for (const [label, value] of [
			[/^Diameter when new/, '12'],
			[/^Width/, '1.25'],
			[/^Bore/, '3']
		] as const)
			expect(await page.getByRole('textbox', { name: label }).first().inputValue()).to.equal(value);
		await fill(/^Wheel number/, '7790');
		await fill(/^Scrap diameter/, '7.1');
		await fill(/^Marked speed/, '7800');
		await fill(/^Place/, 'spare');
		await sound();
		await inInches(page, 'receiving');
		await tap(page, /^Accept it onto the rack/);
		await page.waitForURL(/rack\/7790/);
		await inInches(page, 'the wheel');
	});

	it('takes it for a job told in inches', async () => {
		await page.goto(`${base()}/setups/new`);
		await fill(/^Part/, 'Wear plates');
		await fill(/^How many/, '6');
		await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
		await page.keyboard.press('Enter');
		await page.getByLabel('Ground').selectOption({ label: 'surface' });
		await fill(/^Finish wanted/, '24');
		await page.getByRole('radio', { name: /SG-1/ }).check();
		await inInches(page, 'the brief');
		await tap(page, 'Start the setup');
		await heading(page, 'Select');
		setup = /setups\/(\d+)/.exec(page.url())![1]!;
		await page.getByRole('radio', { name: /^7790/ }).tap();
		await inInches(page, 'Select');
		await hurriedTap(page, /^Take wheel/);
		await tap(page, /On to inspecting/);
		await heading(page, 'Inspect: look');
		await sound();
		await inInches(page, 'the look');
		await hurriedTap(page, 'Looked over');
		await heading(page, 'Inspect: ring');
		for (let i = 0; i < 8; i++) await tap(page, /^Clear/);
		await inInches(page, 'the ring');
		await hurriedTap(page, /^Rung/);
		await done(page, 'Inspect');
	});

	it('mounts it and runs it in', async () => {
		await open('Mount');
		await fill(/^Bore, measured/, '3.0015');
		await fill(/^Seat, measured/, '3.0000');
		await tapYesNo(page, /forced/, 'No');
		await inInches(page, 'the fit');
		await hurriedTap(page, 'Slides on by hand');
		await fill(/^Flange run-out/, '0.16');
		for (const b of ['Back blotter', 'Front blotter'])
			await page.getByLabel(b, { exact: true }).selectOption('good');
		await tapYesNo(page, 'Wiped clean', 'Yes');
		await tapYesNo(page, 'Burr or dent found', 'No');
		await inInches(page, 'the flanges');
		await hurriedTap(page, 'Flanges are right');
		await inInches(page, 'the thread');
		await hurriedTap(page, 'Thread is right');
		await hurriedTap(page, 'Tightened in this order');
		await done(page, 'Mount');
		await open('Run in');
		for (const q of ['Guard closed and latched', 'Nobody in line with the rim', 'First run of this wheel'])
			await tapYesNo(page, new RegExp(`^${q}`), 'Yes');
		await inInches(page, 'the start');
		await hurriedTap(page, 'Wheel is started');
		await page.getByRole('timer').waitFor();
		await fill(/^Tachometer/, '2290');
		await hurriedTap(page, 'Book the reading');
		await page.getByRole('button', { name: /Ran free/ }).waitFor();
		await restartApp(900);
		await page.reload();
		await page.getByText('an even hum').tap();
		await inInches(page, 'the free run');
		await hurriedTap(page, /^Ran free/);
		await done(page, 'Run in');
	});

	it('trues it', async () => {
		await open('True');
		const read = async (list: readonly number[]) => {
			for (const [i, r] of list.entries())
				await page.getByLabel(`Reading at ${i * 30} degrees`).fill(String(r));
		};
		await read(RIM);
		await inInches(page, 'the rim');
		await hurriedTap(page, 'Book the readings');
		await inInches(page, 'the truing');
		await tap(page, 'Read the rim again');
		await read(LEVEL);
		await fill(/^Diameter now/, ((await inches()) - 0.004).toFixed(4));
		await tapYesNo(page, 'Spun dry', 'Yes');
		await hurriedTap(page, 'Trued, readings taken');
		await done(page, 'True');
	});

	it('balances it over on the stand and back', async () => {
		await open('Balance');
		await tapYesNo(page, 'Spindle stands and is locked out', 'Yes');
		await page.getByText('two together').tap();
		await tapYesNo(page, 'Tapers wiped, free of burrs', 'Yes');
		await inInches(page, 'over to the stand');
		await hurriedTap(page, 'It lies on the stand');
		await fill(/^Full swing/, '14.2');
		await fill(/^Rested heavy side down/, '197');
		await page
			.getByText(/to \d+°/)
			.first()
			.waitFor();
		await inInches(page, 'a roll');
		await hurriedTap(page, 'Book this roll');
		await inInches(page, 'the weights');
		await hurriedTap(page, 'Weights moved, roll again');
		await page.getByRole('button', { name: 'Book this roll', disabled: false }).waitFor();
		await hurriedTap(page, 'It stays put everywhere');
		await tapYesNo(page, 'Spindle stands and is locked out', 'Yes');
		await tapYesNo(page, 'Tapers wiped, free of burrs', 'Yes');
		await page.getByText('two together').tap();
		await tapYesNo(page, 'Drawn tight, tools out', 'Yes');
		await inInches(page, 'back on the spindle');
		await hurriedTap(page, 'It is back, drawn tight');
		await tapYesNo(page, 'Guard closed and latched', 'Yes');
		await tapYesNo(page, 'Nobody in line with the rim', 'Yes');
		await fill(/^Ran empty for/, '120');
		await page.getByText('an even hum').tap();
		await hurriedTap(page, 'Started, ran empty');
		await done(page, 'Balance');
	});

	it('dresses it, proves it and keeps its book', async () => {
		await open('Dress');
		await inInches(page, 'why and with what');
		await hurriedTap(page, /^Dress it with single point/);
		await fill(/^Diamond (from|above)/, '-0.24');
		await inInches(page, 'the diamond');
		await hurriedTap(page, 'Diamond stands here');
		await fill(/^Traverse/, '7.1');
		await inInches(page, 'the dress');
		await hurriedTap(page, 'Set like this');
		await tapYesNo(page, 'Sounded even across the face', 'Yes');
		await fill(/^Diameter now/, ((await inches()) - 0.004).toFixed(4));
		await hurriedTap(page, /^Dressed, sounds even/);
		await done(page, 'Dress');
		await open('Prove');
		for (const part of ['Hold the work', 'Touch off and trial', 'Release']) {
			await tap(page, new RegExp(`^${part}`));
			await inInches(page, part);
		}
		await fill(/^Ra of the trial cut/, '20');
		for (const [q, a] of GOOD_CUT) await tapYesNo(page, q, a);
		await hurriedTap(page, 'Release to grind');
		await page.getByText('Released to grind.').waitFor();
		await open('Keep');
		await inInches(page, 'Keep');
	});

	it('every key booked once what stood on it, and nothing that came in its place', async () => {
		expect(await booked(page, base(), setup)).to.deep.equal([
			'brief.brief',
			'select.take',
			'inspect.look',
			'inspect.ring',
			'mount.fit',
			'mount.flange',
			'mount.thread',
			'mount.tighten',
			'run-in.start',
			'run-in.speed',
			'run-in.outcome',
			'true.runout',
			'true.plan',
			'true.after',
			'balance.off',
			'balance.swing',
			'balance.move',
			'balance.stays',
			'balance.back',
			'balance.restart',
			'dress.method',
			'dress.position',
			'dress.settings',
			'dress.done',
			'prove.release'
		]);
	});
});
