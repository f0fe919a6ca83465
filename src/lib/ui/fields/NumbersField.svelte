<script lang="ts">
	import { labelOf, rangeOf, type ListField, type NumberField } from '$core/calculation/fields';
	import { symbolOf } from '$core/quantity/format';
	import type { Entry } from './entry.svelte';

	interface Props {
		entry: Entry;
		name: string;
		label?: string;
	}
	/** A row of numbers, typed or pasted with spaces, semicolons or one a line between them. */
	let { entry, name, label = '' }: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as ListField);
	const list = $derived((entry.at(name) ?? []) as string[]);
	const fault = $derived(
		entry.faultAt(name) ?? Object.entries(entry.faults).find(([k]) => k.startsWith(`${name}.`))?.[1] ?? null
	);
	const unit = $derived(symbolOf((field.item as NumberField).unit, entry.system));
	const split = (text: string) => text.split(/[\s;]+|,(?=\s)/).filter((t) => t !== '');
	let text = $state(list.join(' '));
	$effect(() => {
		if (split(text).join(' ') !== list.join(' ')) text = list.join(' ');
	});
</script>

<div class="field">
	<label for={id}>{label || labelOf(field)} <span>{unit ? `in ${unit}, ` : ''}spaces between</span></label>
	<textarea
		{id}
		class="plain-input num"
		data-field={name}
		rows="2"
		aria-invalid={fault ? 'true' : undefined}
		aria-describedby="{id}-n"
		bind:value={
			() => text,
			(v) => {
				text = v;
				entry.set(name, split(v));
			}
		}
		onblur={() => (entry.touched[name] = true)}></textarea>
	<div id="{id}-n" class:fault class="note">{fault ?? `${list.length} given; ${rangeOf(field)}`}</div>
</div>

<style>
	.field {
		grid-column: 1 / -1;
	}
	label {
		display: block;
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
	}
	label span {
		font-size: var(--type-fine);
	}
	textarea {
		width: 100%;
		font-weight: 600;
		font-size: var(--type-strong);
		resize: vertical;
	}
	.note {
		font-size: var(--type-fine);
		color: var(--ink3);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
</style>
