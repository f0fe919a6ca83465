import { CORE_VERSION } from '../../../core/calculations.js';
import { incidentPlan } from '../../../core/keep/incident-plan.js';
import { recordContext } from '../../../core/route/record-context.js';
import type { SetupFacts } from '../../../core/facts/setup.js';
import type { Runner } from '../storage/pool.js';
import { addRecord } from '../storage/records.js';
import { keepFacts } from './kept-facts.js';

/** Evidence of an incident: of its setup, or where that had ended of the machine and the wheel alone. */
export async function incidentRecord(
	o: {
		incident: number;
		facts: SetupFacts;
		afterEnd: boolean;
		entered: object;
		input: Parameters<typeof incidentPlan.run>[0];
		userId: number;
		key: string;
		enteredAtMs?: number | null;
	},
	on: Runner
): Promise<number> {
	const plan = incidentPlan.run(o.input);
	const entered = o.afterEnd ? { ...o.entered, incident: o.incident } : o.entered;
	return addRecord(
		{
			setupId: o.afterEnd ? null : o.facts.id,
			wheelId: o.facts.wheel?.id ?? null,
			machineId: o.facts.machine.id,
			station: 'keep',
			step: 'incident',
			calculation: incidentPlan.id,
			coreVersion: CORE_VERSION,
			entered,
			input: o.input as object,
			output: plan,
			verdict: plan.verdict,
			overrideReason: null,
			replacesId: null,
			facts: o.afterEnd ? null : await keepFacts(recordContext(o.facts), on),
			userId: o.userId,
			key: o.key,
			ordinal: 0,
			enteredAtMs: o.enteredAtMs ?? null
		},
		on
	);
}
