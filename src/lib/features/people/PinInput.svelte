<script lang="ts">
	import type { HTMLInputAttributes } from 'svelte/elements';

	interface Props {
		label: string;
		value: string;
		fault?: string;
		autocomplete?: HTMLInputAttributes['autocomplete'];
		autofocus?: boolean;
	}
	/** A PIN, not shown while it is typed; what is wrong stands under it. */
	let { label, value = $bindable(), fault = '', autocomplete = 'new-password', autofocus }: Props = $props();
	const id = $props.id();
</script>

<div>
	<label for={id}>{label}</label>
	<!-- svelte-ignore a11y_autofocus -->
	<input
		{id}
		bind:value
		class="plain-input num"
		type="password"
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
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
	}
</style>
