import type { Page } from 'playwright-core';
import { done, heading, press, say, station } from './bench.js';
import { restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { begin, fill, lookedOverDead, reasoned, takeAndInspect } from './on-route.js';
import { anotherBenchGrinder, dressWith } from './to-dress.js';
import { balanced, dressed, mounted, released, runIn, trued } from './to-release.js';

const BENCH = {
	marking: 'A 60 M 5 V',
	newDiameterMm: 200,
	diameterMm: 200,
	widthMm: 25,
	boreMm: 31.75,
	minDiameterMm: 130,
	massKg: 1.7,
	ratedMps: 35
};
const SMALL = {
	marking: 'WA 60 K 7 V',
	newDiameterMm: 60,
	diameterMm: 60,
	widthMm: 13,
	boreMm: 12.7,
	minDiameterMm: 35,
	massKg: 0.08,
	ratedMps: 40
};
/** The routes that no other test takes to a released wheel by mouse. */
describe('every route leads to a released wheel', () => {
	let page: Page;
	before(async () => {
		page = await signedIn('Mara Okonjo');
	});
	afterEach(async () => {
		await restartApp();
	});
	after(async () => {
		await page.context().close();
	});
	tellOnFailure(() => page);

	it('an old machine is woken first', async function () {
		await begin(page, 'Recommission', /SG-1/, 'surface');
		await heading(page, 'Machine: wake it');
		await lookedOverDead(page);
		await page.getByRole('radio', { name: 'clockwise', exact: true }).check();
		await page.getByRole('radio', { name: 'works' }).check();
		await press(page, 'Book the checks');
		await done(page, 'Machine');
		await station(page, 'Select').click();
		await takeAndInspect(page, true);
		await mounted(page);
		await runIn(page);
		await trued(page);
		await balanced(page);
		await dressed(page);
		await released(page);
	});

	it('weights neutral: nothing is balanced, the finish judges', async function () {
		await begin(page, 'Weights neutral, then judge', /SG-1/, 'surface');
		await takeAndInspect(page, true);
		await mounted(page, 'read', 'then neutral');
		await page.getByRole('button', { name: 'Weights neutral' }).click();
		await say(page, 'Weights at equal spacing', 'Yes');
		await press(page, 'Weights stand so');
		await reasoned(page, 'roughly balanced by the finish of a trial cut');
		await done(page, 'Mount');
		await runIn(page);
		await trued(page);
		await dressed(page);
		await released(page);
	});

	it('a single layer of grain is neither trued nor dressed', async function () {
		await begin(page, 'Single layer', /SG-1/, 'surface');
		await takeAndInspect(
			page,
			false,
			{
				marking: '1A1-250-20-76.2 B126 100 EP',
				bondFamily: 'plated',
				newDiameterMm: 250,
				diameterMm: 249.9,
				widthMm: 20,
				massKg: 5
			},
			'the only plated one for this part'
		);
		await mounted(page);
		await runIn(page);
		await released(page);
	});

	it('a grinder on a lathe: on centre, ways covered, dressed by a jig', async function () {
		await begin(page, 'Lathe tool post', /LP-1/, 'lathe tool post');
		await takeAndInspect(page, false, SMALL);
		await station(page, 'Mount').click();
		await fill(page, [
			['Wheel axis above centre', '0.1'],
			['Work diameter', '40'],
			['Size tolerance', '20']
		]);
		await page.getByRole('radio', { name: 'external' }).check();
		await say(page, 'Ways covered', 'Yes');
		await say(page, 'Wheel clear of the chuck', 'Yes');
		await press(page, 'Set up on the lathe');
		await mounted(page, 'by hand', '', { bore: '12.76', seat: '12.69', screws: false });
		await runIn(page, '7390');
		await trued(page);
		await station(page, 'Dress').click();
		await dressWith(page, 'lines on the part, face not straight', 'hand dresser', /^HS-1/);
		await page.getByText('a jig', { exact: true }).click();
		await page.getByRole('radio', { name: 'rest', exact: true }).check();
		await say(page, 'Rest set with the wheel standing', 'Yes');
		await fill(page, [['Tool meets the wheel at', '-0.5']]);
		await press(page, /^Tool stands like this/);
		await say(page, 'Cut evenly over the face', 'Yes');
		await fill(page, [['Diameter now', '59.6']]);
		await press(page, /^Dressed, sounds even/);
		for (const [q, a] of [
			['Face straight', 'Yes'],
			['Corners right', 'Yes'],
			['Grooves left', 'No'],
			['Rest back at its gap', 'Yes'],
			['Face parallel to the lathe', 'Yes']
		] as const)
			await say(page, q, a);
		await press(page, 'Face looked at');
		await done(page, 'Dress');
		await released(page, '0.7');
	});

	it('a bench grinder: rest and tongue close, dressed by hand', async function () {
		await anotherBenchGrinder(page, 'BG-8');
		await begin(page, 'Bench grinder', /BG-8/, 'off-hand');
		await takeAndInspect(page, true, BENCH);
		await mounted(page, 'by hand', 'then the rest', { bore: '31.80', seat: '31.75', screws: false });
		await page.getByRole('button', { name: 'Rest and guards' }).click();
		await fill(page, [
			['Rest to wheel', '2'],
			['Tongue to wheel', '4']
		]);
		for (const q of [
			'Rest at or just under the centre',
			'Side guards on',
			'Eye shield clean and in place',
			'Bolted down'
		])
			await say(page, q, 'Yes');
		await press(page, 'Rest and guards are set');
		await done(page, 'Mount');
		await runIn(page, '2840');
		await station(page, 'Dress').click();
		await dressWith(page, 'lines on the part, face not straight', 'hand dresser', /^S-1/);
		await page.getByText('the hand alone').click();
		await page.getByRole('radio', { name: 'rest', exact: true }).check();
		await say(page, 'Rest set with the wheel standing', 'Yes');
		await fill(page, [['Rest moved back to', '34']]);
		await press(page, /^Rest and tool stand like this/);
		await say(page, 'Cut evenly over the face', 'Yes');
		await fill(page, [['Diameter now', '199.4']]);
		await press(page, /^Dressed, sounds even/);
		for (const [q, a] of [
			['Face straight', 'Yes'],
			['Corners right', 'Yes'],
			['Grooves left', 'No'],
			['Rest back at its gap', 'Yes']
		] as const)
			await say(page, q, a);
		await press(page, 'Face looked at');
		await done(page, 'Dress');
		await released(page, '0.7');
	});
});
