import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press, say } from './bench.js';
import { Brought } from './by-request.js';
import { base, database, signedIn, tellOnFailure } from './fixtures.js';

/** The page's own script waits until it is let go: what is there is what the server sent. */
async function heldBack(page: Page): Promise<() => void> {
	let arrive = (): void => undefined;
	const held = new Promise<void>((go) => {
		arrive = go;
	});
	await page.route(/\/_app\/.*\.js$/, async (route) => {
		await held;
		await route.continue();
	});
	return () => arrive();
}

describe('bad input, faults and two people', () => {
	let page: Page;
	let setup: Brought;
	let id = 0;
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	// Each on a setup of its own, so that none finds what another has recorded.
	beforeEach(async () => {
		setup = await new Brought(page).inspected();
		id = setup.id;
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const mount = async (p: Page = page) => {
		await p.goto(`${base()}/setups/${id}/mount`);
		await heading(p, 'Mount');
	};

	for (const [typed, says] of [
		['', /Bore is missing/],
		['soon', /"soon" is not a number/],
		['-5', /-5 mm is too small/],
		['1e308', /is too large/],
		['NaN', /"NaN" is not a number/],
		['76,2 kg', /kg does not fit here/],
		['76 parsecs', /"parsecs" is not a unit/],
		['<b>76</b>', /is not a number/],
		["76'; DROP TABLE records", /is not a unit known here|is not a number/]
	] as const) {
		it(`"${typed}" is named beside its field and stays as typed`, async () => {
			await mount();
			await page.getByLabel('Bore, measured').fill(typed);
			await page.getByLabel('Seat, measured').fill('76.2');
			await press(page, 'Slides on by hand');
			await page.locator('.field').filter({ hasText: 'Bore, measured' }).getByText(says).waitFor();
			expect(await page.getByLabel('Bore, measured').inputValue()).to.equal(typed);
			expect(await page.getByLabel('Seat, measured').inputValue()).to.equal('76.2');
		});
	}

	it('what is typed and pressed before the page listens is kept and carried out once it does', async () => {
		const slow = await signedIn('Ines Falk');
		const arrive = await heldBack(slow);
		await slow.goto(`${base()}/setups/${id}/mount`, { waitUntil: 'commit' });
		await slow.getByLabel('Bore, measured').fill('soon');
		await slow.getByLabel('Seat, measured').fill('76.2');
		await press(slow, 'Slides on by hand');
		expect(await slow.locator('.field').filter({ hasText: 'Bore, measured' }).innerText()).not.to.match(
			/not a number/
		);
		arrive();
		await slow
			.locator('.field')
			.filter({ hasText: 'Bore, measured' })
			.getByText(/"soon" is not a number/)
			.waitFor();
		expect(await slow.getByLabel('Bore, measured').inputValue()).to.equal('soon');
		await slow.getByLabel('Bore, measured').fill('');
		await slow.context().close();
	});

	it('a key struck before the page listens counts', async () => {
		const slow = await signedIn('Ines Falk');
		const arrive = await heldBack(slow);
		await slow.goto(`${base()}/practice/stand?seed=12`, { waitUntil: 'commit' });
		await heading(slow, 'Practice stand');
		await slow.keyboard.press('Enter');
		arrive();
		await slow.getByText('Chalk the bottom where it turns round').waitFor();
		await slow.context().close();
	});

	it('a file picked and a choice made before the page listens count', async () => {
		const slow = await signedIn('Mara Okonjo');
		const arrive = await heldBack(slow);
		await slow.goto(`${base()}/rack/import`, { waitUntil: 'commit' });
		await slow.locator('input[type=file]').setInputFiles({
			name: 'rack.csv',
			mimeType: 'text/csv',
			buffer: Buffer.from('number,marking\n0001,WA 60 K 8 V\n')
		});
		arrive();
		await slow.getByRole('button', { name: 'Look at every line' }).waitFor();
		await slow.context().close();
	});

	it('mixed units, decimal commas and fractions are understood', async () => {
		await mount();
		await page.getByLabel('Bore, measured').fill('3.001 in');
		await page.getByLabel('Seat, measured').fill('76,2');
		await page.getByText('25.4 µm').first().waitFor();
		await page.getByLabel('Bore, measured').fill('3-1/512 in');
		await page.getByText('49.6 µm').first().waitFor();
	});

	it('what was typed survives a reload, the back button and another machine', async () => {
		await mount();
		await page.getByLabel('Bore, measured').fill('76.24');
		await page.getByLabel('Seat, measured').fill('76.19');
		await page.waitForResponse((r) => r.url().includes('/api/drafts/') && r.request().method() === 'PUT');
		await page.reload();
		expect(await page.getByLabel('Bore, measured').inputValue()).to.equal('76.24');
		await page.goto(`${base()}/rack`);
		await page.goBack();
		expect(await page.getByLabel('Bore, measured').inputValue()).to.equal('76.24');
		const other = await signedIn('Ines Falk');
		await mount(other);
		expect(await other.getByLabel('Bore, measured').inputValue(), 'the server kept it too').to.equal('76.24');
		await other.context().close();
	});

	it('two presses record once', async () => {
		await mount();
		await page.getByLabel('Bore, measured').fill('76.25');
		await page.getByLabel('Seat, measured').fill('76.2');
		await say(page, 'Did it have to be forced?', 'No');
		const button = page.getByRole('button', { name: 'Slides on by hand' });
		await button.dblclick();
		await page.getByRole('heading', { name: /Mount/ }).waitFor();
		await page.getByLabel('Flange run-out').waitFor();
		const lines = (await (await page.request.get(`${base()}/api/setups/${id}/export.json`)).json())
			.records as { step: string }[];
		expect(lines.filter((r) => r.step === 'fit')).to.have.length(1);
	});

	it('an old tab is told who was faster and keeps what it has', async () => {
		await setup.did('mount', 'fit');
		const old = await signedIn('Tobias Renn');
		await mount(old);
		await old.getByLabel('Flange run-out').fill('4');
		await mount();
		await page.getByRole('button', { name: /^Fit/ }).click();
		await page.getByLabel('Bore, measured').fill('76.25');
		await page.getByLabel('Seat, measured').fill('76.2');
		await press(page, 'Slides on by hand');
		await page.getByLabel('Flange run-out').waitFor();
		await old.getByLabel('Back blotter').selectOption('good');
		await old.getByLabel('Front blotter').selectOption('good');
		await say(old, 'Wiped clean', 'Yes');
		await say(old, 'Burr or dent found', 'No');
		await press(old, 'Flanges are right');
		await old.getByText(/Ines Falk changed this setup meanwhile/).waitFor();
		expect(await old.getByLabel('Flange run-out').inputValue()).to.equal('4');
		await press(old, 'Flanges are right');
		await old.getByRole('button', { name: 'Thread is right' }).waitFor();
		await old.context().close();
	});

	it('a stop is shown with its reason and no way past it', async () => {
		await setup.did('mount', 'fit');
		await mount();
		await page
			.getByRole('button', { name: /^Flanges/ })
			.first()
			.click();
		for (const name of ['Back flange', 'Front flange'])
			await page.getByLabel(name, { exact: true }).fill('90');
		for (const name of ['Back hollow', 'Front hollow'])
			await page.getByLabel(name, { exact: true }).fill('80');
		for (const name of ['Back blotter', 'Front blotter']) await page.getByLabel(name).selectOption('good');
		await say(page, 'Wiped clean', 'Yes');
		await say(page, 'Burr or dent found', 'No');
		await page
			.getByText(/under the 99.7 mm this wheel needs/)
			.first()
			.waitFor();
		await press(page, 'Flanges are right');
		const gate = page.getByRole('complementary', { name: 'Before running in' });
		await gate.getByText(/under the 99.7 mm this wheel needs/).waitFor();
		expect(await gate.getByLabel('Why may it go on?').count()).to.equal(0);
		await page.goto(`${base()}/setups/${id}/run-in`);
		await page.getByText('read on the bare spindle').click();
		await page.getByLabel('Tachometer', { exact: true }).fill('2290');
		await press(page, 'Book this reading');
		await page
			.getByText(/Stopped at Mount/)
			.first()
			.waitFor();
		expect(await page.getByLabel('Tachometer', { exact: true }).inputValue()).to.equal('2290');
	});

	it("inches are the setup's, and what was typed is converted", async () => {
		await mount();
		await page.getByRole('button', { name: /^Fit/ }).click();
		await page.getByLabel('Bore, measured').fill('76.25');
		await page.getByRole('button', { name: /switch to inches/ }).click();
		await page.getByRole('button', { name: /switch to millimetres/ }).waitFor();
		expect(Number(await page.getByLabel('Bore, measured').inputValue())).to.be.closeTo(3.002, 0.0001);
		await page.getByRole('button', { name: /switch to millimetres/ }).click();
		await page.getByRole('button', { name: /switch to inches/ }).waitFor();
	});
	it('what waits on another part is converted too when it is seen again', async () => {
		await mount();
		await page.getByRole('button', { name: /^Fit/ }).click();
		await page.getByLabel('Bore, measured').fill('76.25');
		await page.getByRole('button', { name: /^Flanges/ }).click();
		await page.getByLabel('Back blotter', { exact: true }).waitFor();
		await page.getByRole('button', { name: /switch to inches/ }).click();
		await page.getByRole('button', { name: /switch to millimetres/ }).waitFor();
		await page.getByRole('button', { name: /^Fit/ }).click();
		expect(Number(await page.getByLabel('Bore, measured').inputValue())).to.be.closeTo(3.002, 0.0001);
		await page.getByRole('button', { name: /switch to millimetres/ }).click();
		await page.getByRole('button', { name: /switch to inches/ }).waitFor();
		expect(Number(await page.getByLabel('Bore, measured').inputValue())).to.be.closeTo(76.25, 0.002);
	});

	it('a stopped database is said in words, nothing is lost, and it recovers by itself', async () => {
		await mount();
		await page.getByRole('button', { name: /^Fit/ }).click();
		await page.getByLabel('Bore, measured').fill('76.27');
		await page.getByLabel('Seat, measured').fill('76.2');
		await (await database()).stop();
		const load = Promise.all(
			Array.from({ length: 20 }, () => page.request.get(`${base()}/rack`).then((r) => r.status()))
		);
		await press(page, 'Slides on by hand');
		await page
			.getByText(/database does not answer/)
			.first()
			.waitFor();
		expect(await page.getByLabel('Bore, measured').inputValue()).to.equal('76.27');
		expect(new Set(await load)).to.deep.equal(new Set([503]));
		const other = await page.context().newPage();
		await other.goto(`${base()}/rack`);
		await heading(other, /database does not answer/);
		await database();
		await other.getByRole('heading', { name: 'Rack', level: 1 }).waitFor();
		await other.close();
		await press(page, 'Slides on by hand');
		await page
			.getByText(/70 µm play/)
			.first()
			.waitFor();
	});

	it('requests from another site and unreadable ones are refused in words', async () => {
		const foreign = await page.request.post(`${base()}/api/setups/${id}/records`, {
			headers: { origin: 'http://elsewhere.example' },
			data: {}
		});
		expect(foreign.status()).to.equal(403);
		for (const [path, data] of [
			[`/api/setups/${id}/records`, 'not json'],
			['/api/setups', '[]'],
			['/api/wheels', '{"values": 5}'],
			['/api/calc/true.runout', '{"readingsUm": "x"}']
		] as const) {
			const r = await page.request.post(base() + path, {
				headers: { 'content-type': 'application/json' },
				data
			});
			expect(r.status(), path).to.equal(400);
			expect((await r.json()).error.message).to.have.length.above(8);
		}
		const anonymous = await fetch(`${base()}/api/calc/true.runout`, { method: 'POST', body: '{}' });
		expect(anonymous.status).to.equal(401);
	});
});
