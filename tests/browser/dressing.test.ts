import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { accessible } from './accessible.js';
import { done, press, say } from './bench.js';
import { CUP, METAL, CREEP, BENCH, LATHE, ROLLED, ERODED, HELD, SIDES, ZERO, AGAIN } from './dress-cases.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import {
	type Case,
	anotherBenchGrinder,
	broughtToDress,
	dressWith,
	field,
	openDress,
	provedAndReleased,
	ranEven,
	redressed
} from './to-dress.js';

/** The face looked at and found right. */
async function looked(page: Page, parallel?: 'Yes' | 'No'): Promise<void> {
	for (const [q, a] of [
		['Face straight', 'Yes'],
		['Corners right', 'Yes'],
		['Grooves left', 'No'],
		['Rest back at its gap', 'Yes']
	] as const)
		await say(page, q, a);
	if (parallel) await say(page, 'Face parallel to the lathe', parallel);
	await press(page, 'Face looked at');
}

describe('dressing with everything a shop has', () => {
	let page: Page;
	before(async function () {
		page = await signedIn('Mara Okonjo');
		await anotherBenchGrinder(page, 'BG-9');
		await broughtToDress(page, [CUP, METAL, CREEP, BENCH, LATHE]);
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a diamond cup: truing wheel with its own look and ring, strokes, then the stick until it is open', async function () {
		await openDress(page, CUP);
		await page.getByText('Diamond on diamond', { exact: false }).first().waitFor();
		await dressWith(page, 'not round: runs out, just mounted', 'truing wheel');
		await field(page, 'Truing wheel turns').fill('9000');
		await say(page, 'Truing wheel looked over', 'Yes');
		await say(page, 'Truing wheel rings clear', 'Yes');
		await page
			.getByText(/is above the .* marked on it/)
			.first()
			.waitFor();
		expect(await page.getByRole('button', { name: /^Truing wheel is sound/ }).isDisabled()).to.equal(true);
		await field(page, 'Truing wheel turns').fill('5200');
		await accessible(page, 'truing wheel');
		await press(page, /^Truing wheel is sound/);
		await page.getByRole('img', { name: /come off at the high place/ }).waitFor();
		await accessible(page, 'truing');
		await press(page, /^True it like this/);
		await ranEven(page, 'Cut all round, even to hear', [['Truing wheel now', '74.6']]);
		await page.getByText('Opened with the stick', { exact: true }).waitFor();
		const pressed = page.getByRole('img', { name: /presses/ });
		const opened = async () => {
			for (let n = 1; n <= 9; n++) {
				await press(page, 'Press of the stand-in');
				await page.getByRole('img', { name: new RegExp(`^${n} presses`) }).waitFor();
			}
		};
		await opened();
		expect(await pressed.getAttribute('aria-label')).to.match(/9 presses, the last at [23]\d % of the first/);
		await accessible(page, 'stick');
		await press(page, /^Opened/);
		await provedAndReleased(page, '0.28');
		await redressed(
			page,
			'Cut all round, even to hear',
			[
				['Taken off', '10'],
				['Rim depth now', '2.97']
			],
			async () => {
				await page.getByText('The wheel is', { exact: true }).waitFor();
				await opened();
				await press(page, /^Opened/);
			}
		);
		await page.goto(`${base()}/rack/7201`);
		await page
			.getByText(/Redressed/)
			.first()
			.waitFor();
	});

	it('a metal bond: the wire floods first, and the grain is looked at afterwards', async function () {
		await openDress(page, METAL);
		await dressWith(page, 'not round: runs out, just mounted', 'wire erosion');
		for (const [label, value] of [
			['Gap', '18'],
			['Wire feed', '7'],
			['Rough current', '7'],
			['Fine current', '1.6'],
			['Stock', '40']
		] as const)
			await page.getByLabel(label, { exact: true }).fill(value);
		await say(page, /^Flooded/, 'No');
		await page.getByText('Never without flood', { exact: false }).first().waitFor();
		expect(await page.getByRole('button', { name: /^Set like this/ }).isDisabled()).to.equal(true);
		await say(page, /^Flooded/, 'Yes');
		await say(page, /^Mist drawn off/, 'Yes');
		await page
			.getByText(/^\d+:\d\d/)
			.first()
			.waitFor();
		await accessible(page, 'wire');
		await press(page, /^Set like this/);
		await page.getByText('Pass 1 of', { exact: false }).waitFor();
		await accessible(page, 'pass by pass');
		await ranEven(page, 'Eroded evenly all round', [['Left on the spool', '1700']]);
		await page.getByLabel('Bare grain').fill('24');
		await accessible(page, 'bare grain');
		await press(page, /^Looked at/);
		await provedAndReleased(page, '0.35');
		await redressed(page, 'Eroded evenly all round', [], async () => {
			await page.getByText('Grains stand proud by', { exact: true }).waitFor();
			await page.getByLabel('Bare grain').fill('22');
			await press(page, /^Looked at/);
		});
	});

	it('creep feed: a form roll, and twice again after the release', async function () {
		await openDress(page, CREEP);
		await page.getByText('a profile', { exact: true }).click();
		await dressWith(page, 'form out of tolerance', 'driven form roll');
		await page.getByLabel('Roll speed').fill('3600');
		await page.getByText(/too near/).waitFor();
		await press(page, /^Take [\d ]+ rpm/);
		await page
			.getByText('nothing repeats within 4 turns', { exact: true })
			.or(page.getByText(/turn: nothing repeats/))
			.first()
			.waitFor();
		await page.getByLabel('Roll speed').fill('2790');
		await page.getByText('opens the wheel').waitFor();
		await accessible(page, 'roll');
		await press(page, /^Set like this/);
		await page.getByText('Pass 1 of 1', { exact: false }).waitFor();
		await press(page, /^Even/);
		await page.getByText('all made').waitFor();
		await ranEven(page, 'Sounded even across the face');
		await provedAndReleased(page, '0.7');
		await redressed(page, 'Sounded even across the face');
		await redressed(page, 'Sounded even across the face');
	});

	it('a bench wheel: the star cutter on its rest, then the stick, never on the guard', async function () {
		await openDress(page, BENCH);
		await dressWith(page, 'lines on the part, face not straight', 'hand dresser', /^S-1/);
		await page.getByText('the hand alone').click();
		await page.getByRole('radio', { name: 'guard' }).check();
		await say(page, 'Rest set with the wheel standing', 'Yes');
		await page.getByLabel('Rest moved back to').fill('34');
		await page.getByText('Never on the guard', { exact: false }).first().waitFor();
		expect(await page.getByRole('button', { name: /stand like this/ }).isDisabled()).to.equal(true);
		await page.getByRole('radio', { name: 'rest', exact: true }).check();
		await accessible(page, 'rest and tool');
		await press(page, /^Rest and tool stand like this/);
		await ranEven(page, 'Cut evenly over the face', [['Diameter now', '199.4']]);
		await accessible(page, 'face');
		await looked(page);
		await provedAndReleased(page, '1.4');
		await page.goto(`${base()}/setups/${BENCH.id}/dress`);
		await dressWith(page, 'lines on the part, face not straight', 'hand dresser', /^HS-1/);
		await page.getByText('the hand alone').click();
		await page.getByRole('radio', { name: 'rest', exact: true }).check();
		await say(page, 'Rest set with the wheel standing', 'Yes');
		await page.getByLabel('Rest moved back to').fill('27');
		await press(page, /^Rest and tool stand like this/);
		await page.getByLabel('Taken off', { exact: true }).waitFor();
		await say(page, 'Cut evenly over the face', 'Yes');
		await page.getByLabel('Taken off', { exact: true }).fill('50');
		await page.getByLabel('Diameter now').fill('199.3');
		await say(page, /^Burn/, 'No');
		await say(page, /^Chatter/, 'No');
		await say(page, 'Sounds normal', 'Yes');
		await press(page, /^Dressed, back to grinding/);
		await page.getByText('Corners right').waitFor();
		await looked(page);
		await done(page, 'Dress');
	});

	it('a lathe wheel: the tool on centre, its face parallel to the lathe', async function () {
		await openDress(page, LATHE);
		await dressWith(page, 'lines on the part, face not straight', 'hand dresser', /^HS-1/);
		await page.getByText('a jig', { exact: true }).click();
		await page.getByRole('radio', { name: 'rest', exact: true }).check();
		await say(page, 'Rest set with the wheel standing', 'Yes');
		await page.getByLabel('Tool meets the wheel at').fill('2');
		await page.getByText('Above centre the wheel lifts the tool', { exact: false }).first().waitFor();
		await page.getByLabel('Tool meets the wheel at').fill('-0.5');
		await press(page, /^Tool stands like this/);
		await ranEven(page, 'Cut evenly over the face', [['Diameter now', '59.8']]);
		await looked(page, 'No');
		await page.getByText('would grind a cone', { exact: false }).first().waitFor();
		await say(page, 'Face parallel to the lathe', 'Yes');
		await press(page, 'Face looked at');
		await provedAndReleased(page, '0.7');
		await redressed(
			page,
			'Cut evenly over the face',
			[
				['Taken off', '40'],
				['Diameter now', '59.7']
			],
			async () => {
				await page.getByText('Face parallel to the lathe').waitFor();
				await looked(page, 'Yes');
			}
		);
	});

	describe('stops of dressing hold', () => {
		interface Answer {
			status: number;
			error: { code: string; field?: string; message: string };
		}
		const versionOf = async (c: Case): Promise<number> => {
			const exported = await page.request.get(`${base()}/api/setups/${c.id}/export.json`);
			return ((await exported.json()) as { setup: { version: number } }).setup.version;
		};
		/** Asks for a step directly, as the page would or with the version of a tab that was open before. */
		async function ask(c: Case, step: string, values: object, older = 0): Promise<Answer> {
			const version = (await versionOf(c)) - older;
			const r = await page.request.post(`${base()}/api/setups/${c.id}/records`, {
				data: {
					station: 'dress',
					step,
					values,
					version,
					key: crypto.randomUUID(),
					reason: 'it always went well'
				}
			});
			return { status: r.status(), ...((await r.json()) as Omit<Answer, 'status'>) };
		}
		for (const [what, c, method] of [
			['a diamond on a diamond wheel', CUP, 'single-point'],
			['a nib of diamonds on a diamond wheel', METAL, 'cluster'],
			['crushing a resin bond', CUP, 'crush-roll'],
			['a wire on a bond that does not conduct', CREEP, 'wire-edm'],
			['a wire on resin', CUP, 'wire-edm']
		] as const)
			it(`${what} is no way that can be asked for`, async () => {
				const r = await ask(c, 'method', { seen: 'dull', method });
				expect([r.status, r.error.field], JSON.stringify(r)).to.deep.equal([400, 'method']);
			});
		for (const [what, c, step, values] of [
			[
				'a truing wheel over its rating',
				CUP,
				'truer',
				{ sound: true, ringsClear: true, truingWheelSpeedRpm: 9000 }
			],
			['a cracked truing wheel', CUP, 'truer', { sound: false, ringsClear: true, truingWheelSpeedRpm: 4000 }],
			['a roll over its speed', CREEP, 'roll', { ...ROLLED, rollSpeedRpm: 9000 }],
			['a roll that stands', CREEP, 'roll', { ...ROLLED, rollSpeedRpm: 0 }],
			['a bite over the limit', CREEP, 'roll', { ...ROLLED, feedUmPerRev: 5.2 }],
			['a wire without flood', METAL, 'wire', { ...ERODED, flooded: false }],
			['a tool held against the guard', BENCH, 'hand', { ...HELD, restsOn: 'guard' }],
			['a tool above the centre of the lathe', LATHE, 'hand', { ...HELD, toolHeightMm: 2 }],
			['a dresser that bites away from the wheel', CREEP, 'side', { ...SIDES, dressBites: 'x-plus' }],
			['a zero moved the wrong way', CREEP, 'zero', { ...ZERO, touchZeroMm: 50.03 }]
		] as [string, Case, string, object][])
			it(`${what} lets nothing be dressed`, async () => {
				const asked = await ask(c, step, values);
				// What may not even be asked for is refused at once; what is measured is kept as the stop that it is.
				if (asked.status === 200) {
					const again = await ask(c, 'again', AGAIN);
					expect(again.status, JSON.stringify(again)).to.equal(409);
					expect(again.error.message).to.match(/^Stopped/);
				} else expect([400, 409], JSON.stringify(asked)).to.include(asked.status);
				const old = await ask(c, 'again', AGAIN, 1);
				expect(old.status, 'an old tab').to.equal(409);
			});
	});
});
