<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Trash from '@lucide/svelte/icons/trash-2';
	import { labelOf, type ListField } from '$core/calculation/fields';
	import type { Entry, Typed } from './entry.svelte';
	import FieldInput from './FieldInput.svelte';

	interface Props {
		entry: Entry;
		name: string;
		label?: string;
	}
	/** A list whose entries are added and taken away one by one. */
	let { entry, name, label = '' }: Props = $props();
	const field = $derived(entry.fieldAt(name) as ListField);
	const list = $derived((entry.at(name) ?? []) as Typed[]);
	const fault = $derived(entry.faultAt(name));
	const what = $derived(labelOf(field.item).toLowerCase());
</script>

<fieldset data-field={name} tabindex="-1">
	<legend>{label || labelOf(field)} <span>{field.about}</span></legend>
	{#each list as _, i (i)}
		<div class="item">
			<b>{i + 1}</b>
			<div class="in">
				<FieldInput {entry} field={field.item} path="{name}.{i}" label="{labelOf(field.item)} {i + 1}" />
			</div>
			<button
				type="button"
				class="btn"
				aria-label="Remove {what} {i + 1}"
				onclick={() =>
					entry.set(
						name,
						list.filter((_x, k) => k !== i)
					)}><Trash size={16} /></button
			>
		</div>
	{/each}
	<button
		type="button"
		class="btn"
		disabled={list.length >= (field.maxItems ?? Infinity)}
		onclick={() => entry.set(name, [...list, entry.blank(field.item)])}><Plus size={16} />Add {what}</button
	>
	{#if fault}<p class="fault">{fault}</p>{/if}
</fieldset>

<style>
	fieldset {
		border: 1px solid var(--rule);
		border-left: 3px solid var(--edge);
		padding: var(--s-8) var(--s-12);
		min-width: 0;
		grid-column: 1 / -1;
		display: grid;
		gap: var(--s-8);
		justify-items: start;
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
	.item {
		display: grid;
		grid-template-columns: 22px 1fr auto;
		gap: var(--s-8);
		width: 100%;
		align-items: start;
	}
	.item b {
		padding-top: var(--s-10);
		color: var(--ink2);
	}
	.in {
		min-width: 0;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
