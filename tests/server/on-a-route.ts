import { decide } from '../../src/core/route/engine.js';
import { BRIEF_FIELDS } from '../../src/core/route/stations/brief/steps.js';
import { checked } from '../../src/lib/server/http/joi-schema.js';
import { startSetup } from '../../src/lib/server/setups/start.js';
import { JOB, facts, key, machineId, machinist } from './fixtures.js';

/** A setup on a route other than the usual one, and what its gate says. */
export const on = async (route: string, machine: string, more: object = {}) =>
	startSetup(
		checked(BRIEF_FIELDS, { ...JOB, ...more, machineId: await machineId(machine), route }),
		await machinist(),
		key()
	);
export const current = async (id: number) => decide(await facts(id)).current;
export const line = async (id: number, station: string, k: string) =>
	decide(await facts(id))
		.stations.find((s) => s.id === station)!
		.lines.find((l) => l.key === k)!;
