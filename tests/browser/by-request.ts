import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from 'chai';
import type { Page } from 'playwright-core';
import { DEMO } from '../../src/command/paths.js';
import { GOOD } from '../shared/good-work.js';
import { SPARE, done, press } from './bench.js';
import { base, restartApp } from './fixtures.js';
import { dressed, level, readings } from './to-release.js';

const SHOP = JSON.parse(readFileSync(join(DEMO, 'shop.json'), 'utf8')) as {
	machines: { code: string; mount: string }[];
	mounts: {
		code: string;
		massKg: number;
		inertiaKgM2: number;
		journalRadiusMm: number;
		trackRadiusMm: number;
		weightMassG: number;
		weightCount: number;
	}[];
};
const MACHINE = SHOP.machines.findIndex((m) => m.code === 'SG-1');
/** The mount that carries the wheels of SG-1. */
export const MOUNT = SHOP.mounts.find((m) => m.code === SHOP.machines[MACHINE]!.mount)!;
const OF = (station: string) => GOOD.filter(([s]) => s === station);

let made = 0;

/** A setup on SG-1 brought by direct requests to where a test begins to look. */
export class Brought {
	id = 0;
	number = '';
	version = 1;
	/** On another machine of the shop where it is not SG-1, and with a wheel that is on the rack already. */
	constructor(
		readonly page: Page,
		private readonly on: { machineId?: number; wheel?: string } = {}
	) {}
	private async post(path: string, data: object): Promise<{ id?: number }> {
		const r = await this.page.request.post(`${base()}${path}`, {
			data: { ...data, key: crypto.randomUUID() }
		});
		const text = await r.text();
		expect(r.ok(), text).to.equal(true);
		return JSON.parse(text) as { id?: number };
	}
	private async record(station: string, step: string, values: object, reason?: string): Promise<void> {
		const sent = { station, step, values, reason: reason ?? null, version: this.version };
		await this.post(`/api/setups/${this.id}/records`, sent);
		this.version++;
	}
	/** A step as it is entered when nothing goes wrong. */
	async did(station: string, step: string): Promise<void> {
		const [s, name, values] = GOOD.find(([at, what]) => at === station && what === step)!;
		await this.record(s, name, values);
	}
	/** Begun, with a wheel of its own that nobody has taken yet. */
	async begun(route = 'toolroom'): Promise<this> {
		const number = this.on.wheel ?? `75${String(++made).padStart(2, '0')}`;
		if (!this.on.wheel) await this.post('/api/wheels', { values: { ...SPARE, number } });
		this.number = number;
		const values = {
			part: `Balance ${made}`,
			quantity: 3,
			material: 'steel-hardened',
			operation: 'surface',
			targetRaUm: 0.8,
			machineId: this.on.machineId ?? MACHINE + 1,
			route
		};
		this.id = (await this.post('/api/setups', { values })).id!;
		return this;
	}
	/** The same, and the wheel taken. */
	async taken(route = 'toolroom'): Promise<this> {
		await this.begun(route);
		await this.record('select', 'take', { wheelNumber: this.number });
		return this;
	}
	/** A wheel of its own, looked over and rung. */
	async inspected(route = 'toolroom'): Promise<this> {
		await this.taken(route);
		for (const [s, step, v] of OF('inspect')) await this.record(s, step, v);
		return this;
	}
	/** The same, and mounted. */
	async mounted(route: string): Promise<this> {
		await this.inspected(route);
		for (const [s, step, v] of OF('mount')) await this.record(s, step, v);
		// The spare wheel is large for this route; it is only brought to where a test looks.
		if (route === 'neutral-first')
			await this.record('mount', 'neutral', { equal: true }, 'only brought to where a test looks');
		return this;
	}
	async ranIn(): Promise<this> {
		await this.record('run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true });
		await this.record('run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' });
		await restartApp(600);
		await this.record('run-in', 'outcome', { heard: 'normal' });
		return this;
	}
	/** Trued, and ready for the figures of a dress with the single point. */
	async atTheDress(): Promise<this> {
		await (await this.mounted('neutral-first')).ranIn();
		for (const [station, step] of [
			['true', 'runout'],
			['true', 'after'],
			['dress', 'method'],
			['dress', 'position']
		] as const)
			await this.did(station, step);
		return this;
	}
	/** Run in, found true already, and dressed. */
	async trueAndDressed(): Promise<this> {
		await this.ranIn();
		await this.open('true');
		await readings(this.page, level);
		await press(this.page, 'Runs true already');
		await done(this.page, 'True');
		await dressed(this.page);
		return this;
	}
	async open(station: string): Promise<void> {
		await this.page.goto(`${base()}/setups/${this.id}/${station}`);
	}
	/** The version it has on the server, after work by hand. */
	async read(): Promise<this> {
		const answer = await this.page.request.get(`${base()}/api/setups/${this.id}/export.json`);
		this.version = ((await answer.json()) as { setup: { version: number } }).setup.version;
		return this;
	}
}

/** A surface grinder like SG-1 with a mount of its own, under a name of the caller's own: tests share a shop. Its number. */
export async function anotherSurfaceGrinder(page: Page, code: string): Promise<number> {
	const post = async (path: string, values: object): Promise<void> => {
		const r = await page.request.post(`${base()}${path}`, { data: { values, key: crypto.randomUUID() } });
		expect(r.ok(), await r.text()).to.equal(true);
	};
	const mount = `F-${code}`;
	await post('/api/shop/mounts', { ...MOUNT, code: mount });
	await post('/api/shop/machines', { ...SHOP.machines[MACHINE]!, code, mount, motorPowerKw: 2.2 });
	await page.goto(base());
	const way = await page.getByRole('link', { name: new RegExp(`^${code} `) }).getAttribute('href');
	return Number(new URL(way!, base()).searchParams.get('machine'));
}
