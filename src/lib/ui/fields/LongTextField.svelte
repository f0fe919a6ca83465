<script lang="ts">
	import { type TextField, labelOf, rangeOf } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';

	interface Props {
		entry: Entry;
		name: string;
		label?: string;
		autofocus?: boolean;
	}
	/** Text of many lines, typed, pasted, or taken out of a file. */
	let { entry, name, label = '', autofocus = false }: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as TextField);
	const fault = $derived(entry.faultAt(name));
	const most = $derived(field.maxLength ?? 200);
	let trouble = $state('');
	async function take(e: Event & { currentTarget: HTMLInputElement }) {
		const file = e.currentTarget.files?.[0];
		e.currentTarget.value = '';
		if (!file) return;
		// A file of another kind is refused by its size before it is read; what is there stays.
		if (file.size > most) {
			trouble = `${file.name} is larger than ${Math.round(most / 1000)} kB. Take out of it what belongs to the face.`;
			return;
		}
		trouble = '';
		entry.set(name, await file.text());
		entry.touched[name] = true;
	}
</script>

<div class="field">
	<label for={id}>{label || labelOf(field)} <span>{field.about}</span></label>
	<!-- svelte-ignore a11y_autofocus -->
	<textarea
		{id}
		class="plain-input num"
		data-field={name}
		{autofocus}
		rows="5"
		bind:value={() => String(entry.at(name) ?? ''), (v) => entry.set(name, v)}
		autocomplete="off"
		spellcheck="false"
		aria-invalid={fault ? 'true' : undefined}
		aria-describedby="{id}-n"
		onblur={() => (entry.touched[name] = true)}></textarea>
	<label class="btn file"
		>Take a file<input class="sr" type="file" accept=".csv,.dxf,.txt,text/*" onchange={take} /></label
	>
	<div id="{id}-n" class:fault={fault ?? trouble} class="note">{fault ?? (trouble || rangeOf(field))}</div>
</div>

<style>
	.field {
		display: grid;
		gap: var(--s-4);
		justify-items: start;
	}
	label {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	label span {
		color: var(--ink3);
	}
	textarea {
		width: 100%;
		font-size: var(--type-small);
		resize: vertical;
	}
	.file:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	.note {
		font-size: var(--type-fine);
		color: var(--ink3);
		min-height: 16px;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
