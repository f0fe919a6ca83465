import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { buildProfile } from '../../src/core/form/build-profile.js';
import { writeDxf } from '../../src/core/form/dxf/write.js';
import { type RawSegment, chainOf } from '../../src/core/form/profile/chain.js';
import { accessible } from './accessible.js';
import { done, heading, press, say } from './bench.js';
import { begin } from './on-route.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { broughtToDress, field } from './to-dress.js';
import { dressed, released } from './to-release.js';
import { aligned, creep, formed, open, points, room, shaped, stacked, tab, whole } from './to-form.js';

const FLANK = room('Seal lips', '7401');
const CORNER = room('Cam plates', '7402');
const HOLLOW = room('Ball seats', '7403');
const RIBS = creep('Gerotor splines', '7404');
const ROLL = creep('Retainer splines', '7405');

describe('putting a form on the wheel', () => {
	let page: Page;
	before(async function () {
		page = await signedIn('Mara Okonjo');
		await broughtToDress(page, [FLANK, CORNER, HOLLOW, RIBS, ROLL]);
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);

	it('before a wheel is taken a station says so, whichever is asked for', async () => {
		await begin(page, 'Toolroom with a form', /SG-1/, 'surface');
		const [, id] = /setups\/(\d+)/.exec(page.url())!;
		for (const at of ['form', 'balance', 'dress', 'keep']) {
			await page.goto(`${base()}/setups/${id}/${at}`);
			await page.getByText('No wheel is taken yet, so there is nothing to do here.').waitFor();
		}
		await page.getByRole('link', { name: 'To where it stands' }).click();
		await heading(page, 'Select');
	});

	it('a flank of 23 degrees by blocks, from an empty setup to a released wheel', async function () {
		await open(page, FLANK);
		await page.getByText('No form yet.', { exact: false }).waitFor();
		await shaped(page, 'one angle', { Width: '20', Angle: '23' });
		await page.getByText('sine dresser, SF-1').waitFor();
		await accessible(page, 'shape');
		await press(page, /^Keep this shape/);
		// The drawing counts from the radial line: set from the wrong one it is refused with both angles.
		await field(page, 'Angle').fill('67');
		await page.getByText(/Is it given from the other line\?/).waitFor();
		await page.getByRole('group', { name: 'Measured from the' }).getByText('radial line').click();
		await page.getByText('slide at 23°').waitFor();
		expect(await page.getByRole('status').first().innerText()).to.match(/^39\.0731 mm/);
		await press(page, 'Choose the blocks');
		await page.getByText(/^Off by/).waitFor();
		await accessible(page, 'sine dresser');
		await stacked(page, 'Slide is covered');
		await page.getByText('Passes in all').waitFor();
		await accessible(page, 'passes');
		await press(page, /^Plan like this/);
		await field(page, 'Tip past centre').fill('-0.9');
		await page
			.getByText(/entering side/)
			.first()
			.waitFor();
		await accessible(page, 'on centre');
		await aligned(page);
		await page.getByText(/passes: count them as you go/).waitFor();
		await accessible(page, 'form dressed');
		await formed(page);
		await press(page, 'Scanner stand-in');
		await press(page, /^Proved on this coupon/);
		await done(page, 'Form');
		// A straight dress would take it off again.
		await page.getByRole('link', { name: /^On to dressing/ }).click();
		await heading(page, 'Dress');
		expect(await page.getByRole('radio', { name: 'a radius' }).isChecked()).to.equal(true);
		await dressed(page, { offset: '-0.3', alongForm: true });
		await released(page);
	});

	it('a round corner of 2.4 from an engraved constant, the coupon taken back into the stack', async function () {
		await open(page, CORNER);
		await shaped(page, 'round corners', { Width: '32', Radius: '2.4' });
		await field(page, 'Form tolerance').fill('4');
		await press(page, /^Keep this shape/);
		await page.getByText('37.6 mm').first().waitFor();
		await field(page, 'Stop at the left').fill('-80');
		await page.getByText(/The swing goes beyond its stops/).waitFor();
		await field(page, 'Stop at the left').fill('-92');
		await accessible(page, 'radius dresser');
		await stacked(page, 'Swung by hand first');
		await press(page, /^Plan like this/);
		await aligned(page);
		await formed(page);
		const corner = buildProfile.run({ shape: 'corner-radius', widthMm: 32, radiusMm: 2.4 }).segments;
		await page.getByLabel(/^Points measured/).fill(points(corner, 14));
		await page.getByText('4 µm allowed').waitFor();
		await accessible(page, 'coupon');
		await press(page, 'Book this coupon');
		await tab(page, 'Coupon').click();
		await page.getByLabel(/^Points measured/).fill(points(corner, 14));
		await press(page, 'Take it back into the stack');
		await page.getByText('corrected by the coupon').waitFor();
		const stack = Number((await page.getByRole('status').first().innerText()).split(' ')[0]);
		expect(stack).to.be.within(37.57, 37.595);
		await stacked(page, 'Swung by hand first');
		await tab(page, 'Dress and listen').click();
		await formed(page);
		await page.getByLabel(/^Points measured/).fill(points(corner, 1));
		await press(page, /^Proved on this coupon/);
		await done(page, 'Form');
	});

	it('a hollow too small for its tip is refused, and made with another', async function () {
		await open(page, HOLLOW);
		await shaped(page, 'hollow radius', { Width: '20', Radius: '0.3', Depth: '0.2' });
		await page.getByText('Smallest hollow against the tip').waitFor();
		await press(page, /^Keep this shape/);
		await stacked(page, 'Swung by hand first');
		await page
			.getByText(/A tip of 0.25 mm cannot turn inside a hollow of 0.3 mm/)
			.first()
			.waitFor();
		await tab(page, 'Shape').click();
		await page.getByRole('radio', { name: /^RF-2/ }).check();
		await press(page, /^Keep this shape/);
		await page.getByText('tip 100 µm').waitFor();
		await stacked(page, 'Swung by hand first');
		await press(page, /^Plan like this/);
		await aligned(page);
		await formed(page);
		await press(page, 'Scanner stand-in');
		await press(page, /^Proved on this coupon/);
		await done(page, 'Form');
	});

	it('ribs from a drawing, by a controlled dresser with its program', async function () {
		await open(page, RIBS);
		const ribs = buildProfile.run({
			shape: 'multi-rib',
			pitchMm: 5,
			count: 3,
			includedAngleDeg: 60,
			depthMm: 2.4,
			crestRadiusMm: 0.4,
			rootRadiusMm: 0.5,
			crestWidthMm: 0.6
		}).segments as RawSegment[];
		const text = writeDxf(chainOf(whole(ribs)), 'PROFILE');
		await press(page, 'Drawing (DXF)');
		const panel = page.getByRole('region', { name: 'From a drawing' });
		// A file of another kind, then one that does not say its unit: each is told, nothing is taken.
		await panel.getByLabel('Take a file').setInputFiles({
			name: 'photo.dxf',
			mimeType: 'application/dxf',
			buffer: Buffer.from([0, 1, 2, 3, 255, 254])
		});
		await panel.getByRole('status').getByText(/not/).first().waitFor();
		await panel.getByLabel(/^Drawing/).fill(text.replace(/9\n\$INSUNITS\n70\n4\n/, ''));
		await panel.getByText(/does not say its unit/).waitFor();
		expect(await page.getByRole('button', { name: 'Take this drawing' }).isDisabled()).to.equal(true);
		await panel.getByText('mm', { exact: true }).first().click();
		await panel.getByText(/13 lines, 12 arcs/).waitFor();
		await press(page, 'Take this drawing');
		await page.getByText('controlled dresser, D-09').waitFor();
		await press(page, /^Keep this shape/);
		await press(page, /^Plan like this/);
		const list = page.getByRole('listbox', { name: 'Program, block by block' });
		await list.getByRole('option').first().waitFor();
		await list.focus();
		for (let i = 0; i < 9; i++) await page.keyboard.press('ArrowDown');
		expect(await list.getByRole('option', { selected: true }).innerText()).to.match(/^G[0123] /);
		const file = decodeURIComponent(
			(await page.getByRole('link', { name: 'Take it out as a draft' }).getAttribute('href'))!
		);
		expect(file).to.match(/DRAFT - DRY RUN FIRST/);
		await page.getByRole('button', { name: 'Play' }).click();
		await page.getByText(/^Pass 2 of/).waitFor();
		await page.getByRole('button', { name: 'Hold' }).click();
		await accessible(page, 'program');
		await press(page, /^Keep this program/);
		await aligned(page);
		await formed(page);
		await press(page, 'Scanner stand-in');
		await press(page, /^Proved on this coupon/);
		await done(page, 'Form');
	});

	it('a form roll with its mirror', async function () {
		await open(page, ROLL);
		await press(page, 'Library');
		const library = page.getByRole('region', { name: 'From the library' });
		await library.getByRole('button', { name: 'Drive spline' }).click();
		await press(page, 'Take this form');
		await field(page, 'Form named after').fill('Retainer splines');
		await page.getByText('driven form roll, R-02').waitFor();
		await press(page, /^Keep this shape/);
		await page
			.getByText('R-02 carries "retainer spline"; this form is "Retainer splines".')
			.first()
			.waitFor();
		await field(page, 'Roll speed').fill('2900');
		await field(page, 'In all').fill('2.5 mm');
		await accessible(page, 'form roll');
		await say(page, 'The roll carries this form', 'Yes');
		await press(page, /^Set like this/);
		await aligned(page, true);
		await formed(page);
		await press(page, 'Scanner stand-in');
		await press(page, /^Proved on this coupon/);
		await done(page, 'Form');
	});
});
