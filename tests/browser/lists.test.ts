import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { press } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

/** As a rack is exported. */
const EXPORTED =
	'number,marking,new_diameter_mm,diameter_mm,width_mm,bore_mm,rim_depth_mm,rim_width_mm,scrap_diameter_mm,mass_kg,rated_mps,rated_rpm,type,made_on,use_by,place,state,reason';
/** A list as the release before exported it is still taken in. */
const HEAD =
	'number,marking,new_diameter_mm,diameter_mm,width_mm,bore_mm,scrap_diameter_mm,mass_kg,rated_mps,rated_rpm,type,use_by,place,state,reason';
const wheelLine = (n: string, marking = 'WA 60 K 7 V') =>
	`${n},${marking},300,290,25,76.2,180,4,40,,1,,bay 9,,`;
const file = (name: string, content: string | Buffer, mimeType = 'text/csv') => ({
	name,
	mimeType,
	buffer: Buffer.isBuffer(content) ? content : Buffer.from(content, 'utf8')
});

describe('lists in and out', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const put = async (f: ReturnType<typeof file>) => {
		await page.goto(`${base()}/rack/import`);
		await page.locator('input[type=file]').setInputFiles(f);
	};
	const lines = () => page.getByRole('table', { name: 'Lines of the file' });

	it('previews every line with its verdict and takes the chosen ones', async () => {
		await put(
			file(
				'rack.csv',
				`${HEAD}\r\n${wheelLine('8001')}\r\n${wheelLine('8002', '"72A54-K9VDR"')}\r\n${wheelLine('8001')}\r\n${wheelLine('0317')}\r\n${wheelLine('8003', 'hello there')}\r\n8004,WA 60 K 7 V,300,290,25,seven,180,4,40,,1,,bay 9,,\r\n`
			)
		);
		await press(page, 'Look at every line');
		await lines().getByText('stands in line 2 already').waitFor();
		await lines().getByText('is on the rack already').waitFor();
		await lines()
			.getByText(/marking cannot be read/)
			.waitFor();
		await lines()
			.getByText(/"seven" is not a number/)
			.waitFor();
		await page.getByRole('checkbox', { name: /wheel 8002/ }).uncheck();
		await press(page, 'Put 1 on the rack');
		await page.getByText('1 wheel is on the rack.').waitFor();
		expect((await page.request.get(`${base()}/rack/8001`)).status()).to.equal(200);
		expect((await page.request.get(`${base()}/rack/8002`)).status()).to.equal(404);
	});
	it('a list in inches is asked about and shows the sizes it will book', async () => {
		await put(
			file(
				'inch.csv',
				'Wheel,Printed,Diameter,Thickness in,Hole,Scrap diameter,Weight,Max speed,Bay\n8021,WA 80 J 7 V,12,1-1/4,3,7-1/2,10,6500,bay 9\n'
			)
		);
		await page.getByText(/^No unit is said for/).waitFor();
		expect(await page.getByRole('button', { name: 'Look at every line' }).isDisabled()).to.equal(true);
		await page.getByRole('radio', { name: /^inches/ }).check();
		await press(page, 'Look at every line');
		await lines().getByText('304.8 mm × 31.75 mm × 76.2 mm').waitFor();
		await lines().getByText('2069 rpm').waitFor();
		await press(page, 'Put 1 on the rack');
		await page.getByText('1 wheel is on the rack.').waitFor();
	});
	it('matches columns called otherwise, with semicolons and quotes', async () => {
		await put(
			file(
				'shop.csv',
				`Wheel;Printed;Diameter;Thickness;Hole;Min diameter;Weight;Max speed;Bay;Whatever\n8101;WA 80 J 7 V;300;25,5;76,2;180;"4,1";40;"bay; 1";"he said ""new"""\n`
			)
		);
		await page.getByText('Needed and not matched').waitFor({ state: 'hidden' });
		await page.getByRole('radio', { name: /^millimetres/ }).check();
		await press(page, 'Look at every line');
		await press(page, 'Put 1 on the rack');
		await page.getByText('1 wheel is on the rack.').waitFor();
		await page.goto(`${base()}/rack/8101`);
		await page.getByText('bay; 1').waitFor();
	});
	it('reads common encodings', async () => {
		const text = `${HEAD}\n${wheelLine('8201').replace('bay 9', 'Schränkchen')}\n`;
		const utf16 = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(text, 'utf16le')]);
		for (const [name, content] of [
			['mark.csv', Buffer.from(`\uFEFF${text}`, 'utf8')],
			['latin.csv', Buffer.from(text, 'latin1')],
			['wide.csv', utf16]
		] as const) {
			await put(file(name, content));
			await press(page, 'Look at every line');
			await page.getByRole('button', { name: 'Put 1 on the rack' }).waitFor();
		}
		await press(page, 'Put 1 on the rack');
		await page.getByText('1 wheel is on the rack.').waitFor();
		await page.goto(`${base()}/rack/8201`);
		await page.getByText('Schränkchen').first().waitFor();
	});
	it('refuses in words what it cannot take', async () => {
		await put(file('none.csv', HEAD));
		await page.getByText('no line beneath the headings').waitFor();
		await put(file('bad.json', '{"wheels": 5}', 'application/json'));
		await page.getByText('no wheels in this file').waitFor();
		await put(file('part.csv', 'number,marking\n1,WA 60 K 7 V\n'));
		await page.getByText(/Needed and not matched: .*bore/).waitFor();
		expect(await page.getByRole('button', { name: 'Look at every line' }).isDisabled()).to.equal(true);
		await page.goto(`${base()}/rack/import`);
		await page.waitForLoadState('networkidle');
		await page.evaluate(() => {
			const dt = new DataTransfer();
			dt.items.add(new File([new Blob([new Uint8Array(200 * 1024 * 1024)])], 'huge.csv'));
			const input = document.querySelector<HTMLInputElement>('input[type=file]')!;
			input.files = dt.files;
			input.dispatchEvent(new Event('change', { bubbles: true }));
		});
		await page.getByText(/huge.csv has 200 MB/).waitFor();
	});
	it('takes 20 000 lines with a progress bar, and a cancel leaves nothing behind', async () => {
		const big = `${HEAD}\n${Array.from({ length: 20_000 }, (_, i) => wheelLine(`B${i}`)).join('\n')}\n`;
		await put(file('big.csv', big));
		await press(page, 'Look at every line');
		await page.getByRole('button', { name: 'Put 20000 on the rack' }).click({ timeout: 60_000 });
		await page.getByRole('progressbar').waitFor();
		await press(page, 'Cancel');
		await page.getByText('Cancelled. Nothing was put on the rack.').waitFor();
		expect((await page.request.get(`${base()}/rack/B3`)).status()).to.equal(404);
		await page.getByRole('button', { name: 'Put 20000 on the rack' }).click();
		await page.getByText('20000 wheels are on the rack.').waitFor({ timeout: 60_000 });
		await page.goto(`${base()}/rack?q=B19999`);
		await page.getByText('1 wheels match').or(page.getByText('1 wheel match')).first().waitFor();
	});
	it('exports what imports again, and prints tags and the setup card', async () => {
		const csv = await (await page.request.get(`${base()}/api/rack/export.csv`)).text();
		expect(csv.split('\r\n')[0]!.replace('\uFEFF', '')).to.equal(EXPORTED);
		const json = await (await page.request.get(`${base()}/api/rack/export.json`)).json();
		expect(json.wheels.length).to.be.above(40);
		const few = {
			...json,
			wheels: json.wheels.slice(0, 3).map((w: { number: string }, i: number) => ({ ...w, number: `J${i}` }))
		};
		await put(file('again.json', JSON.stringify(few), 'application/json'));
		await press(page, 'Look at every line');
		await page.getByRole('button', { name: 'Put 3 on the rack' }).waitFor();
		for (const path of [
			'/api/rack/tags?n=0317&n=0309',
			'/api/setups/142/card',
			'/api/setups/144/release-sheet'
		]) {
			const r = await page.request.get(base() + path);
			expect(r.headers()['content-type']).to.equal('application/pdf');
			expect((await r.body()).subarray(0, 5).toString()).to.equal('%PDF-');
		}
		expect((await page.request.get(`${base()}/api/rack/tags?n=nothing`)).status()).to.equal(404);
		expect((await page.request.get(`${base()}/api/setups/142/release-sheet`)).status()).to.equal(409);
	});
});
