<script lang="ts">
	import type { Calculation } from '$core/calculation/define';
	import { fieldIn } from '$core/calculation/in-system';
	import { guidelineFields } from '$core/calculation/limits';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import { figureWords } from './limit-groups';

	interface Props {
		calculation: Calculation;
		entry: Entry;
		lead: boolean;
	}
	/** The guideline figures of one calculation, each with what it was shipped with. */
	let { calculation, entry, lead }: Props = $props();
	const fields = $derived(guidelineFields(calculation).map((f) => fieldIn(f, entry.system)));
	const own = (name: string) => {
		const f = fields.find((x) => x.name === name)!;
		const v = entry.result.values[name];
		return v !== undefined && v !== f.default;
	};
</script>

<fieldset disabled={!lead}>
	<legend>{calculation.title}</legend>
	<div class="grid">
		{#each fields as f (f.name)}
			<div class:own={own(f.name)}>
				{#if f.kind === 'boolean'}<YesNo {entry} name={f.name} />{:else}<QuantityField
						{entry}
						name={f.name}
						note={own(f.name) ? `shipped ${figureWords(f, f.default, entry.system)}` : f.about}
					/>{/if}
			</div>
		{/each}
	</div>
</fieldset>

<style>
	fieldset {
		border: 0;
		border-top: 1px solid var(--rule);
		padding: var(--s-8) 0 var(--s-4);
		min-width: 0;
	}
	legend {
		font-weight: 650;
		padding: 0;
		float: left;
		width: 100%;
		margin-bottom: var(--s-4);
	}
	.grid {
		clear: both;
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
		gap: var(--s-4) var(--s-14);
	}
	.own {
		border-left: 4px solid var(--act);
		padding-left: var(--s-8);
	}
</style>
