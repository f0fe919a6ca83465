import type { Page } from 'playwright-core';
import { type RawSegment, chainOf } from '../../src/core/form/profile/chain.js';
import { scanned } from '../../src/core/form/stand-ins/scanner.js';
import { heading, press, say } from './bench.js';
import { base } from './fixtures.js';
import { type Case, field } from './to-dress.js';

/** A wheel of the toolroom, and one of the creep-feed grinder, on their way to a form. */
export const room = (name: string, number: string): Case => ({
	name,
	as: 'Valve plates',
	route: 'toolroom-form',
	wheel: {
		number,
		marking: 'WA 80 H 8 V',
		newDiameterMm: 300,
		diameterMm: 300,
		place: 'form',
		massKg: 4.66,
		widthMm: 32,
		boreMm: 76.2,
		minDiameterMm: 180,
		ratedMps: 40
	}
});
export const creep = (name: string, number: string): Case => ({
	name,
	as: 'Drive splines',
	route: 'creep-feed-form',
	wheel: {
		number,
		marking: 'WA 60 F 12 V',
		newDiameterMm: 400,
		diameterMm: 400,
		place: 'form',
		massKg: 12.4,
		widthMm: 50,
		boreMm: 127,
		minDiameterMm: 280,
		ratedMps: 35
	}
});
export const open = async (page: Page, c: Case): Promise<void> => {
	await page.goto(`${base()}/setups/${c.id}/form`);
	await heading(page, 'Form');
};
export const tab = (page: Page, name: string) =>
	page.getByRole('group', { name: 'Part of forming' }).getByRole('button', { name: new RegExp(`^${name}`) });
/** A named shape with its measures, taken. */
export async function shaped(page: Page, shape: string, measures: Record<string, string>): Promise<void> {
	const panel = page.getByRole('region', { name: 'From measures' });
	await panel.getByRole('combobox', { name: 'Shape' }).selectOption({ label: shape });
	for (const [label, value] of Object.entries(measures))
		await panel.getByRole('textbox', { name: new RegExp(`^${label}`) }).fill(value);
	await press(page, 'Take this shape');
	await page.getByRole('combobox', { name: 'Segment 1 is' }).waitFor();
}
/** Another one in its place. */
export async function shapedAgain(
	page: Page,
	shape: string,
	measures: Record<string, string>
): Promise<void> {
	await press(page, 'Measures or points');
	await shaped(page, shape, measures);
}
/** Blocks chosen from the tray, and everything said that is looked at before the wheel turns. */
export async function stacked(page: Page, last: string): Promise<void> {
	await press(page, 'Choose the blocks');
	await page.getByText(/^Off by/).waitFor();
	for (const q of ['Screw is tight', 'Blocks are out again', last]) await say(page, q, 'Yes');
	await press(page, /^Set like this/);
}
export async function aligned(page: Page, roll = false): Promise<void> {
	await field(page, 'Dial, change along it').fill('2');
	await field(page, 'Run along').fill('60');
	if (!roll) await field(page, 'Tip past centre').fill('0.3');
	await press(page, roll ? /^Parallel like this/ : /^Square and on centre/);
}
export async function formed(page: Page): Promise<void> {
	await say(page, 'Sounded even over the whole form', 'Yes');
	await press(page, 'Measured as planned');
	await press(page, /^Form dressed, sounds even/);
	await page.getByRole('button', { name: 'Scanner stand-in' }).waitFor();
}
export const whole = (segments: readonly Partial<RawSegment>[]): RawSegment[] =>
	segments.map((s) => ({ radiusMm: null, side: null, ...s })) as RawSegment[];
/** Points of a coupon that was ground with a face a little off. */
export function points(segments: readonly Partial<RawSegment>[], noseErrorUm: number): string {
	const chain = chainOf(whole(segments));
	const scan = scanned(chain, {
		count: 160,
		noseErrorUm,
		shiftZMm: 0.06,
		shiftXMm: -0.03,
		turnDeg: 0,
		wearUm: 0,
		sigmaUm: 0.3,
		seed: 11
	});
	return scan.map((p) => `${p.zMm.toFixed(5)},${(-p.xMm).toFixed(5)}`).join('\n');
}
