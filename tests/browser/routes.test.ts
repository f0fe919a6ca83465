import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { done, heading, oneMoreWheel, press, say, station } from './bench.js';
import { balanced, dressed, mounted, readDial, released, runIn, trued } from './to-release.js';
import { base, restartApp, signedIn, tellOnFailure } from './ground.js';

let part = 0;
async function begin(page: Page, route: string, machine: RegExp, work: string): Promise<string> {
	await page.goto(`${base()}/setups/new`);
	await page.getByLabel('Part', { exact: true }).fill(`Route ${++part}`);
	await page.getByLabel('How many').fill('4');
	await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
	await page.keyboard.press('Enter');
	await page.getByLabel('Ground').selectOption({ label: work });
	await page.getByLabel('Finish wanted, Ra').fill('0.8');
	await page.getByRole('radio', { name: machine }).check();
	await page.getByLabel('Route').selectOption({ label: route });
	await press(page, 'Start the setup');
	await page.waitForURL(/setups\/\d+\//);
	return /setups\/(\d+)/.exec(page.url())![1]!;
}
async function takeAndInspect(page: Page, rings: boolean): Promise<void> {
	await oneMoreWheel(page, base());
	await heading(page, 'Select');
	await press(page, /^Take wheel/);
	await press(page, /On to inspecting/);
	await heading(page, 'Inspect: look');
	for (const [q, a] of [
		['A crack anywhere', 'No'],
		['It fell or was hit', 'No'],
		['Marking and speed can be read', 'Yes'],
		['Bore clean', 'Yes'],
		['Faces clean', 'Yes']
	] as const)
		await say(page, q, a);
	await press(page, 'Looked over');
	await heading(page, 'Inspect: ring');
	if (rings) {
		await press(page, /^Clear at all/);
		await press(page, /^Rung/);
	} else {
		await press(page, 'Go on without a ring');
		await page.getByLabel('Why may it go on?').fill('looked at with a lens, run in guarded');
		await press(page, 'Go on with this reason');
	}
	await done(page, 'Inspect');
}
const fill = async (page: Page, fields: readonly (readonly [string, string])[]) => {
	for (const [label, value] of fields) await page.getByLabel(label, { exact: true }).first().fill(value);
};

/** Something went wrong on a setup of its own: the plan, step by step, until a lead closes it. */
async function crashed(page: Page): Promise<void> {
	const id = await begin(page, 'Toolroom', /SG-1/, 'surface');
	await page.goto(`${base()}/setups/${id}/wrong`);
	await page.getByLabel('What happened').selectOption('hard-crash');
	await page
		.getByRole('region', { name: 'What follows' })
		.getByText('The wheel is scrap, even if it rings.')
		.waitFor();
	await say(page, 'Somebody is hurt', 'No');
	await say(page, /^Made safe/, 'Yes');
	await page.getByLabel('What you saw').fill('table ran into the wheel');
	await press(page, 'Stop everything here');
	await page.waitForURL(/incidents\/\d+$/);
	for (const label of ['Guard', 'Flanges']) {
		const g = page.getByRole('group', { name: label, exact: true });
		await g.getByRole('radio', { name: 'sound' }).check();
	}
	await page
		.getByRole('group', { name: 'Spindle taper', exact: true })
		.getByRole('radio', { name: 'sound' })
		.check();
	await readDial(page);
	await readDial(page, 1);
	for (const q of ['Polish marks', 'Lumps on the chuck', 'Hollows in the chuck', 'Spindle noisy'])
		await say(page, q, 'No');
	await press(page, 'Keep the findings');
	const boxes = page.getByRole('region', { name: 'The plan' }).getByRole('checkbox');
	expect(await page.getByRole('button', { name: 'Close the incident' }).isDisabled()).to.equal(true);
	const direct = await page.request.post(page.url().replace('/incidents/', '/api/incidents/'), {
		data: { close: true, version: 99, key: crypto.randomUUID() }
	});
	expect(direct.status()).to.equal(409);
	for (let i = 1, n = (await boxes.count()) - 1; i < n; i++) await boxes.nth(i).check();
	await page.getByText(/Starts again at Select/).waitFor();
	await page.getByText('Mara Okonjo,').first().waitFor();
	await page.getByRole('button', { name: 'Close the incident' }).and(page.locator(':enabled')).click();
	await page.getByText(/^Closed by/).waitFor();
	expect(await page.getByRole('link', { name: 'Start the recovery setup' }).getAttribute('href')).to.match(
		/machine=\d+&route=crash-recovery/
	);
}
describe('routes that mount differently', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('a lead changes the order by keyboard and adds a check; a setup under way keeps its own', async () => {
		const old = await begin(page, 'Toolroom', /SG-1/, 'surface');
		await page.goto(`${base()}/shop/routes/toolroom`);
		await heading(page, 'Route: Toolroom');
		await page.getByRole('button', { name: 'Move Mount up' }).click();
		await page.getByLabel('Why it changes').fill('for this test only');
		await press(page, /^Keep as version/);
		await page
			.getByText(/Inspect comes before Mount, always/)
			.first()
			.waitFor();
		await page.getByRole('button', { name: 'Move Mount down' }).click();
		await page.getByRole('button', { name: 'Add a check' }).click();
		await page.getByLabel('Station of check 1').selectOption('Select');
		await page.getByLabel('What check 1 asks').fill('Coolant topped up');
		await press(page, /^Keep as version 2/);
		await page.getByText('Version 2. A setup keeps').waitFor();
		const fresh = await begin(page, 'Toolroom', /SG-1/, 'surface');
		await page.getByRole('button', { name: 'Coolant topped up: yes' }).click();
		await page.getByRole('button', { name: 'Coolant topped up: yes', pressed: false }).waitFor();
		await page.goto(`${base()}/setups/${old}/select`);
		await heading(page, 'Select');
		expect(await page.getByText('Coolant topped up').count()).to.equal(0);
		expect(fresh).not.to.equal(old);
		await page.goto(`${base()}/shop/routes/toolroom`);
		await page.getByRole('button', { name: 'Take check 1 away' }).click();
		await page.getByLabel('Why it changes').fill('back to the shipped one');
		await press(page, /^Keep as version 3/);
		await page.getByText('Version 3. A setup keeps').waitFor();
	});

	it('a tool pack: built from the rack, ordered by dragging, measured, stood for, released; an edit takes it away', async function () {
		this.timeout(120_000);
		const other = `78${String(++part).padStart(2, '0')}`;
		const made = await page.request.post(`${base()}/api/wheels`, {
			data: {
				values: {
					number: other,
					marking: 'WA 80 K 7 V',
					newDiameterMm: 125,
					diameterMm: 124,
					widthMm: 15,
					boreMm: 31.75,
					minDiameterMm: 70,
					massKg: 0.4,
					ratedMps: 40,
					place: 'spare'
				}
			}
		});
		expect(made.ok()).to.equal(true);
		const id = await begin(page, 'Tool pack', /TC-1/, 'tool and cutter');
		await takeAndInspect(page, true);
		await station(page, 'Mount').click();
		await heading(page, 'Mount');
		const number = /Wheel (\d+)/.exec(await page.getByText(/^Wheel \d+ on/).innerText())![1]!;
		const width = Number(
			(
				await page
					.getByText(/^[\d.]+ × [\d.]+ × [\d.]+$/)
					.first()
					.innerText()
			).split(' ')[2]
		);
		await fill(page, [
			['Seat length', '60'],
			['Thread end', '84'],
			['Nut thickness', '14']
		]);
		await press(page, 'Add a wheel');
		await page.getByLabel('Wheel, from the rack').selectOption({ label: `${other}, WA 80 K 7 V, 124 × 15` });
		expect(await page.getByLabel('Marked speed').inputValue()).to.equal('40');
		await press(page, 'Add a spacer');
		await fill(page, [
			['Thickness', String(41 - width)],
			['Bore', '31.76']
		]);
		// Dragged with the mouse from the end to the front, and back by its arrows.
		const line = (n: number) =>
			page.getByRole('list', { name: 'Stack from the shoulder' }).getByRole('listitem').nth(n);
		const [from, to] = [(await line(2).boundingBox())!, (await line(0).boundingBox())!];
		await page.mouse.move(from.x + 40, from.y + from.height / 2);
		await page.mouse.down();
		await page.mouse.move(from.x + 40, from.y - 10, { steps: 6 });
		await page.mouse.move(to.x + 40, to.y + 6, { steps: 12 });
		await page
			.locator('ol[aria-label="Stack from the shoulder"] > li')
			.first()
			.getByText('Spacer')
			.waitFor({ state: 'attached' });
		await page.mouse.up();
		await line(0).getByText('Spacer').waitFor();
		await page.getByText('No tanged washer', { exact: false }).first().waitFor();
		await press(page, 'Add a washer');
		await fill(page, [
			['Thickness', '6'],
			['Bore', '31.8']
		]);
		await page.getByRole('img', { name: new RegExp(`Stack from the shoulder.*Wheel ${number}`) }).waitFor();
		await press(page, /^Keep the stack/);
		await page.getByText('62 mm, up to').waitFor();
		// The other wheel is held now and has to be looked over and rung at the rack first.
		await page.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(page, 'Thread is right');
		await press(page, 'Tightened in this order');
		await page
			.getByRole('alert')
			.getByText(/looked over and rung/)
			.waitFor();
		await page.goto(`${base()}/rack/${other}/look`);
		for (const [q, a] of [
			['A crack anywhere', 'No'],
			['It fell or was hit', 'No'],
			['Marking and speed can be read', 'Yes'],
			['Bore clean', 'Yes'],
			['Faces clean', 'Yes']
		] as const)
			await say(page, q, a);
		await press(page, /^Looked over/);
		await page.waitForURL(/rack\/\d+(\/ring)?$/);
		await page.goto(`${base()}/rack/${other}/ring`);
		await press(page, /^Clear at all/);
		await press(page, /^Rung/);
		await page.waitForURL(/rack\/\d+$/);
		await page.goto(`${base()}/setups/${id}/mount`);
		await page.getByRole('button', { name: 'Thread and tightening' }).click();
		await press(page, 'Tightened in this order');
		await page
			.getByRole('button', { name: /^Stack/ })
			.first()
			.click();
		const measure = async (n: number, back: number, front: number) => {
			await page.getByRole('button', { name: `Sizes of part ${n}` }).click();
			await press(page, 'Sizes and speed');
			const planned = await page.locator(`[data-field="items.${n - 1}.diameterMm"]`).inputValue();
			await page.getByRole('button', { name: 'Measured', exact: true }).click();
			await fill(page, [
				['Rim back', String(back)],
				['Rim front', String(front)],
				['Run-out of the rim', '5'],
				['Run-out of the face', '6']
			]);
			await page.getByLabel('Diameter, measured').fill(planned);
			await page.getByLabel(/^Rim, finger-tight/).fill('3');
			await page.getByText('+2 µm').waitFor();
		};
		await measure(2, 41 - width, 41);
		await measure(3, 41, 56);
		await press(page, /^Stand for it as it is now/);
		await done(page, 'Mount');
		await page.getByRole('button', { name: 'Sizes of part 2' }).click();
		await page.getByRole('button', { name: 'Measured', exact: true }).click();
		await page.getByLabel('Run-out of the rim', { exact: true }).fill('9');
		await page
			.getByRole('button', { name: /^Keep the stack/ })
			.last()
			.click();
		await page.getByText('any edit takes it away').waitFor();
		const direct = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'run-in',
				step: 'speed',
				values: { measuredRpm: 3300, stage: 'after-wheel' },
				version: 99,
				key: crypto.randomUUID()
			}
		});
		expect(direct.status()).to.equal(409);
		await press(page, /^Stand for it as it is now/);
		await done(page, 'Mount');
		await runIn(page, '3340');
		await trued(page);
		await dressed(page, { reason: 'extraction is on at this machine' });
		await released(page);
		await restartApp();
	});

	it('a glued wheel: the quill, the joint, a clock that a restart does not lose, and on to release', async function () {
		this.timeout(120_000);
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
			['Temperature, °C', '23'],
			['Cure by the data sheet', '12'],
			['Pot life, min', '20'],
			['Mixing to joining, min', '5'],
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

	it('after a crash: the plan, the spindle under the dial, a new wheel, every station to release', async function () {
		this.timeout(120_000);
		await crashed(page);
		await begin(page, 'Crash recovery', /SG-1/, 'surface');
		await heading(page, 'Machine: spindle');
		await readDial(page);
		await readDial(page, 1);
		const [taper, flange] = await Promise.all([
			page.getByLabel('Taper', { exact: true }).inputValue(),
			page.getByLabel('Flange', { exact: true }).inputValue()
		]);
		expect(Number(taper)).to.be.within(2.5, 4.5);
		expect(Number(flange)).to.be.within(2.5, 4.5);
		await press(page, 'Book the readings');
		await done(page, 'Machine');
		await station(page, 'Select').click();
		await takeAndInspect(page, true);
		await mounted(page);
		await runIn(page);
		await trued(page);
		await balanced(page);
		await dressed(page);
		await released(page);
		await restartApp();
	});

	it('an instrument that goes wrong is said in words and nothing is taken', async function () {
		this.timeout(120_000);
		const set = async (failure: string) => {
			await page.goto(`${base()}/shop/instruments/DI-1`);
			await page.getByLabel('Stand-in: goes wrong').selectOption(failure);
			await press(page, 'Keep it');
			await heading(page, 'Shop');
		};
		const id = await begin(page, 'Crash recovery', /SG-1/, 'surface');
		for (const [failure, says] of [
			['wrong-unit', /DI-1 sends degC, and a dial indicator gives um/],
			['rubbish', /which is no reading/],
			['drop', /DI-1 dropped out. Nothing was taken/],
			['silent', /DI-1 sends nothing/]
		] as const) {
			await set(failure);
			await page.goto(`${base()}/setups/${id}/machine`);
			await page.getByRole('button', { name: 'Read the dial indicator' }).first().click();
			await page.getByText(says).waitFor();
			expect(
				await page.getByRole('button', { name: 'Take it' }).and(page.locator(':enabled')).count()
			).to.equal(0);
			expect(await page.getByLabel('Taper', { exact: true }).inputValue()).to.equal('');
		}
		await set('none');
	});
	it('a gauge that types like a keyboard fills the field and moves on', async () => {
		await begin(page, 'Crash recovery', /SG-1/, 'surface');
		await page.getByLabel('Taper', { exact: true }).focus();
		await page.keyboard.type('0.003 mm\n');
		await page.keyboard.type('4\n');
		await page
			.getByText('Machine runs', { exact: false })
			.or(page.getByText('4 µm', { exact: true }))
			.first()
			.waitFor();
		expect(await page.getByLabel('Flange', { exact: true }).inputValue()).to.equal('4');
	});
	it('a bench grinder, a lathe and an old machine ask what is theirs', async () => {
		const id = await begin(page, 'Recommission', /SG-1/, 'surface');
		await heading(page, 'Machine: wake it');
		for (const [q, a] of [
			['Looked over with the power locked off', 'Yes'],
			['Table stops set close', 'Yes'],
			['Guard sound', 'Yes'],
			['A wheel is on it', 'No'],
			['Hydraulic table', 'No']
		] as const)
			await say(page, q, a);
		await page.getByRole('radio', { name: 'ccw' }).check();
		await page.getByRole('radio', { name: 'works' }).check();
		await press(page, 'Book the checks');
		await page
			.getByText(/turns the wrong way/)
			.first()
			.waitFor();
		const refused = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'select',
				step: 'take',
				values: { wheelNumber: '0298' },
				version: 2,
				key: crypto.randomUUID()
			}
		});
		expect(refused.status()).to.equal(409);
		await page.goto(`${base()}/benches/mount.bench-grinder`);
		await press(page, 'Fill in an example');
		await page.getByText('Good').first().waitFor();
	});
});
