import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { writeDxf } from '../../src/core/form/dxf/write.js';
import { freeText } from '../../src/core/form/shapes/free-text.js';
import { accessible } from './accessible.js';
import { press } from './bench.js';
import { base, signedIn, tellOnFailure } from './fixtures.js';

const RIBS = writeDxf(freeText('0,0; 2,0; 3,1.2; 4,1.2; 5,0; 7,0; 8,1.2; 9,1.2; 10,0; 12,0'), 'FACE');
const file = (text: string, name = 'ribs.dxf') => ({
	name,
	mimeType: 'application/dxf',
	buffer: Buffer.from(text)
});

/** The benches of a form: what is typed, taken in and given out is drawn as it is. */
describe('benches of the form', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Ines Falk');
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);
	const open = (id: string) => page.goto(`${base()}/benches/form.${id}`);
	const board = (name: RegExp) => page.getByRole('img', { name });
	const typed = (name: string, value: string) => page.locator(`[data-field="${name}"]`).first().fill(value);

	it('a shape asks for its own measures only, and is drawn with its part', async () => {
		await open('build-profile');
		await page.getByLabel('Shape', { exact: true }).selectOption('multi-rib');
		await page.getByLabel('Pitch').waitFor();
		expect(await page.getByLabel('Chamfer').count()).to.equal(0);
		for (const [name, value] of [
			['pitchMm', '2.5'],
			['count', '6'],
			['includedAngleDeg', '60'],
			['depthMm', '1.2']
		] as const)
			await typed(name, value);
		await board(/^Face 15 mm wide, 1\.2 mm deep/).waitFor();
		await accessible(page, 'shape');
		const href = await page.getByRole('link', { name: 'DXF' }).getAttribute('href');
		expect(decodeURIComponent(href!)).to.contain('AC1009');
		await typed('depthMm', '3');
		await page.getByText(/Ribs so deep run into each other/).waitFor();
		await page.setViewportSize({ width: 820, height: 1000 });
		await typed('depthMm', '1');
		await board(/^Face 15 mm wide/).waitFor();
		expect(await page.evaluate(() => document.documentElement.scrollWidth)).to.be.at.most(820);
		await page.setViewportSize({ width: 1280, height: 800 });
	});
	it('a drawing is taken out of a file, and what is wrong with one is said', async () => {
		await open('parse-dxf');
		const take = page.getByLabel('Take a file');
		await take.setInputFiles(file(RIBS));
		await board(/^Face 12 mm wide, 1\.2 mm deep/).waitFor();
		await take.setInputFiles(file('x'.repeat(5_000_001), 'photo.dxf'));
		await page.getByText(/photo\.dxf is larger than 5000 kB/).waitFor();
		// What was there stays.
		await board(/^Face 12 mm wide/).waitFor();
		await take.setInputFiles(file(RIBS.replace('LINE', 'SPLINE'), 'spline.dxf'));
		await page.getByText(/Passed over: 1 SPLINE/).waitFor();
		await take.setInputFiles(file('Dear all,\nplease find\n', 'letter.txt'));
		await page
			.getByText(/no group code of a drawing/)
			.first()
			.waitFor();
		await accessible(page, 'drawing');
	});
	it('a hollow the nose cannot reach is painted with its amount', async () => {
		await open('tool-path');
		await press(page, 'Fill in an example');
		await board(/^Face 12 mm wide/).waitFor();
		// The flat becomes a flank that runs up: the corner before it is a sharp hollow.
		await typed('segments.1.x1Mm', '-3');
		await board(/the tool leaves [\d.]+ µm at/).waitFor();
		await page.getByText(/Take a sharper one/).waitFor();
	});
	it('a block of the program is picked by keyboard, and it goes out as a draft', async () => {
		await open('gcode');
		await press(page, 'Fill in an example');
		const list = page.getByRole('listbox', { name: 'Program, block by block' });
		await list.focus();
		for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowDown');
		await list.getByRole('option', { selected: true }).getByText('(WHEEL TURNING').waitFor();
		const href = await page.getByRole('link', { name: 'Take it out as a draft' }).getAttribute('href');
		expect(decodeURIComponent(href!)).to.match(/^data:text\/plain;charset=utf-8,\(DRAFT - DRY RUN FIRST/);
		await accessible(page, 'program');
	});
	it('a coupon read by the scanner stands on the form with its errors', async () => {
		await open('compare-measured');
		await press(page, 'Fill in an example');
		await press(page, 'Scanner stand-in');
		await press(page, 'Compute it');
		await board(/^Worst -?[\d.]+ µm at/).waitFor();
		await page.getByText(/The form is off by/).waitFor();
		await accessible(page, 'coupon');
	});
	it('blocks are chosen and drawn in the order they are wrung', async () => {
		await open('block-stack');
		await press(page, 'Fill in an example');
		await press(page, 'Compute it');
		await board(/^Stack 25, 20\.5, 1\.21, 1\.005 mm from below/).waitFor();
		await accessible(page, 'blocks');
		await open('radius-setting');
		await press(page, 'Fill in an example');
		await board(/^Convex radius 4 mm, swung from -45° to 90°, stack 41\.72 mm/).waitFor();
	});
});
