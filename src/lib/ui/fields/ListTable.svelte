<script lang="ts">
	import Trash from '@lucide/svelte/icons/trash-2';
	import { labelOf, type ListField, type NumberField, type ObjectField } from '$core/calculation/fields';
	import { symbolOf } from '$core/quantity/format';
	import type { Entry, Typed } from './entry.svelte';

	interface Props {
		entry: Entry;
		name: string;
		/** What a line is called, for its labels. */ one: string;
		words?: Record<string, string>;
		least?: number;
	}
	/** A list of small groups of numbers as a table, one line each; lines are added and taken away. */
	let { entry, name, one, words = {}, least = 0 }: Props = $props();
	const field = $derived(entry.fieldAt(name) as ListField);
	const columns = $derived((field.item as ObjectField).fields as NumberField[]);
	const list = $derived((entry.at(name) ?? []) as Typed[]);
	const fault = $derived(
		entry.faultAt(name) ?? Object.entries(entry.faults).find(([k]) => k.startsWith(`${name}.`))?.[1] ?? null
	);
	const said = (f: NumberField) =>
		`${words[f.name] ?? labelOf(f)}${symbolOf(f.unit, entry.system) ? `, ${symbolOf(f.unit, entry.system)}` : ''}`;
</script>

<table data-field={name} tabindex="-1">
	<thead
		><tr
			>{#each columns as f (f.name)}<th>{said(f)}</th>{/each}<th></th></tr
		></thead
	>
	<tbody
		>{#each list as _, i (i)}<tr
				>{#each columns as f (f.name)}<td
						><input
							class="plain-input num"
							aria-label="{words[f.name] ?? labelOf(f)}, {one} {i + 1}"
							data-field="{name}.{i}.{f.name}"
							maxlength="30"
							autocomplete="off"
							bind:value={
								() => String(entry.at(`${name}.${i}.${f.name}`) ?? ''),
								(v) => entry.set(`${name}.${i}.${f.name}`, v)
							}
						/></td
					>{/each}<td
					>{#if list.length > least}<button
							type="button"
							class="btn"
							aria-label="Remove {one} {i + 1}"
							onclick={() =>
								entry.set(
									name,
									list.filter((_x, k) => k !== i)
								)}><Trash size={15} /></button
						>{/if}</td
				></tr
			>{/each}</tbody
	>
</table>
<button
	type="button"
	class="btn add"
	disabled={list.length >= (field.maxItems ?? Infinity)}
	onclick={() => entry.set(name, [...list, entry.blank(field.item)])}>Add a {one}</button
>
{#if fault}<p class="fault">{fault}</p>{/if}

<style>
	table {
		width: 100%;
	}
	th {
		text-align: left;
		font-size: var(--type-fine);
		color: var(--ink2);
		border: 0;
		padding: 0 var(--s-6) var(--s-2) 0;
		font-weight: 500;
	}
	td {
		border: 0;
		padding: 0 var(--s-6) var(--s-4) 0;
	}
	input {
		width: 100%;
		min-width: 52px;
		font-weight: 600;
		font-size: var(--type-strong);
		padding: var(--s-4) var(--s-8);
		min-height: 36px;
	}
	.btn {
		padding: var(--s-4) var(--s-8);
		min-height: 34px;
		font-size: var(--type-small);
	}
	.add {
		justify-self: start;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
