import type { Locator, Page } from 'playwright-core';

/** Yes or no to a question, by its words. */
export const say = async (page: Page, question: string | RegExp, answer: 'Yes' | 'No'): Promise<void> =>
	page.getByRole('group', { name: question }).getByRole('radio', { name: answer, exact: true }).check();
/** What is asked before a wheel is started for the first time. */
export async function startSaid(page: Page): Promise<void> {
	for (const q of [
		'Guard closed and latched',
		'Nobody in line with the rim',
		'First run of this wheel on this mount'
	])
		await say(page, q, 'Yes');
}
/**
 * A key pressed from the keyboard, once it can be: a hurried finger waits a second where one key has come in the place of another, and
 * most tests have no need to.
 */
export const press = (page: Page, name: string | RegExp): Promise<void> =>
	page.getByRole('button', { name }).and(page.locator(':enabled')).first().press('Enter');
/** The same by mouse, when it answers. */
export const clickOn = (page: Page, name: string | RegExp): Promise<void> =>
	page.getByRole('button', { name, disabled: false }).first().click();
export const heading = (page: Page, name: string | RegExp): Promise<void> =>
	page.getByRole('heading', { name, level: 1 }).waitFor();
/** A station in the rim. */
export const station = (page: Page, name: string): Locator =>
	page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(`^${name},`) });
/** The rim says this station is done. */
export const done = (page: Page, name: string): Promise<void> =>
	page
		.getByRole('navigation', { name: 'Stations' })
		.getByRole('link', { name: `${name}, done` })
		.waitFor();

/** What is answered of a wheel that is sound. */
export const SOUND = [
	['A crack anywhere', 'No'],
	['It fell or was hit', 'No'],
	['Marking and speed can be read', 'Yes'],
	['Bore clean', 'Yes'],
	['Faces clean', 'Yes']
] as const;
/** A wheel looked over and found sound. */
export async function soundLook(page: Page): Promise<void> {
	for (const [q, a] of SOUND) await say(page, q, a);
}

/** A spare wheel that fits SG-1. */
export const SPARE = {
	marking: 'WA 60 H 8 V',
	newDiameterMm: 300,
	diameterMm: 299,
	widthMm: 32,
	boreMm: 76.2,
	minDiameterMm: 180,
	massKg: 4.66,
	ratedMps: 40,
	place: 'spare'
};
let made = 0;
/** One more good wheel for SG-1, so that a test takes none away from those that follow; its number. */
export async function oneMoreWheel(page: Page, base: string, more: object = {}): Promise<string> {
	const values = { ...SPARE, ...more, number: `77${String(++made).padStart(2, '0')}` };
	const answer = await page.request.post(`${base}/api/wheels`, { data: { values } });
	if (!answer.ok()) throw new Error(await answer.text());
	return values.number;
}
