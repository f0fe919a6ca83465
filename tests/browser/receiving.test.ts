import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import sharp from 'sharp';
import { done, heading, oneMoreWheel, press, say, station } from './bench.js';
import { base, signedIn, startApp, stopApp, tellOnFailure } from './ground.js';
import { loadWav, oddRecordings, ringFile } from './recordings.js';

const picture = async (width = 900, height = 600): Promise<Buffer> =>
	sharp({ create: { width, height, channels: 3, background: '#8a6a4a' } })
		.jpeg()
		.toBuffer();
const look = async (page: Page) => {
	for (const [q, a] of [
		['A crack anywhere', 'No'],
		['It fell or was hit', 'No'],
		['Marking and speed can be read', 'Yes'],
		['Bore clean', 'Yes'],
		['Faces clean', 'Yes']
	] as const)
		await say(page, q, a);
};
const earSaid = (page: Page) => press(page, /^Clear at all/);
const simulate = async (page: Page, condition: string, seed: string) => {
	await press(page, 'Simulator');
	await page.getByLabel('Condition').selectOption({ label: condition });
	await page.getByLabel('Seed').fill(seed);
	await press(page, 'Ring the simulator');
};
const answerWaits = (page: Page) =>
	page.getByText('Its answer is shown after yours').waitFor({ timeout: 30_000 });
const kept = (page: Page) =>
	page.waitForResponse((r) => r.url().includes('/recordings?') && r.ok(), { timeout: 30_000 });

let part = 0;
/** A setup with a wheel taken, looked over and waiting to be rung. */
async function readyToRing(page: Page): Promise<string> {
	await oneMoreWheel(page, base());
	await page.goto(`${base()}/setups/new`);
	await page.getByLabel('Part', { exact: true }).fill(`Ringing ${++part}`);
	await page.getByLabel('How many').fill('2');
	await page.getByRole('combobox', { name: 'Material' }).fill('tool steel');
	await page.keyboard.press('Enter');
	await page.getByLabel('Ground').selectOption({ label: 'surface' });
	await page.getByLabel('Finish wanted, Ra').fill('0.8');
	await page.getByRole('radio', { name: /SG-1/ }).check();
	await press(page, 'Start the setup');
	await press(page, /^Take wheel/);
	await press(page, /On to inspecting/);
	await heading(page, 'Inspect: look');
	await look(page);
	await press(page, 'Looked over');
	await heading(page, 'Inspect: ring');
	return /setups\/(\d+)/.exec(page.url())![1]!;
}

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
		await look(page);
		await page.getByRole('img', { name: /^Wheel face/ }).click({ position: { x: 150, y: 14 } });
		await page.getByLabel('Size of chip 1, mm').fill('1.5');
		await page.getByText('Sound to look at: ring it next').waitFor();
		await press(page, 'Accept it onto the rack');
		await heading(page, 'Wheel 9001');
		await page.getByText('On the rack. Print its tag').waitFor();
		await page.getByRole('img', { name: /Picture 1 of wheel 9001/ }).waitFor();
		const tag = await page.request.get(
			`${base()}${await page.getByRole('link', { name: 'Print its tag' }).getAttribute('href')}`
		);
		expect((await tag.body()).subarray(0, 5).toString()).to.equal('%PDF-');
		await page.goto(`${base()}/log?wheel=9001`);
		await page.getByText('at the rack').first().waitFor();
	});
	it('sets a cracked one aside with its reason', async () => {
		await fill('9002');
		await look(page);
		await say(page, 'A crack anywhere', 'Yes');
		await press(page, 'Set it aside, quarantined');
		await page.getByText(/Quarantined: A crack/).waitFor();
	});
	it('looks one of the rack over again and rings it with the simulator', async () => {
		await page.goto(`${base()}/rack/9001/ring`);
		await page.getByRole('link', { name: 'Look it over again' }).click();
		await heading(page, 'Look wheel 9001 over');
		await look(page);
		await press(page, /^Looked over, on to the ring/);
		await heading(page, 'Ring wheel 9001');
		await simulate(page, 'sound', '4');
		await answerWaits(page);
		expect(await page.getByText('The recording:').count()).to.equal(0);
		for (let i = 0; i < 8; i++) await page.keyboard.press('c');
		await page.getByText('The recording: clear.').waitFor();
		await press(page, /^Rung/);
		await heading(page, 'Wheel 9001');
		const rings = page.getByRole('table', { name: 'Rings of this wheel' });
		await rings.getByText(/, first/).waitFor();
		const file = await page.request.get(
			`${base()}${await rings.getByRole('link', { name: 'WAV' }).getAttribute('href')}`
		);
		expect((await file.body()).subarray(0, 4).toString()).to.equal('RIFF');
		expect(file.headers()['content-disposition']).to.match(/attachment; filename="ring-9001-/);
		await page.goto(`${base()}/rack/9001/ring`);
		await simulate(page, 'sound', '4');
		await answerWaits(page);
		await earSaid(page);
		await press(page, 'Tap by tap');
		await page.getByRole('table', { name: 'Tap by tap' }).getByRole('button', { name: 'Play tap 8' }).click();
	});
});

