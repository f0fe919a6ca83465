import { InputFault } from '$core/calculation/fault';
import { inShop } from '$core/calculation/limits';
import type { SetupFacts } from '$core/route/facts';
import type { Computed, Step } from '$core/route/step';
import type { Entry } from '$lib/ui/fields/entry.svelte';

export interface Preview {
	computed: Computed[];
	fault: InputFault | null;
}

/** What a step would record with what is typed now: the same function the server records with. */
export function preview(
	step: Step,
	facts: SetupFacts,
	entry: Entry | null,
	values?: Record<string, unknown>
): Preview {
	try {
		const typed = values ?? entry?.result.values ?? {};
		const full = Object.fromEntries(
			inShop(step.fields, facts.guidelines.limits).map((f) => [
				f.name,
				typed[f.name] ?? ('default' in f ? f.default : null) ?? null
			])
		);
		return { computed: step.compute(facts, full as never), fault: null };
	} catch (e) {
		if (e instanceof InputFault) return { computed: [], fault: e };
		throw e;
	}
}

/** One computed output by calculation id. */
export const outputOf = (p: Preview, id: string): Computed['output'] | null =>
	p.computed.find((c) => c.calculation === id)?.output ?? null;
