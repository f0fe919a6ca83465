import { randomUUID } from 'node:crypto';
import { expect } from 'chai';
import { DEMO } from '../../src/command/paths.js';
import { InputFault } from '../../src/core/calculation/fault.js';
import type { StationId } from '../../src/core/route/facts.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { loadDemo } from '../../src/lib/server/demo/demo.js';
import { checked } from '../../src/lib/server/door/joi-schema.js';
import { closeDatabase, row, setClock } from '../../src/lib/server/db/pool.js';
import { Refused } from '../../src/lib/server/door/refused.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import type { User } from '../../src/lib/server/people/sign-in.js';
import type { NewWheel } from '../../src/core/shop/wheel.js';
import { addWheel } from '../../src/lib/server/wheels/add-wheels.js';
import { record } from '../../src/lib/server/setups/record.js';
import { startSetup } from '../../src/lib/server/setups/start.js';

/** The demo shop in a throw-away database, shared by all server tests. */
before(async () => {
	await loadDemo(DEMO);
});
after(async () => {
	await closeDatabase();
});

export const key = (): string => randomUUID();
export const user = async (name: string): Promise<User> =>
	(await row<User>('SELECT id, name, role FROM users WHERE name = ?', [name]))!;
export const lead = (): Promise<User> => user('Mara Okonjo');
export const machinist = (): Promise<User> => user('Ines Falk');
export const machineId = async (code: string): Promise<number> =>
	(await row<{ id: number }>('SELECT id FROM machines WHERE code = ?', [code]))!.id;

let wheels = 0;
/** A good wheel for SG-1 under a new number. */
export async function wheel(change: Partial<NewWheel> = {}): Promise<string> {
	const number = `T${String(++wheels).padStart(3, '0')}`;
	await addWheel(
		{
			number,
			marking: 'WA 80 H 8 V',
			newDiameterMm: 300,
			diameterMm: 290,
			widthMm: 32,
			boreMm: 76.2,
			minDiameterMm: 180,
			massKg: 4.6,
			ratedMps: 40,
			ratedRpm: null,
			expiresOn: null,
			shape: '1',
			place: 'test',
			...change
		},
		await lead()
	);
	return number;
}

export const JOB = {
	part: 'Test plate',
	quantity: 5,
	material: 'steel-hardened',
	hardnessHrc: 60,
	operation: 'surface',
	targetRaUm: 0.6
};
export async function setup(machine = 'SG-1'): Promise<number> {
	return startSetup(
		checked(BRIEF_FIELDS, { ...JOB, machineId: await machineId(machine) }),
		await machinist(),
		key()
	);
}

export const facts = async (id: number) => (await loadSetup(id))!.facts;
/** Records a step as the page would, at the state of now. */
export async function step(
	id: number,
	station: StationId,
	name: string,
	values: object,
	reason: string | null = null
): Promise<void> {
	await record(
		id,
		{ station, step: name, values, version: (await facts(id)).version, key: key(), reason },
		await machinist()
	);
}

const SEEN = {
	crack: false,
	dropped: false,
	markingLegible: true,
	boreClean: true,
	facesClean: true,
	moisture: 'none',
	blotterState: 'fitted',
	chips: []
};
const FLANGE = {
	backFlangeDiameterMm: 115,
	frontFlangeDiameterMm: 115,
	backRecessDiameterMm: 92,
	frontRecessDiameterMm: 92,
	clean: true,
	burred: false,
	runoutUm: 3,
	backBlotter: 'good',
	frontBlotter: 'good',
	blotterOuterMm: 120,
	blotterInnerMm: 77,
	blotterThicknessMm: 0.5
};
export const GOOD: readonly [StationId, string, object][] = [
	['inspect', 'look', SEEN],
	['inspect', 'ring', { taps: Array.from({ length: 8 }, () => 'clear') }],
	['mount', 'fit', { boreMm: 76.25, arborMm: 76.2, forced: false }],
	['mount', 'flange', FLANGE],
	['mount', 'thread', {}],
	['mount', 'tighten', { done: true }],
	['run-in', 'speed', { measuredRpm: 2300, stage: 'after-wheel' }],
	['run-in', 'start', { guardClosed: true, peopleClear: true, firstRun: true }],
	['run-in', 'outcome', { heard: 'normal' }],
	['true', 'runout', { readingsUm: [20, 28, 36, 40, 38, 30, 20, 12, 6, 4, 8, 14] }],
	[
		'true',
		'after',
		{ readingsUm: [3, 4, 5, 6, 5, 4, 3, 2, 1, 1, 2, 2], diameterAfterMm: 289.8, spunDry: true }
	],
	['balance', 'swing', { timeS: 16, restAngleDeg: 190 }],
	['balance', 'move', { anglesDeg: [0, 0, 0] }],
	['balance', 'stays', {}],
	['dress', 'position', { offsetMm: -6, dragAngleDeg: 12 }],
	[
		'dress',
		'settings',
		{ depthUm: 20, traverseMmPerMin: 200, coolant: 'continuous', passes: 3, dryPasses: 1 }
	],
	['dress', 'done', { soundEven: true, diameterAfterMm: 289.6 }],
	[
		'prove',
		'release',
		{
			raUm: 0.55,
			burnSeen: false,
			chatterSeen: false,
			crackSeen: false,
			guardClosed: true,
			soundNormal: true
		}
	]
];

/** A setup worked from the start up to and without the named step, with a wheel of its own. */
export async function workedUpTo(until: string, number?: string): Promise<{ id: number; number: string }> {
	const id = await setup();
	const taken = number ?? (await wheel());
	await step(id, 'select', 'take', { wheelNumber: taken });
	for (const [station, name, values] of GOOD) {
		if (`${station}.${name}` === until) break;
		if (station === 'run-in' && name === 'outcome') {
			const at = Date.now() + 600_000;
			setClock(() => at);
			try {
				await step(id, station, name, values);
			} finally {
				setClock(null);
			}
			continue;
		}
		if (name === 'move') {
			const swing = (await facts(id)).records.filter((r) => r.calculation === 'balance.weights').at(-1)!;
			await step(id, station, name, {
				anglesDeg: (swing.output.placements as { angleDeg: number }[]).map((p) => p.angleDeg)
			});
			continue;
		}
		await step(id, station, name, values);
	}
	return { id, number: taken };
}

/** Expects a refusal or a fault with this code and gives it back. */
export async function refusedWith(
	code: string | RegExp,
	work: Promise<unknown>
): Promise<Refused | InputFault> {
	try {
		await work;
	} catch (e) {
		if (!(e instanceof Refused) && !(e instanceof InputFault)) throw e;
		expect(e.code).to.match(code instanceof RegExp ? code : new RegExp(`^${code}$`));
		expect(e.message).to.be.a('string').with.length.above(8);
		return e;
	}
	throw new Error(`It was accepted; ${String(code)} was expected.`);
}
