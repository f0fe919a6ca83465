import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { lifeForecast } from '../../src/core/keep/life-forecast.js';
import { accessible, inInches } from './accessible.js';
import { press, station } from './bench.js';
import { Brought, anotherSurfaceGrinder } from './by-request.js';
import { base, restartApp, signedIn, tellOnFailure } from './fixtures.js';
import { fill } from './on-route.js';
import { type Case, broughtToDress } from './to-dress.js';
import { released } from './to-release.js';

/** Splines 6 mm deep, with a wheel that bears four redresses of 150 µm and no more. */
const SPLINES: Case = {
	name: 'Last splines',
	as: 'Retainer splines',
	dressed: true,
	brief: { stockMm: 6, depthUm: 1000, workSpeedMps: 0.002 },
	wheel: {
		number: '7301',
		marking: 'WA 60 F 12 V',
		newDiameterMm: 400,
		diameterMm: 281.2,
		minDiameterMm: 280,
		widthMm: 50,
		boreMm: 127,
		massKg: 12.4,
		ratedMps: 35,
		place: 'keep'
	}
};
/** As the page writes a date. */
const words = (date: string): string =>
	new Date(`${date}T00:00:00Z`).toLocaleDateString('en-GB', {
		day: 'numeric',
		month: 'short',
		year: 'numeric',
		timeZone: 'UTC'
	});
const forecast = (more: object) =>
	lifeForecast.run({
		minDiameterMm: 280,
		newDiameterMm: 400,
		redressUm: 150,
		partsPerRedress: 0,
		redressesPerPart: 3,
		partsPerDay: 0.05,
		leadTimeDays: 3,
		safetyDays: 1,
		fromDate: new Date().toISOString().slice(0, 10),
		...more
	});

