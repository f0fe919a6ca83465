import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { heading, press, say } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

describe('choosing the wheel', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const marking = () => page.getByRole('textbox', { name: 'Marking' });

	it('reads five dialects, each named, its canonical form beside it', async () => {
		await page.goto(`${base()}/benches/spec.parse-marking`);
		const result = page.getByRole('region', { name: 'Result' });
		for (const [text, dialect, canonical] of [
			['72A54-K9VDR', 'abrasive first', '72A 54 K 9 VDR'],
			['VA60K7', 'abrasive first', 'A 60 K 7 V'],
			['1-300x40x76.2 WA 80 J 7 V 40 m/s', 'abrasive first', '1-300x40x76.2 WA 80 J 7 V 40 m/s'],
			['1V1 160-9-20-5 B181 N V V200', 'size in micrometres', '1V1 160-9-20-5 B181 N V V200'],
			['SD 120 M 80 B - 5/32', 'mesh size', 'SD 120 M 80 B 5/32']
		] as const) {
			await marking().fill(text);
			await page.getByText(`Read as: `).filter({ hasText: dialect }).waitFor();
			await result.getByText(canonical, { exact: false }).first().waitFor();
		}
		await result.getByRole('img', { name: /cut through/ }).waitFor();
	});
	it('offers what can be read two ways and takes the pick', async () => {
		await marking().fill('C30N41V');
		await page.getByText('1 still to pick').waitFor();
		await page.getByRole('radio', { name: /structure 4, / }).check();
		await page.getByText('still to pick').waitFor({ state: 'hidden' });
		await page.getByRole('region', { name: 'Result' }).getByText('C 30 N 4 V').waitFor();
	});
	it('takes anything without failing', async () => {
		for (const text of ['🙂🙂🙂', 'ملعب 60', '؟ ‮AB', '{}[]<script>', 'x'.repeat(160)]) {
			await marking().fill(text);
			await page
				.getByText(/Read as: no order known here|Read as/)
				.first()
				.waitFor();
		}
		await marking().fill('A'.repeat(10_000));
		await page
			.getByText(/too long/)
			.first()
			.waitFor();
		await marking().fill('');
		await page.getByText('Waiting for a marking').waitFor();
	});
	it('answers within a frame as it is typed', async () => {
		const ms = await page.evaluate(async () => {
			const input = document.querySelector<HTMLInputElement>('[data-field=text]')!;
			const times: number[] = [];
			for (const ch of '1V1 160-9-20-5 B181 N V V200') {
				const begun = performance.now();
				input.value += ch;
				input.dispatchEvent(new Event('input', { bubbles: true }));
				await Promise.resolve();
				times.push(performance.now() - begun);
			}
			return times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
		});
		expect(ms, `${ms.toFixed(1)} ms`).to.be.below(16);
	});

	it('diagnoses a dull dress, and following the advice cures it', async () => {
		await page.goto(`${base()}/benches/spec.diagnose-finish`);
		await page.getByLabel('Ra wanted').fill('0.45');
		await page.getByLabel('Grit on the machine').fill('46');
		await page.getByLabel('Dressing depth').fill('5');
		await page.getByLabel('or traverse').fill('23');
		await page.getByLabel('at', { exact: false }).last().fill('2300');
		await page.getByLabel('Tip radius').fill('350');
		await page.getByText('Coarse wheel, dressed dull', { exact: true }).waitFor();
		await page.getByLabel('Grit on the machine').fill('100');
		await page.getByText('Fine wheel, still dressed dull', { exact: true }).waitFor();
		const advice = await page.getByText(/F100, 20 µm deep, \d+ µm a turn, traverse \d+/).innerText();
		await page.getByLabel('Dressing depth').fill('20');
		await page.getByLabel('or traverse').fill(/traverse (\d+)/.exec(advice)![1]!);
		await page.getByText('Right wheel, right dress', { exact: true }).waitFor();
	});
	it('is asked for from a setup when burn is seen, filled with that wheel and dress', async () => {
		await page.goto(`${base()}/setups/144/prove`);
		await say(page, 'Burn on the trial cut', 'Yes');
		await page.getByRole('heading', { name: 'Wrong grit or wrong dress?' }).waitFor();
		await page.getByRole('link', { name: 'Try other figures' }).click();
		await heading(page, 'Wrong grit or wrong dress?');
		expect(await page.getByLabel('Grit on the machine').inputValue()).to.equal('60');
	});
	it('ties the speeds together and checks a quoted one', async () => {
		await page.goto(`${base()}/benches/spec.surface-speed`);
		await page.getByLabel('Diameter today').fill('14 in');
		await page.getByLabel('Spindle, rpm').fill('1600');
		await page.getByText('29.8 m/s').first().waitFor();
		await page.getByLabel('Rim speed').fill('33');
		expect(Number(await page.getByLabel('Spindle, rpm').inputValue())).to.be.closeTo(1772, 1);
		const quoted = page.getByRole('region', { name: 'A quoted speed' });
		await quoted.getByLabel('Diameter quoted').fill('14 in');
		await quoted.getByLabel('Quoted rpm').fill('1600');
		await quoted.getByLabel(/Quoted ft\/min/).fill('6500 sfm');
		await quoted.getByText('They cannot all be true').waitFor();
		await quoted.getByLabel(/Quoted ft\/min/).fill('5864');
		await quoted.getByText('They agree.').waitFor();
	});

	it('compares three wheels, takes one, and a second setup is told who holds it', async () => {
		const start = async () => {
			await page.goto(`${base()}/setups/new`);
			await page.getByLabel('Part', { exact: true }).fill('Wear plates');
			await page.getByLabel('How many').fill('2');
			await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
			await page.keyboard.press('Enter');
			await page.getByLabel('Ground').selectOption({ label: 'surface' });
			await page.getByLabel('Finish wanted, Ra').fill('0.8');
			await page.getByRole('radio', { name: /SG-1/ }).check();
			await page
				.getByRole('list', { name: 'Two others' })
				.getByText('one letter harder', { exact: false })
				.waitFor();
			await press(page, 'Start the setup');
			await heading(page, 'Select');
		};
		await start();
		await press(page, /^Compare/);
		const table = page.getByRole('table', { name: 'Wheels side by side' });
		expect(await table.getByRole('columnheader').count()).to.equal(4);
		await press(page, /Back to the list/);
		const name = (await page.getByRole('button', { name: /^Take wheel/ }).innerText())
			.replace(/\D/g, '')
			.slice(0, 4);
		await press(page, /^Take wheel/);
		await page.getByRole('button', { name: /On to inspecting/ }).waitFor();
		const holder = /setups\/(\d+)/.exec(page.url())![1]!;
		await start();
		await page.getByText(/wheels ruled out: .*held by another setup/).click();
		await page.getByText(`held by setup ${holder}`).first().waitFor();
		await press(page, 'None fits');
		await page.getByText(new RegExp(`1 x 1-305x.*WA .*marked for at least 40 m/s`)).waitFor();
		const id = /setups\/(\d+)/.exec(page.url())![1]!;
		const refused = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'select',
				step: 'take',
				values: { wheelNumber: name },
				version: 1,
				key: crypto.randomUUID()
			}
		});
		expect(refused.status()).to.equal(400);
		expect((await refused.json()).error.code).to.equal('held');
	});

	it('lets a lead change the guideline figures, with history and a way back', async () => {
		await page.goto(`${base()}/shop/guidelines`);
		const cell = page.getByLabel('Grade for Soft steel, surface', { exact: false });
		await cell.fill('J');
		await press(page, 'Keep these figures');
		await page
			.getByText(/5 to 200 characters/)
			.first()
			.waitFor();
		await page.getByLabel('Why the figures change').fill('soft plates loaded on K');
		await press(page, 'Keep these figures');
		await page.getByText('Grades, version 1').waitFor();
		await page.reload();
		expect(await cell.inputValue()).to.equal('J');
		await press(page, 'Back to the shipped ones');
		await page.getByText('Grades, version 2').waitFor();
		expect(await cell.inputValue()).to.equal('K');
	});
	it("lets a lead set the shop's own limits, kept over a reload, said in its history, and used by a setup", async () => {
		await page.goto(`${base()}/shop/limits`);
		await page.getByLabel('Find a figure').fill('run-out of the rim');
		const limit = page
			.getByRole('group', { name: 'Run-out of the rim' })
			.getByLabel('Limit', { exact: true });
		await limit.fill('a bit less');
		await page.getByLabel('Why the figures change').fill('port plates want it rounder');
		await press(page, 'Keep these figures');
		await page
			.getByText(/"a bit less" is not a number/)
			.first()
			.waitFor();
		await limit.fill('0.0006 in');
		await page.waitForResponse((r) => r.url().includes('/api/drafts/') && r.request().method() === 'PUT');
		await page.reload();
		expect(await limit.inputValue()).to.equal('0.0006 in');
		await page.getByLabel('Why the figures change').fill('port plates want it rounder');
		await press(page, 'Keep these figures');
		await page
			.getByRole('region', { name: 'History' })
			.getByText('Run-out of the rim: limit 15.2 µm (shipped 25 µm)')
			.waitFor();
		await page.goto(`${base()}/setups/142/true`);
		await press(page, 'Read the rim');
		await page
			.getByRole('img', { name: /limit 15\.2/ })
			.first()
			.waitFor();
		await page.goto(`${base()}/shop/limits`);
		await press(page, 'Back to the shipped ones');
		await page.getByText('all as shipped').waitFor();
		expect(await limit.inputValue()).to.equal('25');
	});
});
