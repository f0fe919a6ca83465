import type { Page } from 'playwright-core';
import { done, press, say, startSaid, station } from './bench.js';
import { restartApp } from './fixtures.js';

export const rim = [12, 6, 14, 22, 31, 38, 30, 26, 21, 9, 4, 7];
export const level = [4, 3, 5, 6, 7, 8, 6, 5, 4, 3, 2, 3];
export async function readings(page: Page, list: readonly number[]): Promise<void> {
	for (const [i, r] of list.entries())
		await page.getByLabel(`Reading at ${Math.round((i * 360) / list.length)} degrees`).fill(String(r));
}
/** The wheel's diameter as the rim shows it. */
const diameter = async (page: Page): Promise<number> =>
	Number(
		(
			await page
				.getByText(/^[\d.]+ × [\d.]+ × [\d.]+$/)
				.first()
				.innerText()
		).split(' ')[0]
	);
const take = (page: Page) =>
	page.getByRole('button', { name: 'Take it' }).and(page.locator(':enabled')).click();

/** Read on the dial over a whole turn, and taken. */
export const readDial = async (page: Page, nth = 0): Promise<void> => {
	await page.getByRole('button', { name: 'Read the dial indicator' }).nth(nth).click();
	await take(page);
	await page.getByRole('button', { name: 'Take it' }).waitFor({ state: 'detached' });
};

const FITS = { bore: '76.25', seat: '76.20', screws: true };
/** Bore, flanges, thread and screws of a wheel between flanges. */
export async function mounted(
	page: Page,
	dial: 'read' | 'by hand' = 'read',
	then = '',
	fits = FITS
): Promise<void> {
	await station(page, 'Mount').click();
	await mountSaid(page, dial, fits);
	if (!then) await done(page, 'Mount');
}
/** The same at the open station, up to the last key. */
export async function mountSaid(
	page: Page,
	dial: 'read' | 'by hand',
	{ bore, seat, screws } = FITS
): Promise<void> {
	await page.getByLabel('Bore, measured').fill(bore);
	await page.getByLabel('Seat, measured').fill(seat);
	await say(page, 'Did it have to be forced?', 'No');
	await press(page, 'Slides on by hand');
	if (dial === 'read') await readDial(page);
	else await page.getByLabel(/^Flange run-out/).fill('3');
	for (const b of ['Back blotter', 'Front blotter'])
		await page.getByLabel(b, { exact: true }).selectOption('good');
	await say(page, 'Wiped clean', 'Yes');
	await say(page, 'Burr or dent found', 'No');
	await press(page, 'Flanges are right');
	await press(page, 'Thread is right');
	if (screws) await press(page, 'Show the order');
	await press(page, 'Tightened in this order');
}

/** Guarded start, tachometer, the server's clock put ahead, and what was heard. */
export async function runIn(
	page: Page,
	typedRpm?: string,
	ahead: () => Promise<void> = () => restartApp(600)
): Promise<void> {
	await station(page, 'Run in').click();
	await startSaid(page);
	await press(page, 'Wheel is started');
	await page.getByRole('timer').waitFor();
	if (typedRpm) await page.getByLabel('Tachometer', { exact: true }).fill(typedRpm);
	else {
		await page.getByRole('button', { name: 'Read the tachometer' }).click();
		await take(page);
	}
	await press(page, 'Book the reading');
	// Booked before the server is stopped: the next move is offered.
	await page.getByRole('button', { name: /Ran free/ }).waitFor();
	await ahead();
	await page.reload();
	await page.getByRole('radio', { name: 'an even hum' }).check();
	await press(page, 'Ran free, go on');
	await done(page, 'Run in');
}

/** Read, trued, read again and spun dry. */
export async function trued(page: Page): Promise<void> {
	await station(page, 'True').click();
	await truedSaid(page);
	await done(page, 'True');
}
/** The same at the open station. */
export async function truedSaid(page: Page): Promise<void> {
	await readings(page, rim);
	await press(page, 'Book the readings');
	await press(page, 'Read the rim again');
	await readings(page, level);
	await page.getByLabel('Diameter now').fill(((await diameter(page)) - 0.1).toFixed(2));
	// Asked where coolant is used, of no dry machine.
	if (await page.getByRole('group', { name: 'Spun dry' }).count()) await say(page, 'Spun dry', 'Yes');
	await press(page, 'Trued, readings taken');
}

