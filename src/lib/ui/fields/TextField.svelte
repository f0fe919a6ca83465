<script lang="ts">
	import { labelOf, type TextField } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';

	interface Props {
		entry: Entry;
		name: string;
		mono?: boolean;
		note?: string;
		label?: string;
		autofocus?: boolean;
	}
	let { entry, name, mono = false, note = '', label = '', autofocus = false }: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as TextField);
	const fault = $derived(entry.faultAt(name));
</script>

<div class="field">
	<label for={id}>{label || labelOf(field)}</label>
	<!-- svelte-ignore a11y_autofocus -->
	<input
		{id}
		class="plain-input"
		class:mono
		data-field={name}
		{autofocus}
		type={field.kind === ('date' as string) ? 'date' : 'text'}
		bind:value={() => String(entry.at(name) ?? ''), (v) => entry.set(name, v)}
		autocomplete="off"
		spellcheck="false"
		aria-invalid={fault ? 'true' : undefined}
		aria-describedby="{id}-n"
		onblur={() => (entry.touched[name] = true)}
	/>
	<div id="{id}-n" class:fault class="note">{fault ?? note}</div>
</div>

<style>
	label {
		display: block;
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
	}
	input {
		width: 100%;
	}
	.mono {
		font: 600 var(--type-title) var(--mono);
	}
	.note {
		font-size: var(--type-fine);
		color: var(--ink3);
		margin-top: var(--s-4);
		min-height: 16px;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