describe('keeping a wheel to its end', () => {
	let page: Page;
	before(async function () {
		page = await signedIn('Mara Okonjo');
		await broughtToDress(page, [SPLINES]);
	});
	after(async () => {
		await page.context().close();
		await restartApp();
	});
	tellOnFailure(() => page);
	const open = async (name: string) => {
		await page.goto(`${base()}/setups/${SPLINES.id}/${name}`);
	};
	/** Booked, as the answer says: what was ground since stands anew. */
	const since = (says: RegExp) => page.getByRole('status').filter({ hasText: says }).first().waitFor();

	it('creep feed: redressed four times inside its parts, each date right, overdue said, then scrapped', async function () {
		await open('prove');
		await press(page, 'Touch off and trial');
		await fill(page, [
			['Work, length', '70'],
			['Spindle power', '15000'],
			['Redress after', '2.2']
		]);
		await page.getByRole('img', { name: /redress at 2 mm, 4 mm, 5.95 mm/ }).waitFor();
		await press(page, 'Planned like this');
		await released(page, '0.7');
		await open('keep');
		await since(/^0 of 2 mm infeed/);
		await press(page, "The wheel's book");
		for (const [label, value] of [
			['Redress', '150'],
			['Parts a day', '0.05'],
			['Delivery takes', '3'],
			['To spare', '1'],
			['A wheel costs', '100']
		] as const)
			await page.getByRole('textbox', { name: new RegExp(`^${label}$`) }).fill(value);
		const first = forecast({ diameterMm: 281.2 });
		expect(first.partsLeft).to.equal(1);
		await page.getByText(`order by ${words(first.orderBy)}, last dress ${words(first.lastDate)}`).waitFor();
		await accessible(page, "the wheel's book");
		await press(page, 'Keep this forecast');
		await page.getByText(words(first.lastDate)).first().waitFor();
		await accessible(page, 'keep');

		await page.getByRole('radio', { name: 'redressed' }).check();
		expect(await page.getByLabel('Part 1 is now').inputValue()).to.equal('2');
		await page.getByRole('textbox', { name: /^Taken off/ }).fill('150');
		await page.getByText(/^Zero moves by 0\.15 mm/).waitFor();
		await press(page, 'Redressed');
		await page.getByRole('img', { name: /redress at 2 mm, done; 4 mm; 5.95 mm/ }).waitFor();
		// The next one is forgotten until the part is deeper.
		await page.getByRole('radio', { name: 'ground on' }).check();
		await page.getByLabel('Parts ground').fill('0');
		await page.getByLabel('Part 1 is now').fill('4.5');
		await press(page, 'Part done');
		await page.getByRole('alert').filter({ hasText: 'Redress now.' }).waitFor();
		await page.getByText('part 1 is ground 4.5 mm deep, due at 4 mm').first().waitFor();
		await page.goto(base());
		await page
			.getByRole('article')
			.filter({ hasText: 'Last splines' })
			.getByText('Redress due', { exact: true })
			.waitFor();
		await open('keep');
		expect(await page.getByRole('radio', { name: 'redressed' }).isChecked()).to.equal(true);
		await press(page, 'Redressed');
		await page.getByRole('img', { name: /4 mm, done; 5.95 mm/ }).waitFor();
		for (const [at, then] of [
			['5.95', /5.95 mm, done/],
			['2', /Part 2, .*redress at 2 mm, done/]
		] as const) {
			await page.getByRole('radio', { name: 'redressed' }).check();
			expect(await page.getByLabel(/^Part \d is now/).inputValue()).to.equal(at);
			await press(page, 'Redressed');
			await page.getByRole('img', { name: then }).waitFor();
		}
		// Four of 150 µm: the scrap diameter is reached, and nothing is left to forecast.
		await page.getByText('280 × 50 × 127').first().waitFor();
		const end = forecast({ diameterMm: 280 });
		expect([end.partsLeft, end.verdict]).to.deep.equal([0, 'stop']);
		await page.getByText(words(end.lastDate)).first().waitFor();
		await page.getByRole('radio', { name: 'worn out' }).check();
		await page.getByText('Never to turn again').waitFor();
		await page.getByLabel('Diameter now').fill('280');
		await press(page, 'Scrap it');
		await page.getByText(/This setup is finished; the wheel is scrapped/).waitFor();
		await page.goto(`${base()}/rack/7301`);
		await page.getByText('Scrapped').first().waitFor();
		expect(
			await page
				.getByRole('row')
				.filter({ hasText: /Redressed, / })
				.count()
		).to.equal(4);
	});

	it('a wheel parked, mounted again on another machine, and released with its history', async function () {
		const own = await (await new Brought(page).mounted('neutral-first')).trueAndDressed();
		await station(page, 'Prove').click();
		await released(page, '0.5');
		await own.open('keep');
		await page.getByRole('radio', { name: 'taken off' }).check();
		await page.getByRole('heading', { name: /^Back to the rack/ }).waitFor();
		await page.getByLabel('Diameter now').fill('298.2');
		await page.getByLabel('Parts ground').fill('12');
		await press(page, 'Take it off');
		await page.getByText(/This setup is finished; the wheel is back in the rack/).waitFor();

		const machineId = await anotherSurfaceGrinder(page, 'SG-8');
		const next = await (
			await new Brought(page, { machineId, wheel: own.number }).mounted('neutral-first')
		).trueAndDressed();
		await station(page, 'Prove').click();
		await released(page, '0.5');
		await next.open('keep');
		await press(page, "The wheel's book");
		const book = page.getByRole('table');
		await book.getByText('Mounted again').waitFor();
		await book.getByText('12 parts ground').waitFor();
		await book
			.getByRole('link', { name: `setup ${own.id}` })
			.first()
			.waitFor();
		await page.request.post(`${base()}/api/setups/${next.id}/units`, { data: { units: 'inch' } });
		await next.open('keep');
		await inInches(page, 'keep');
		await press(page, "The wheel's book");
		await inInches(page, "the wheel's book");
		await press(page, 'Speed as it shrinks');
		await inInches(page, 'the speeds');
		await accessible(page, 'the speeds');
		await press(page, 'Two ways to redress');
		await inInches(page, 'two ways');
		await accessible(page, 'two ways');
		await press(page, 'G ratio');
		await inInches(page, 'the G ratio');
		await next.open('prove');
		for (const part of ['Before and after the dress', 'Coolant jet']) {
			await press(page, part);
			await inInches(page, part);
			await accessible(page, part);
		}
	});
});
