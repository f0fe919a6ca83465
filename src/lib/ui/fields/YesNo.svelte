<script lang="ts">
	import { type BooleanField, labelOf } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';
	import RadioKey from './RadioKey.svelte';

	interface Props {
		entry: Entry;
		name: string;
		label?: string;
		yes?: string;
		no?: string;
		compact?: boolean;
	}
	/** Yes or no, said on purpose: neither is picked until somebody picks it. */
	let { entry, name, label = '', yes = 'Yes', no = 'No', compact = false }: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as BooleanField);
	const fault = $derived(entry.faultAt(name));
</script>

<fieldset class:compact>
	<legend>{label || labelOf(field)}</legend>
	<div class="row">
		{#each [[true, yes], [false, no]] as const as [value, text], i (text)}
			<RadioKey
				name={id}
				low
				checked={entry.at(name) === value}
				field={i === 0 ? name : undefined}
				onpick={() => entry.set(name, value)}>{text}</RadioKey
			>
		{/each}
	</div>
	{#if fault}<div class="fault">{fault}</div>{/if}
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		min-width: 0;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
		padding: 0;
		float: left;
		width: 100%;
	}
	.row {
		display: flex;
		gap: var(--s-6);
		clear: both;
	}
	.compact {
		display: grid;
		grid-template-columns: 1fr auto;
		align-items: center;
		gap: var(--s-4) var(--s-10);
	}
	.compact legend {
		color: var(--ink);
		font-size: var(--type-label);
		margin: 0;
		float: none;
		display: contents;
	}
	.fault {
		font-size: var(--type-small);
		color: var(--stop);
		font-weight: 600;
		grid-column: 1 / -1;
	}
</style>
