<script lang="ts">
	import { labelOf, type ObjectField } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';
	import FieldInput from './FieldInput.svelte';

	interface Props {
		entry: Entry;
		name: string;
		label?: string;
	}
	/** Fields that belong together. */
	let { entry, name, label = '' }: Props = $props();
	const field = $derived(entry.fieldAt(name) as ObjectField);
	const fault = $derived(entry.faultAt(name));
</script>

<fieldset data-field={name} tabindex="-1">
	<legend>{label || labelOf(field)} <span>{field.about}</span></legend>
	<div class="grid">
		{#each field.fields as f (f.name)}<FieldInput {entry} field={f} path="{name}.{f.name}" />{/each}
	</div>
	{#if fault}<p class="fault">{fault}</p>{/if}
</fieldset>

<style>
	fieldset {
		border: 1px solid var(--rule);
		border-left: 3px solid var(--edge);
		padding: var(--s-8) var(--s-12);
		min-width: 0;
		grid-column: 1 / -1;
	}
	legend {
		font-weight: 650;
		font-size: var(--type-label);
		padding: 0 var(--s-4);
	}
	legend span {
		font-weight: 400;
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
		gap: var(--s-6) var(--s-14);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
