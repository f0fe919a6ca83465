import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { CALCULATIONS } from '../../src/core/calculations.js';
import { accessible } from './accessible.js';
import { heading, press, say } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

/** Everything that has a bench: what is judged by words of the shop itself has none. */
const BENCHES = CALCULATIONS.map((c) => c.id).filter((id) => !id.startsWith('route.'));

describe('the rack, benches and shop', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);

	it('sorts and filters by the address', async () => {
		await page.goto(`${base()}/rack`);
		const count = page.getByRole('main').getByRole('status').filter({ hasText: 'wheels' });
		const all = await count.innerText();
		await page.getByRole('link', { name: 'Size now, mm' }).click();
		await page.waitForURL(/sort=diameter/);
		expect(await page.getByRole('columnheader', { name: 'Size now, mm' }).getAttribute('aria-sort')).to.equal(
			'ascending'
		);
		await page.getByLabel('State').selectOption({ label: 'Quarantined' });
		await page.waitForURL(/state=quarantined/);
		await page.getByRole('searchbox').fill('no such wheel');
		await page.getByText('No wheel matches').waitFor();
		await page.getByRole('link', { name: 'Show all' }).click();
		await count.filter({ hasText: all }).waitFor();
	});

	it('finds inertia and rolling radius of a mount by one swing', async () => {
		await page.goto(`${base()}/shop/mounts/F1`);
		await page.getByText('Find inertia and rolling radius by one swing').click();
		const swing = page
			.getByRole('group')
			.filter({ has: page.getByLabel('Known mass') })
			.last();
		for (const [label, value] of [
			['Known mass', '100'],
			['At radius', '90'],
			['Rolled', '88'],
			['Full swing, there and back', '2.6']
		] as const)
			await swing.getByLabel(label, { exact: false }).first().fill(value);
		await press(page, 'Take both');
		expect(Number(await page.getByLabel('Inertia', { exact: false }).first().inputValue())).to.be.closeTo(
			0.0136,
			0.0005
		);
	});

	it('receives a wheel by its marking, read back, with every fault beside its field', async () => {
		await page.goto(`${base()}/rack/new`);
		await page.getByLabel('Wheel number').fill('0990');
		await page.getByLabel('Marking', { exact: true }).fill('1-250x25x76.2 WA 60 K 7 V 40 m/s');
		await page.getByText('white aluminium oxide').waitFor();
		await press(page, 'Use the sizes in the marking');
		expect(await page.getByRole('textbox', { name: 'Bore' }).inputValue()).to.equal('76.2');
		await page.getByLabel('Scrap diameter').fill('6 in');
		await page.getByLabel('Mass when new').fill('-3');
		await press(page, 'Accept it onto the rack');
		await page
			.getByText(/Mass when new: -3 kg is too small/)
			.first()
			.waitFor();
		await page.getByLabel('Mass when new').fill('3,1');
		await page.getByLabel('Place').fill('bay 2');
		await say(page, 'A crack anywhere', 'No');
		await say(page, 'Marking and speed can be read', 'Yes');
		await press(page, 'Accept it onto the rack');
		await heading(page, 'Wheel 0990');
		await page.getByText('3055 rpm').waitFor();
		await page.getByRole('region', { name: 'Ledger' }).getByText('Received').waitFor();
	});

	it('computes at a bench, in inches too, and records nothing', async () => {
		const records = async () => {
			await page.goto(`${base()}/log`);
			return page.getByRole('row').nth(1).innerText();
		};
		const before = await records();
		await page.goto(`${base()}/benches`);
		await page.getByLabel('Find a bench').fill('surface speed');
		await page.getByRole('link', { name: 'Surface speed' }).click();
		await press(page, 'Fill in an example');
		await page.getByText('29.5 m/s').first().waitFor();
		await page.goto(`${base()}/benches/dress.single-point`);
		await press(page, 'Fill in an example');
		await page.getByText('29.5 m/s').first().waitFor();
		await press(page, 'Inches');
		await page.getByText('5798 ft/min').first().waitFor();
		await page.getByLabel('Wheel diameter', { exact: true }).fill('a lot');
		await page
			.getByText(/"a lot" is not a number/)
			.first()
			.waitFor();
		await page.getByLabel('Wheel diameter', { exact: true }).fill('196 mm');
		await page.getByText('5798 ft/min').first().waitFor();
		await press(page, 'Show the working');
		await page.getByRole('region', { name: /Working of/ }).waitFor();
		expect(await records()).to.equal(before);
	});

	it('lists a bench for every calculation', async () => {
		await page.goto(`${base()}/benches`);
		const ids = await page
			.locator('main li a')
			.evaluateAll((all) => all.map((a) => a.getAttribute('href')!.split('/').at(-1)!));
		expect([...ids].sort()).to.deep.equal([...BENCHES].sort());
	});
	for (const station of new Set(BENCHES.map((id) => id.split('.')[0]!)))
		it(`computes the example of every bench of ${station}`, async function () {
			await page.goto(`${base()}/benches`);
			for (const id of BENCHES.filter((b) => b.startsWith(`${station}.`))) {
				// Addresses are relative as sent and absolute once the page listens; the last part stays.
				await page.locator(`main li a[href$="/benches/${id}"]`).click();
				const fill = id === 'spec.parse-marking' ? '72A54-K9VDR' : 'Fill in an example';
				const filling = page.getByRole('button', { name: fill });
				// What the same person typed there earlier is kept for them: it begins empty.
				const typed = page.getByRole('button', { name: 'Empty it' });
				await filling.or(typed).first().waitFor();
				if (await typed.count()) await typed.click();
				await filling.click();
				// What takes seconds is computed when asked for.
				const ask = page.getByRole('button', { name: 'Compute it' });
				if (await ask.count()) await ask.click();
				await page.getByRole('button', { name: 'Show the working' }).waitFor();
				// What was typed at a bench stays there until it is emptied.
				const empty = page.getByRole('button', { name: 'Empty it' });
				if (await empty.count()) await empty.click();
				await page.goBack();
			}
		});

	it('changes a diamond in the shop and says what is wrong with it', async () => {
		await page.goto(`${base()}/shop/dressers/D-07`);
		await page.getByLabel('Turn after').fill('0');
		await press(page, 'Keep it');
		await page
			.getByText(/Turn after: 0 is too small/)
			.first()
			.waitFor();
		await page.getByLabel('Turn after').fill('25');
		await press(page, 'Keep it');
		await heading(page, 'Shop');
	});

	it('weighs a trouble as this shop sees it, keeps what was typed, and goes back to the shipped points', async () => {
		await page.goto(`${base()}/shop`);
		await page.getByRole('link', { name: 'Open points of troubles' }).click();
		await heading(page, 'What speaks for which trouble');
		await press(page, 'Mounting at fault +4');
		const own = page.getByRole('list', { name: 'Points of this shop' });
		await own.getByLabel('Points').fill('1');
		await page.getByLabel('Why the points change').fill('never once the flanges');
		await press(page, 'Keep these points');
		await page
			.getByRole('alert')
			.getByText(/more may speak for it, never less/)
			.waitFor();
		await own.getByLabel('Points').fill('8');
		await page.reload();
		expect(await own.getByLabel('Points').inputValue(), 'what was typed is there').to.equal('8');
		await page.getByLabel('Why the points change').fill('twice the flanges');
		await press(page, 'Keep these points');
		await page.getByRole('button', { name: 'Mounting at fault +8' }).waitFor();
		await page.getByText('twice the flanges; 1 weighed otherwise').waitFor();
		await accessible(page, 'points of troubles');
		await press(page, 'Back to the shipped ones');
		await page.getByRole('button', { name: 'Mounting at fault +4' }).first().waitFor();
		await page.getByText('all as shipped').waitFor();
	});

	it('exports a setup as JSON and CSV', async () => {
		const json = await (await page.request.get(`${base()}/api/setups/140/export.json`)).json();
		expect(json.format).to.equal('uncinus-setup');
		expect(json.records.length).to.be.above(15);
		const csv = await (await page.request.get(`${base()}/api/setups/140/export.csv`)).text();
		expect(csv.split('\r\n')[0]).to.equal(
			'record,at,by,station,step,calculation,verdict,reason,basis,of,name,value'
		);
		expect(csv).to.match(/,mount,fit,mount\.fit-check,ok,,measured: caliper,entered,boreMm,[\d.]+\r\n/);
		expect(csv, 'no code in a cell').not.to.match(/[{}[\]]/);
	});

	it('says so where there is nothing', async () => {
		for (const path of [
			'/rack/9999',
			'/setups/99999',
			'/setups/142/nowhere',
			'/log/999999',
			'/benches/no.such',
			'/shop/machines/XX',
			'/incidents/77',
			'/nowhere',
			'/setups/abc'
		]) {
			const r = await page.goto(base() + path);
			expect(r!.status(), path).to.equal(404);
			await heading(page, 'Nothing here');
		}
	});
});

