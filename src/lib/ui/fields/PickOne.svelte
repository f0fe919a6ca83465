<script lang="ts">
	import RadioKey from './RadioKey.svelte';

	interface Option {
		id: string;
		text: string;
		/** Said small behind it. */
		note?: string;
		disabled?: boolean;
	}
	interface Props {
		legend: string;
		options: readonly Option[];
		picked: string | null;
		onpick: (id: string) => void;
		/** The field that a fault of it leads to. */
		field?: string;
	}
	/** One of a few that the page knows, as keys: dressers, ways. */
	let { legend, options, picked, onpick, field }: Props = $props();
	const id = $props.id();
</script>

<fieldset>
	<legend>{legend}</legend>
	{#each options as o, i (o.id)}<RadioKey
			name={id}
			checked={o.id === picked}
			disabled={o.disabled}
			field={i === 0 ? field : undefined}
			onpick={() => onpick(o.id)}
			>{o.text}{#if o.note}&nbsp;<span>{o.note}</span>{/if}</RadioKey
		>{/each}
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0 0 var(--s-10);
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		min-width: 0;
	}
	legend {
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
		padding: 0;
	}
	span {
		font-weight: 500;
		font-size: var(--type-small);
	}
</style>
