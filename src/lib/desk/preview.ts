import { InputFault } from '$core/calculation/fault';
import { completed, partMissing } from '$core/calculation/complete';
import type { Field } from '$core/calculation/fields';
import { inShop } from '$core/calculation/limits';
import type { SetupFacts } from '$core/facts/setup';
import { type Computed, type Judged, type Result, all } from '$core/route/result';
import type { Step } from '$core/route/define-step';
import { computeStep } from '$core/route/compute-step';
import type { Entry } from '$lib/ui/fields/entry.svelte';

/** What a step would record with what is typed now. */
export interface Preview<O extends object = object> {
	/** Null while something is missing or wrong. */
	result: Result<O> | null;
	/** What the step's own result came to. */
	main: (O & Judged) | null;
	/** All of it, for the working. */
	computed: readonly Computed[];
	fault: InputFault | null;
}

/** Computes with the same function the server records with. */
export function preview<L extends readonly Field[], O extends object>(
	step: Step<L, O>,
	facts: SetupFacts,
	entry: Entry<L> | null,
	values?: Readonly<Record<string, unknown>>
): Preview<O> {
	try {
		const typed: Readonly<Record<string, unknown>> = values ?? entry?.result.values ?? {};
		const fields = inShop(step.fields, facts.guidelines.limits, facts.units);
		const missing = partMissing(fields, typed);
		// What is wrong inside of a list is said by the entry; here it is only not there.
		if (missing) throw entry?.result.fault ?? missing;
		const result = computeStep(step, facts, completed(fields, typed));
		return { result, main: result.main.output, computed: all(result), fault: null };
	} catch (error) {
		if (error instanceof InputFault) return { result: null, main: null, computed: [], fault: error };
		throw error;
	}
}
