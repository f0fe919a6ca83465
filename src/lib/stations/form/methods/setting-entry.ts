import type { Field } from '$core/calculation/fields';
import { inShop } from '$core/calculation/limits';
import { Evidence } from '$core/route/evidence';
import type { StepName } from '$core/route/evidence';
import type { Feature } from '$core/route/stations/form/features';
import { type Form, settingOf } from '$core/route/stations/form/made';
import type { SetupSession } from '$lib/desk/setup-session.svelte';
import { Entry } from '$lib/ui/fields/entry.svelte';

/** What is typed for the setting of one flank or arc: each has its own, begins with what was recorded for it, and its own draft. */
export function settingEntry<L extends readonly Field[]>(
	desk: SetupSession,
	step: StepName<L>,
	form: Form,
	feature: Feature,
	start: Record<string, unknown>
): Entry<L> {
	const recorded = settingOf(Evidence.of(desk.facts), form, feature)?.entered;
	const name = `form-${step.step}-${feature.index}`;
	return new Entry({
		fields: inShop(step.fields, desk.facts.guidelines.limits),
		key: `setup-${desk.facts.id}-${name}`,
		draft: desk.drafts[name] ?? null,
		system: desk.facts.units,
		start: { ...start, ...recorded, segmentIndex: feature.index }
	});
}