describe('ringing a wheel in its setup', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Tobias Renn');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const stopped = async (id: string) => {
		await page
			.getByText(/is quarantined/)
			.first()
			.waitFor();
		const refused = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'mount',
				step: 'fit',
				values: { boreMm: 76.25, arborMm: 76.2, forced: false },
				version: 99,
				key: crypto.randomUUID()
			}
		});
		expect(refused.status()).to.equal(409);
		await station(page, 'Mount').click();
		await heading(page, 'Mount');
	};

	it('judges every kind of recording in words, from an uploaded WAV, and stays up', async function () {
		this.timeout(240_000);
		for (const [file, says] of oddRecordings()) {
			await page.goto(`${base()}/benches/inspect.ring-analysis`);
			await loadWav(page, file);
			const result = page.locator('main');
			const bench = new RegExp(
				says.source
					.replace('The recording: clear', '^Clear$')
					.replace('The recording: (dull|doubtful|not to be judged)', '^(Dull|Doubtful|Not to be judged)$')
			);
			await result.getByText(bench).first().waitFor({ timeout: 40_000 });
		}
	});
	it('from an uploaded WAV, ear first; both clear lets it go on', async () => {
		const id = await readyToRing(page);
		const stored = kept(page);
		await loadWav(page, ringFile('clear'));
		await answerWaits(page);
		await stored;
		const ear = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: { station: 'inspect', step: 'ring', values: { taps: [] }, version: 3, key: crypto.randomUUID() }
		});
		expect(ear.status(), 'clear by the recording alone').to.be.oneOf([400, 409]);
		await page.reload();
		await answerWaits(page);
		await earSaid(page);
		await page.getByText('The recording: clear.').waitFor();
		await page.getByRole('img', { name: /^The recording, .* with 8 taps/ }).waitFor();
		await press(page, /^Rung/);
		await done(page, 'Inspect');
		await page.getByText('clear at 8 places, by ear and recording').waitFor();
	});
	it('is refused when dull by the recording, however it sounded', async () => {
		const id = await readyToRing(page);
		const stored = kept(page);
		await loadWav(page, ringFile('damped'));
		await answerWaits(page);
		await stored;
		await earSaid(page);
		await page.getByText('Dull. Do not mount.').waitFor();
		await press(page, 'Quarantine the wheel');
		await stopped(id);
	});
	it('is refused when dull by ear, however the recording', async () => {
		const id = await readyToRing(page);
		const stored = kept(page);
		await simulate(page, 'sound', '9');
		await answerWaits(page);
		await stored;
		await page.keyboard.press('c');
		await page.keyboard.press('d');
		await page.getByText('Dull. Do not mount.').waitFor();
		await press(page, 'Quarantine the wheel');
		await stopped(id);
	});
	it('a dull recording is not lifted by a clear one, nor by a direct request', async () => {
		const id = await readyToRing(page);
		let stored = kept(page);
		await loadWav(page, ringFile('damped'));
		await answerWaits(page);
		await stored;
		stored = kept(page);
		await loadWav(page, ringFile('clear'));
		await stored;
		const direct = await page.request.post(`${base()}/api/setups/${id}/records`, {
			data: {
				station: 'inspect',
				step: 'ring',
				values: { taps: Array.from({ length: 8 }, () => 'clear') },
				version: 3,
				key: crypto.randomUUID()
			}
		});
		expect(direct.status()).to.equal(200);
		await page.reload();
		await stopped(id);
	});
	it('a recording the server could not take waits in the browser, over a reload, until it can', async () => {
		await readyToRing(page);
		await stopApp();
		await loadWav(page, ringFile('clear', 8));
		await page.getByText(/The recording waits here/).waitFor({ timeout: 30_000 });
		await startApp();
		const stored = kept(page);
		await page.reload();
		await stored;
		await answerWaits(page);
	});
	it('keeps the main thread free while it listens to 20 s', async function () {
		this.timeout(120_000);
		await page.request.post(`${base()}/api/wheels`, {
			data: {
				values: {
					number: '9050',
					marking: 'WA 60 K 8 V',
					newDiameterMm: 300,
					diameterMm: 300,
					widthMm: 32,
					boreMm: 50.8,
					minDiameterMm: 180,
					massKg: 4.66,
					ratedMps: 40,
					place: 'bay 12'
				}
			}
		});
		await page.goto(`${base()}/rack/9050/look`);
		await look(page);
		await press(page, /^Looked over, on to the ring/);
		await heading(page, /^Ring wheel/);
		await page.waitForLoadState('networkidle');
		const { writeWav } = await import('../../src/core/audio/wav.js');
		const { ringSamples } = await import('./recordings.js');
		// By its path: a file handed over as bytes would itself be unpacked on the main thread.
		const file = join(mkdtempSync(join(tmpdir(), 'uncinus-long-')), 'long.wav');
		writeFileSync(
			file,
			writeWav({
				sampleRateHz: 48000,
				samples: ringSamples(
					'clear',
					3,
					Array.from({ length: 20 }, (_, i) => (i * 45) % 360),
					48000,
					0.96
				)
			})
		);
		await page.evaluate(() => {
			const w = window as unknown as { long: number[] };
			w.long = [];
			new PerformanceObserver((list) => {
				for (const e of list.getEntries()) w.long.push(e.duration);
			}).observe({ type: 'longtask' });
		});
		const over: number[][] = [];
		// Work of its own blocks the page every time; another program that takes the processor away meanwhile does not.
		for (let turn = 0; turn < 3 && (turn === 0 || over.at(-1)!.length > 0); turn++) {
			await page.evaluate(() => {
				(window as unknown as { long: number[] }).long.length = 0;
			});
			await page.getByLabel('A WAV recording of the ring').setInputFiles(file);
			await page.getByRole('progressbar', { name: 'Listening to it' }).waitFor();
			await answerWaits(page);
			over.push(
				(await page.evaluate(() => (window as unknown as { long: number[] }).long)).filter((ms) => ms > 50)
			);
		}
		expect(
			over.at(-1),
			`tasks over 50 ms in each turn: ${over.map((o) => o.map((n) => n.toFixed(0)).join(', ')).join('; ')}`
		).to.deep.equal([]);
	});
	it('stops listening when asked to', async () => {
		await page.goto(`${base()}/benches/inspect.ring-analysis`);
		const { writeWav } = await import('../../src/core/audio/wav.js');
		const { ringSamples } = await import('./recordings.js');
		await loadWav(page, {
			name: 'long.wav',
			mimeType: 'audio/wav',
			buffer: Buffer.from(
				writeWav({
					sampleRateHz: 48000,
					samples: ringSamples(
						'clear',
						3,
						Array.from({ length: 20 }, (_, i) => (i * 45) % 360),
						48000,
						0.96
					)
				})
			)
		});
		await press(page, 'Cancel');
		await page.getByText(/Stopped\. Ring it again/).waitFor();
		await press(page, 'Fill in an example');
		await page.getByText('Clear', { exact: true }).first().waitFor({ timeout: 30_000 });
	});
});