describe('an incident, from report to a closed plan', () => {
	it('locks the machine, is worked by a machinist and closed by a lead', async () => {
		const page = await signedIn('Tobias Renn');
		await page.goto(`${base()}/setups/145/keep`);
		await page.getByRole('link', { name: 'Something is wrong' }).click();
		await press(page, 'Stop everything here');
		await page
			.getByText(/What happened: pick one/)
			.first()
			.waitFor();
		await page.getByLabel('What happened').selectOption({ label: 'Vibration' });
		await say(page, 'Somebody is hurt', 'No');
		await say(page, /Made safe/, 'Yes');
		await page.getByLabel('What you saw').fill('shakes since the last dress');
		await press(page, 'Stop everything here');
		await heading(page, /vibration on CF-1/);
		await page.getByRole('checkbox', { name: /Write it down/ }).check();
		await page.getByRole('checkbox', { name: /Write it down/, checked: true }).waitFor();
		await page.getByRole('checkbox', { name: /Set the wheel aside/ }).check();
		await page.getByRole('checkbox', { name: /Set the wheel aside/, checked: true }).waitFor();
		await page.getByRole('checkbox', { name: /Listen to the bare spindle/ }).check();
		await say(page, 'Spindle noisy', 'No');
		await press(page, 'Keep the findings');
		await page.goto(base());
		await page.getByText('Locked out').nth(1).waitFor();
		await page.getByRole('button', { name: 'Sign out' }).click();
		const boss = await signedIn('Mara Okonjo');
		await boss.goto(`${base()}/setups/145`);
		await boss.getByRole('link', { name: 'Incident plan' }).click();
		await press(boss, 'Close the incident');
		await boss.getByText(/Closed by Mara Okonjo/).waitFor();
		await page.context().close();
		await boss.context().close();
	});
});
