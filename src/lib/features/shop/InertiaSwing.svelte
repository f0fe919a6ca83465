<script lang="ts">
	import { attempt } from '$core/calculation/attempt';
	import { knownSwing } from '$core/balance/known-swing';
	import { quantity, typedFigure } from '$core/quantity/format';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';

	interface Props {
		/** The mount's own form: what was found goes into it. */
		mount: Entry;
	}
	/** What nobody can read off a mount, found on the balancing stand: one known mass, one swing, one turn. */
	let { mount }: Props = $props();
	const WEIGHED = 'massKg';
	const fields = knownSwing.fields.filter((f) => f.name !== WEIGHED);
	const entry = new Entry({ fields, system: mount.system });
	const input = $derived({ ...entry.result.values, massKg: mount.result.values[WEIGHED] });
	const answer = $derived(
		entry.result.fault ? { output: null, fault: entry.result.fault } : attempt(() => knownSwing.run(input))
	);
	const out = $derived(answer.output);
	function take() {
		if (!out) return;
		mount.set('inertiaKgM2', typedFigure(out.inertiaKgM2, 'kgm2', mount.system));
		mount.set('journalRadiusMm', typedFigure(out.rollingRadiusMm, 'mm', mount.system));
	}
</script>

<details>
	<summary>Find inertia and rolling radius by one swing</summary>
	<p class="quiet">
		{knownSwing.about}
		{mount.result.values[WEIGHED] === undefined ? 'Enter first what it weighs, above.' : ''}
	</p>
	<div class="grid">
		{#each fields as field (field.name)}<FieldInput {entry} {field} />{/each}
	</div>
	{#if out}
		<p role="status">
			<b class="num big">{quantity(out.inertiaKgM2, 'kgm2', mount.system)}</b> give or take {quantity(
				out.uncertaintyKgM2,
				'kgm2',
				mount.system
			)}, rolls on {quantity(out.rollingRadiusMm, 'mm', mount.system)}
		</p>
		<Reasons reasons={out.reasons} />
		<button class="btn act" type="button" onclick={take}>Take both</button>
		<ShowWorking computed={[{ calculation: knownSwing.id, input, output: out }]} system={mount.system} />
	{:else if answer.fault && answer.fault.code !== 'missing'}<p class="fault">{answer.fault.message}</p>{/if}
</details>

<style>
	details {
		margin: 0 0 var(--s-16);
		border-top: 1px solid var(--rule);
		padding-top: var(--s-8);
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: var(--hit);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
		gap: var(--s-8) var(--s-20);
		margin: var(--s-8) 0;
	}
	.big {
		font-size: var(--type-large, 1.6rem);
	}
</style>
