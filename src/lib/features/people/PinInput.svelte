<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';

	interface Props {
		label: string;
		/** Bound by who sends it by script; a form sends it by its name. */
		value?: string;
		name?: string;
		fault?: string;
		autocomplete?: HTMLInputAttributes['autocomplete'];
		autofocus?: boolean;
		/** A code that may be read while it is typed. */
		shown?: boolean;
		wide?: boolean;
	}
	/** A PIN, not shown while it is typed; what is wrong stands under it. */
	let {
		label,
		value = $bindable(''),
		name,
		fault = '',
		autocomplete = 'new-password',
		autofocus,
		shown = false,
		wide = false
	}: Props = $props();
	const id = $props.id();
</script>

<div>
	<label for={id}>{label}</label>
	<!-- svelte-ignore a11y_autofocus -->
	<input
		{id}
		{name}
		bind:value
		class="plain-input num"
		class:wide
		type={shown ? 'text' : 'password'}
		inputmode="numeric"
		maxlength="12"
		{autocomplete}
		{autofocus}
		aria-invalid={fault ? 'true' : undefined}
		aria-describedby="{id}-fault"
	/>
	<p id="{id}-fault" class="fault" role={fault ? 'alert' : undefined}>{fault}</p>
</div>

<style>
	div {
		display: grid;
		gap: var(--s-4);
	}
	input {
		font-size: var(--type-title);
		letter-spacing: 4px;
		max-width: 260px;
	}
	.wide {
		max-width: none;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
	}
</style>
