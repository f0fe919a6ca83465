import { randomUUID } from 'node:crypto';
import { BRIEF_FIELDS } from '../../../core/route/stations/brief/steps.js';
import type { StationId } from '../../../core/route/station-names.js';
import { openIncident } from '../setups/open-incident.js';
import { workIncident } from '../setups/work-incident.js';
import { checked } from '../http/joi-schema.js';
import { row, setClock } from '../storage/pool.js';
import { loadSetup } from '../setups/setups.js';
import { type User } from '../people/sign-in.js';
import { record } from '../setups/record.js';
import { startSetup } from '../setups/start.js';

export interface DemoSetup {
	who: string;
	startedHoursAgo: number;
	machine: string;
	brief: { part: string };
	/** Station, step, what is entered, seconds since the step before, and why it goes on with a caution. */
	steps: [StationId, string, object, number, string?][];
	incident?: object;
	incidentDone?: string[];
}

/** @throws whatever a step of the demo is refused with */
export async function play(s: DemoSetup, people: Map<string, User>): Promise<void> {
	const user = people.get(s.who)!;
	let now = Date.now() - s.startedHoursAgo * 3_600_000;
	setClock(() => now);
	const machine = await row<{ id: number }>('SELECT id FROM machines WHERE code = ?', [s.machine]);
	const id = await startSetup(
		checked(BRIEF_FIELDS, { ...s.brief, machineId: machine!.id }),
		user,
		randomUUID()
	);
	const version = async () => (await loadSetup(id))!.facts.version;
	for (const [station, step, values, afterS, reason] of s.steps) {
		now += afterS * 1000;
		try {
			await record(
				id,
				{ station, step, values, reason: reason ?? null, version: await version(), key: randomUUID() },
				user
			);
		} catch (error) {
			const why = error instanceof Error ? error.message : String(error);
			throw new Error(`The demo stops at ${s.brief.part}, ${station} ${step}: ${why}`, { cause: error });
		}
	}
	if (!s.incident) return;
	now += 900_000;
	const incident = await openIncident(id, s.incident, randomUUID(), user);
	if (s.incidentDone)
		await workIncident(incident, { done: s.incidentDone, version: 1, key: randomUUID() }, user);
}
