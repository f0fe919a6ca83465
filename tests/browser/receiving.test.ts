import { expect } from 'chai';
import type { Locator, Page } from 'playwright-core';
import sharp from 'sharp';
import { heading, oneMoreWheel, press, say, soundLook } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';
import { earSaid, simulate, answerWaits } from './ringing.js';

const picture = async (width = 900, height = 600): Promise<Buffer> =>
	sharp({ create: { width, height, channels: 3, background: '#8a6a4a' } })
		.jpeg()
		.toBuffer();

/** Where a link leads; addresses are relative as sent and absolute once the page listens. */
const address = async (link: Locator): Promise<string> =>
	new URL((await link.getAttribute('href'))!, link.page().url()).href;

describe('receiving a wheel', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const pictures = () => page.getByLabel('Pictures of the wheel');
	const fill = async (number: string, marking = 'WA 60 K 8 V') => {
		await page.goto(`${base()}/rack/new`);
		await page.getByLabel('Marking', { exact: true }).fill(marking);
		for (const [label, value] of [
			['Wheel number', number],
			['Diameter when new', '300'],
			['Diameter today', '300'],
			['Width', '32'],
			['Bore', '50.8'],
			['Scrap diameter', '180'],
			['Mass when new', '4.66'],
			['Marked speed', '40'],
			['Place', 'bay 12']
		] as const)
			await page.getByLabel(label, { exact: false }).first().fill(value);
	};

	it('says what is wrong with a picture and keeps what was typed', async () => {
		await fill('9001');
		for (const [file, says] of [
			[
				{
					name: 'dot.png',
					mimeType: 'image/png',
					buffer: await sharp({ create: { width: 1, height: 1, channels: 3, background: '#000' } })
						.png()
						.toBuffer()
				},
				/dot.png: 1 × 1 points show nothing/
			],
			[
				{
					name: '"><script>alert(1)</script>.jpg',
					mimeType: 'image/jpeg',
					buffer: Buffer.from('no picture at all')
				},
				/<script>.*not a picture that can be read/
			],
			[
				{ name: 'torn.jpg', mimeType: 'image/jpeg', buffer: (await picture()).subarray(0, 700) },
				/torn.jpg: .*(damaged|cannot be read|can be read)/
			]
		] as const) {
			await pictures().setInputFiles(file);
			await page.getByText(says).first().waitFor();
		}
		await page.evaluate(() => {
			const dt = new DataTransfer();
			dt.items.add(new File([new Blob([new Uint8Array(50 * 1024 * 1024)])], 'huge.jpg'));
			const input = document.querySelector<HTMLInputElement>('[aria-label="Pictures of the wheel"]')!;
			input.files = dt.files;
			input.dispatchEvent(new Event('change', { bubbles: true }));
		});
		await page.getByText(/huge.jpg has 50 MB/).waitFor();
		expect(await page.getByRole('img', { name: /Picture \d of the wheel/ }).count()).to.equal(0);
		const direct = await page.request.post(`${base()}/api/pictures?for=wheel-new`, {
			data: Buffer.alloc(30 * 1024 * 1024),
			headers: { 'content-type': 'application/octet-stream' }
		});
		expect(direct.status()).to.equal(413);
		await page.reload();
		await page.waitForFunction(() => [...document.querySelectorAll('input')].some((i) => i.value === '9001'));
	});
	it('takes a picture and the look with it onto the rack, and prints its tag', async () => {
		await fill('9001');
		await pictures().setInputFiles({ name: 'front.jpg', mimeType: 'image/jpeg', buffer: await picture() });
		await page.getByRole('img', { name: 'Picture 1 of the wheel' }).waitFor();
		await page.reload();
		await page.getByRole('img', { name: 'Picture 1 of the wheel' }).waitFor();
		await soundLook(page);
		await page.getByRole('img', { name: /^Wheel face/ }).click({ position: { x: 150, y: 14 } });
		await page.getByLabel('Size of chip 1, mm').fill('1.5');
		await page.getByText('Sound to look at: ring it next').waitFor();
		await press(page, 'Accept it onto the rack');
		await heading(page, 'Wheel 9001');
		await page.getByText('On the rack. Print its tag').waitFor();
		await page.getByRole('img', { name: /Picture 1 of wheel 9001/ }).waitFor();
		const tag = await page.request.get(await address(page.getByRole('link', { name: 'Print its tag' })));
		expect((await tag.body()).subarray(0, 5).toString()).to.equal('%PDF-');
		await page.goto(`${base()}/log?wheel=9001`);
		await page.getByText('at the rack').first().waitFor();
	});
	it('sets a cracked one aside with its reason', async () => {
		await fill('9002');
		await soundLook(page);
		await say(page, 'A crack anywhere', 'Yes');
		await press(page, 'Set it aside, quarantined');
		await page.getByText(/Quarantined: A crack/).waitFor();
	});
	it('looks one of the rack over again and rings it with the simulator', async () => {
		const number = await oneMoreWheel(page, base());
		await page.goto(`${base()}/rack/${number}/ring`);
		await page.getByRole('link', { name: 'Look it over' }).click();
		await heading(page, `Look wheel ${number} over`);
		await soundLook(page);
		await press(page, /^Looked over, on to the ring/);
		await heading(page, `Ring wheel ${number}`);
		await simulate(page, 'sound', '4');
		await answerWaits(page);
		expect(await page.getByText('The recording:').count()).to.equal(0);
		for (let i = 0; i < 8; i++) await page.keyboard.press('c');
		await page.getByText('The recording: clear.').waitFor();
		await press(page, /^Rung/);
		await heading(page, `Wheel ${number}`);
		const rings = page.getByRole('table', { name: 'Rings of this wheel' });
		await rings.getByText(/, first/).waitFor();
		const file = await page.request.get(await address(rings.getByRole('link', { name: 'WAV' })));
		expect((await file.body()).subarray(0, 4).toString()).to.equal('RIFF');
		expect(file.headers()['content-disposition']).to.match(
			new RegExp(`attachment; filename="ring-${number}-`)
		);
		await page.goto(`${base()}/rack/${number}/ring`);
		await simulate(page, 'sound', '4');
		await answerWaits(page);
		await earSaid(page);
		await press(page, 'Tap by tap');
		await page.getByRole('table', { name: 'Tap by tap' }).getByRole('button', { name: 'Play tap 8' }).click();
	});
});
