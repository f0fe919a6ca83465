<script lang="ts">
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
	{#each options as o, i (o.id)}<label class:on={o.id === picked}
			><input
				type="radio"
				name={id}
				data-field={i === 0 ? field : undefined}
				checked={o.id === picked}
				disabled={o.disabled}
				onchange={() => onpick(o.id)}
			/>{o.text}{#if o.note}&nbsp;<span>{o.note}</span>{/if}</label
		>{/each}
</fieldset>

<style>
	fieldset {
		border: 0;
		padding: 0;
		margin: 0;
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
	label {
		position: relative;
		display: inline-flex;
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-4) var(--s-12);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		background: var(--sheet);
		font-weight: 600;
		font-size: var(--type-label);
		cursor: pointer;
	}
	label.on {
		background: var(--ink);
		color: var(--sheet);
		border-color: var(--ink);
	}
	span {
		font-weight: 500;
		font-size: var(--type-small);
	}
	input {
		position: absolute;
		opacity: 0;
		inset: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	label:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
</style>
