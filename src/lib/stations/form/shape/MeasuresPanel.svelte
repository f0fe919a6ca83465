<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import { buildProfile } from '$core/form/build-profile';
	import { notAsked } from '$core/form/shapes/asked';
	import type { Segment } from '$core/form/profile/segment';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';

	interface Props {
		desk: SetupSession;
		/** What it comes to so far; null while it does not. */
		onseen: (segments: Segment[] | null) => void;
		ontake: (segments: Segment[]) => void;
	}
	/** A shape from a few measures, or point by point as text. */
	let { desk, onseen, ontake }: Props = $props();
	const { told } = useUnits();
	const entry = new Entry({
		fields: buildProfile.fields,
		key: untrack(() => `setup-${desk.facts.id}-form-measures`),
		draft: untrack(() => desk.drafts['form-measures'] ?? null),
		system: untrack(() => desk.facts.units)
	});
	$effect(() => entry.switchTo(desk.facts.units));
	const hidden = $derived(notAsked(entry.result.values.shape));
	const made = $derived(
		entry.result.fault
			? { output: null, fault: entry.result.fault }
			: attempt(() => buildProfile.run(entry.result.values))
	);
	$effect(() => onseen(made.output ? (made.output.segments as Segment[]) : null));
	const words = {
		flat: 'straight face',
		'single-angle': 'one angle',
		'double-angle': 'ridge of two angles',
		'corner-radius': 'round corners',
		'full-radius': 'full radius',
		'concave-radius': 'hollow radius',
		chamfer: 'chamfers',
		'multi-rib': 'ribs',
		free: 'points'
	};
</script>

<section aria-label="From measures">
	<div class="grid">
		{#each buildProfile.fields.filter((f) => !hidden.includes(f.name)) as field (field.name)}<div
				class:wide={field.name === 'shape' || field.name === 'text'}
			>
				<FieldInput {entry} {field} {words} range={false} />
			</div>{/each}
	</div>
	{#if made.fault && made.fault.code !== 'missing'}<p class="fault">{told(made.fault.message)}</p>{/if}
	<button
		class="btn act"
		disabled={!made.output}
		onclick={() => made.output && ontake(made.output.segments as Segment[])}>Take this shape</button
	>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
		justify-items: start;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: var(--s-4) var(--s-14);
		width: 100%;
		align-items: start;
	}
	.wide {
		grid-column: 1 / -1;
	}
</style>
