import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { DEMO } from '../../src/command/paths.js';
import { done, heading, press, say, station } from './bench.js';
import { base, restartApp, freeSpindles } from './fixtures.js';
import { released } from './to-release.js';

type Entered = [
	station: string,
	step: string,
	values: Record<string, unknown>,
	afterS: number,
	reason?: string
];
interface Told {
	machine: string;
	brief: Record<string, unknown>;
	steps: Entered[];
}
const told = (name: string) => JSON.parse(readFileSync(join(DEMO, name), 'utf8')) as Told[];
const HISTORY = [...told('history.json'), ...told('setups.json')];
const SHOP = (JSON.parse(readFileSync(join(DEMO, 'shop.json'), 'utf8')) as { machines: { code: string }[] })
	.machines;
const MACHINES = SHOP.map((m) => m.code);

/** A new wheel, and the work of the demo's history that was done with one of its kind. */
export interface Case {
	name: string;
	/** Part of the setup in the history whose steps before Dress are done again. */
	as: string;
	wheel: Record<string, unknown>;
	machine?: string;
	/** A form is put on before it is dressed. */
	route?: string;
	/** What is told of the job beside what the history tells. */
	brief?: Record<string, unknown>;
	/** Dressed too, as it was in the history: it is left at Prove. */
	dressed?: true;
	id?: number;
}
const post = async (page: Page, path: string, data: object): Promise<Record<string, unknown>> => {
	const r = await page.request.post(`${base()}${path}`, { data: { ...data, key: crypto.randomUUID() } });
	const text = await r.text();
	expect(r.ok(), `${path}: ${text}`).to.equal(true);
	return JSON.parse(text) as Record<string, unknown>;
};

/** The bench grinder of the demo is locked out; this is one beside it, under a name of the caller's own: tests share a shop. */
export async function anotherBenchGrinder(page: Page, code: string): Promise<void> {
	const values = { ...SHOP.find((m) => m.code === 'BG-1'), code, motorPowerKw: 0.55 };
	await post(page, '/api/shop/machines', { values });
}

const versionOf = async (page: Page, id: number): Promise<number> => {
	const answer = await page.request.get(`${base()}/api/setups/${id}/export.json`);
	return ((await answer.json()) as { setup: { version: number } }).setup.version;
};

/** Setups brought to Dress, on a route with a form to Form, or dressed to Prove, by direct requests, all of them over one free run by the server's clock. */
export async function broughtToDress(page: Page, cases: readonly Case[]): Promise<void> {
	const rest: [Case, Entered[]][] = [];
	for (const c of cases) {
		const told = HISTORY.find((h) => h.brief.part === c.as)!;
		const number = String(c.wheel.number);
		await post(page, '/api/wheels', { values: c.wheel });
		const machineId = 1 + MACHINES.indexOf(c.machine ?? told.machine);
		const values = {
			...told.brief,
			part: c.name,
			machineId: machineId || MACHINES.length + 1,
			...c.brief,
			...(c.route ? { route: c.route } : {})
		};
		c.id = (await post(page, '/api/setups', { values })).id as number;
		const steps = told.steps.slice(
			0,
			told.steps.findIndex(([at]) => (c.dressed ? at === 'prove' : at === 'form' || at === 'dress'))
		);
		const steps2 = steps.map(([at, step, v, s, why]): Entered => {
			if (step === 'take') return [at, step, { wheelNumber: number }, s, why];
			if (!('diameterAfterMm' in v)) return [at, step, v, s, why];
			return [at, step, { ...v, diameterAfterMm: c.wheel.diameterMm }, s, why];
		});
		const ran = steps2.findIndex(([, step]) => step === 'outcome');
		await enter(page, c.id, steps2.slice(0, ran));
		rest.push([c, steps2.slice(ran)]);
	}
	await restartApp(900);
	for (const [c, steps] of rest) await enter(page, c.id!, steps);
}
async function enter(page: Page, id: number, steps: readonly Entered[]): Promise<void> {
	for (const [at, step, values, , reason] of steps) {
		// Several are brought here at once, some for one machine.
		await freeSpindles();
		await post(page, `/api/setups/${id}/records`, {
			station: at,
			step,
			values,
			reason: reason ?? null,
			version: await versionOf(page, id)
		});
	}
}

export const openDress = (page: Page, c: Case) => page.goto(`${base()}/setups/${c.id}/dress`);
/** Why, and with what. */
export async function dressWith(page: Page, seen: string, way: string, dresser?: RegExp): Promise<void> {
	await press(page, /^Why and with what/);
	await page.getByLabel('What is seen, heard or felt').selectOption({ label: seen });
	await page.getByRole('radio', { name: new RegExp(`^${way}`) }).click();
	if (dresser) await page.getByRole('radio', { name: dresser }).check();
	await press(page, new RegExp(`^Dress it with ${way}`));
}
/** A field by the beginning of its label. */
export const field = (page: Page, label: string) =>
	page.getByRole('textbox', { name: new RegExp(`^${label}`) });
/** Run, measured as planned, and booked; where no plan tells, the size that was read. */
export async function ranEven(
	page: Page,
	question: string,
	more: readonly [string, string][] = []
): Promise<void> {
	await say(page, question, 'Yes');
	const planned = page.getByRole('button', { name: 'Measured as planned' });
	if (!more.some(([label]) => label === 'Diameter now')) await planned.click();
	for (const [label, value] of more) await field(page, label).fill(value);
	await press(page, /^Dressed, sounds even/);
}
/** Proved and released. */
export async function provedAndReleased(page: Page, ra: string): Promise<void> {
	await done(page, 'Dress');
	await released(page, ra);
}
/** Dressed again after the release: dress, zero, a look at the next part, and back to grinding. */
export async function redressed(
	page: Page,
	question: string,
	sizes: readonly [string, string][] = [],
	after?: () => Promise<void>
): Promise<void> {
	await station(page, 'Dress').click();
	for (const [label, value] of sizes) await field(page, label).fill(value);
	if (!sizes.some(([label]) => label === 'Taken off')) await press(page, 'As planned');
	await say(page, question, 'Yes');
	const planned = page.getByRole('button', { name: 'Measured as planned' });
	if (await planned.isVisible()) await planned.click();
	await say(page, /^Burn/, 'No');
	await say(page, /^Chatter/, 'No');
	await say(page, 'Sounds normal', 'Yes');
	await press(page, /^Dressed, back to grinding/);
	if (after) {
		await after();
		await done(page, 'Dress');
		await station(page, 'Keep').click();
	}
	await heading(page, 'Keep');
	await page.getByText('Redressed and looked at', { exact: true }).waitFor();
	await page.getByText('even, no burn, no chatter').waitFor();
}