/** Locked out and lifted over to the stand. */
export async function ontoStand(page: Page): Promise<void> {
	await say(page, 'Spindle stands and is locked out', 'Yes');
	await page.getByRole('radio', { name: 'two together' }).check();
	await say(page, 'Tapers wiped, free of burrs', 'Yes');
	await press(page, 'It lies on the stand');
	await page.getByLabel('Measured by').waitFor();
}
/** Back on its taper, drawn tight; started guarded where it had run before. */
export async function backOnSpindle(page: Page, restart = true): Promise<void> {
	await say(page, 'Spindle stands and is locked out', 'Yes');
	await say(page, 'Tapers wiped, free of burrs', 'Yes');
	await page.getByRole('radio', { name: 'two together' }).check();
	await say(page, 'Drawn tight, tools out', 'Yes');
	await press(page, 'It is back, drawn tight');
	if (!restart) return;
	await say(page, 'Guard closed and latched', 'Yes');
	await say(page, 'Nobody in line with the rim', 'Yes');
	await page.getByLabel(/^Ran empty for/).fill('120');
	await page.getByRole('radio', { name: 'an even hum' }).check();
	await press(page, 'Started, ran empty');
}

/** One roll, one move, it stays, and back it goes. */
export async function balanced(page: Page): Promise<void> {
	await station(page, 'Balance').click();
	await balanceSaid(page);
	await done(page, 'Balance');
}
/** The same at the open station. */
export async function balanceSaid(page: Page): Promise<void> {
	await ontoStand(page);
	await page.getByLabel('Full swing, there and back').fill('14.2');
	await page.getByLabel(/Rested heavy side down at/).fill('197');
	await page
		.getByText(/to \d+°/)
		.first()
		.waitFor();
	await press(page, 'Book this roll');
	await press(page, 'Weights moved, roll again');
	await press(page, 'It stays put everywhere');
	await backOnSpindle(page);
}

/** Placed, set, and listened to; a caution that stands is accepted with its reason. */
export async function dressed(
	page: Page,
	{ offset = '-6', traverse = '180', reason = '', then = '', alongForm = false } = {}
): Promise<void> {
	await station(page, 'Dress').click();
	await press(page, /^Dress it with single point/);
	await page.getByLabel(/^Diamond (from|above)/).fill(offset);
	await page.getByText('Past centre', { exact: true }).waitFor();
	await press(page, 'Diamond stands here');
	await page.getByLabel('Traverse').fill(traverse);
	if (alongForm) await say(page, 'Runs along the form again', 'Yes');
	await press(page, 'Set like this');
	if (reason) {
		await page.getByLabel('Why may it go on?').fill(reason);
		await press(page, 'Go on with this reason');
	}
	await say(page, 'Sounded even across the face', 'Yes');
	await page.getByLabel('Diameter now').fill(((await diameter(page)) - 0.1).toFixed(2));
	await press(page, /^Dressed, sounds even/);
	// The wheels of a pack are dressed one by one: the station is not done with the first.
	if (!then) await done(page, 'Dress');
}

export async function released(page: Page, ra = '0.46'): Promise<void> {
	await station(page, 'Prove').click();
	await trialSaid(page, ra);
	await page.getByText('Released to grind.').waitFor();
}
/** What is answered of a trial cut that is right. */
export const GOOD_CUT = [
	['Burn on the trial cut', 'No'],
	['Chatter on the trial cut', 'No'],
	['Sounded normal while cutting', 'Yes'],
	['A crack on the wheel', 'No'],
	['Guard closed and latched', 'Yes']
] as const;
/** What the trial cut showed, at the open station, and the key that releases. */
export async function trialSaid(page: Page, ra: string): Promise<void> {
	await page.getByLabel('Ra of the trial cut').fill(ra);
	for (const [q, a] of GOOD_CUT) await say(page, q, a);
	await press(page, 'Release to grind');
}
