import { incidentPlan } from '../../../core/keep/incident-plan.js';
import { recordsFrom } from '../../../core/route/apply-submission.js';
import { single } from '../../../core/route/result.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import { keepRecords } from '../storage/keep-records.js';
import type { Runner } from '../storage/pool.js';
import { ofSetup } from './of-setup.js';

/** Evidence of an incident: of its setup, or where that had ended of the machine and the wheel alone. */
export async function keepIncidentRecord(
	of: { incident: number; facts: SetupFacts; afterEnd: boolean; userId: number },
	told: { entered: object; input: Parameters<typeof incidentPlan.run>[0] },
	sent: { key: string; enteredAtMs?: number | null },
	on: Runner
): Promise<number> {
	const input: Record<string, unknown> = { ...(told.input as object) };
	const result = single({ calculation: incidentPlan.id, input, output: incidentPlan.run(told.input) });
	const entered = of.afterEnd ? { ...told.entered, incident: of.incident } : { ...told.entered };
	const records = recordsFrom(INCIDENT, entered, result, of.facts.wheel?.id ?? null, null);
	const about = await ofSetup(of.facts, { id: of.userId }, sent, on);
	return keepRecords(records, of.afterEnd ? { ...about, setupId: null, facts: null } : about, on);
}
const INCIDENT = { station: 'keep', step: 'incident' } as const;
