import { randomUUID } from 'node:crypto';
import { expect } from 'chai';
import { InputFault } from '../../src/core/calculation/fault.js';
import type { StationId } from '../../src/core/route/station-names.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { closeDatabase, row, setClock, write } from '../../src/lib/server/storage/pool.js';
import { endThreads } from '../../src/lib/server/jobs/run-job.js';
import { Refused } from '../../src/lib/server/refused.js';
import { loadSetup } from '../../src/lib/server/setups/setups.js';
import type { User } from '../../src/lib/server/people/sign-in.js';
import type { NewWheel } from '../../src/core/shop/wheel.js';
import { addWheel } from '../../src/lib/server/wheels/add-wheels.js';
import { record } from '../../src/lib/server/setups/record.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { GOOD } from '../shared/good-work.js';

/** The demo shop in a throw-away database, shared by all server tests: made by the run that starts them, which no test's patience limits. */
after(async () => {
	// A thread that replaced a cancelled one and never had work would keep the run alive.
	await endThreads();
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
export async function setup(machine = 'SG-1', route?: string): Promise<number> {
	return startSetup(
		checked(BRIEF_FIELDS, { ...JOB, machineId: await machineId(machine), ...(route && { route }) }),
		await machinist(),
		key()
	);
}

export const facts = async (id: number) => (await loadSetup(id))!.facts;
/** Whatever another test has mounted is taken off, so that this setup may have the spindle. */
export const freeSpindles = (but: number): Promise<unknown> =>
	write('UPDATE setups SET on_spindle = FALSE WHERE on_spindle AND id <> ?', [but]);
const BEFORE_MOUNT: readonly StationId[] = ['brief', 'machine', 'select', 'inspect'];
/** Records a step as the page would, at the state of now. */
export async function step(
	id: number,
	station: StationId,
	name: string,
	values: object,
	reason: string | null = null
): Promise<void> {
	if (!BEFORE_MOUNT.includes(station)) await freeSpindles(id);
	await record(
		id,
		{ station, step: name, values, version: (await facts(id)).version, key: key(), reason },
		await machinist()
	);
}

/** A setup worked from the start up to and without the named step, with a wheel of its own. */
export async function workedUpTo(
	until: string,
	number?: string,
	route?: string
): Promise<{ id: number; number: string }> {
	const id = await setup('SG-1', route);
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
