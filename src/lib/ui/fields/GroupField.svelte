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
		padding: 8px 12px;
		min-width: 0;
		grid-column: 1 / -1;
	}
	legend {
		font-weight: 650;
		font-size: 14px;
		padding: 0 4px;
	}
	legend span {
		font-weight: 400;
		color: var(--ink2);
		font-size: 13px;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
		gap: 6px 14px;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: 13px;
	}
</style>
