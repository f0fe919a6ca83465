<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** Keys of one name are one question. */
		name: string;
		checked: boolean;
		onpick: () => void;
		disabled?: boolean;
		/** The field that a fault of it leads to. */
		field?: string;
		/** Low where many stand under each other. */
		low?: boolean;
		children: Snippet;
	}
	/** One answer of a few, as a key: the radio button lies over it, unseen. */
	let { name, checked, onpick, disabled = false, field, low = false, children }: Props = $props();
</script>

<label class:on={checked} class:low
	><input
		type="radio"
		{name}
		{checked}
		{disabled}
		data-field={field}
		onchange={onpick}
	/>{@render children()}</label
>

<style>
	label {
		position: relative;
		display: inline-flex;
		align-items: center;
		justify-content: center;
		min-height: var(--hit);
		padding: var(--s-4) var(--s-12);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		background: var(--sheet);
		font-weight: 600;
		font-size: var(--type-label);
		cursor: pointer;
	}
	.low {
		min-width: 58px;
		min-height: 38px;
	}
	.on {
		background: var(--ink);
		color: var(--sheet);
		border-color: var(--ink);
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
