import type { Field, Values } from '$core/calculation/fields';
import { inShop } from '$core/calculation/limits';
import { Evidence, type StepName } from '$core/route/evidence';
import { Entry } from '$lib/ui/fields/entry.svelte';
import type { SetupSession } from './setup-session.svelte';

interface Options<L extends readonly Field[]> {
	/** What is filled in before anybody typed; what was recorded last comes before it. */
	start?: Partial<Record<keyof Values<L>, unknown>>;
	/** Begin empty, although the step was recorded before: readings that are taken anew each time. */
	anew?: boolean;
	/** Asked again each time though the rest is remembered: what was seen or done before says nothing of now. */
	forget?: readonly L[number]['name'][];
}

/**
 * What a person types for one step of a bench: it begins with the shop's own figures and with what was recorded last, is kept until
 * it is recorded, and follows the units of the setup. Called while a component is made.
 */
export function stepEntry<L extends readonly Field[]>(
	desk: SetupSession,
	step: StepName<L>,
	{ start, anew = false, forget = [] }: Options<L> = {}
): Entry<L> {
	const recorded = anew ? undefined : Evidence.of(desk.facts).step(step)?.entered;
	const name = `${step.station}-${step.step}`;
	const entry = new Entry({
		fields: inShop(step.fields, desk.facts.guidelines.limits),
		key: `setup-${desk.facts.id}-${name}`,
		draft: desk.drafts[name] ?? null,
		system: desk.facts.units,
		start: { ...start, ...recorded, ...Object.fromEntries(forget.map((n) => [n, undefined])) }
	});
	$effect(() => entry.switchTo(desk.facts.units));
	return entry;
}
