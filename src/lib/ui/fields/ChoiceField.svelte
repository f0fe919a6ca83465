<script lang="ts">
	import { type ChoiceField, labelOf } from '$core/calculation/fields';
	import type { Entry } from './entry.svelte';
	import RadioKey from './RadioKey.svelte';

	interface Props {
		entry: Entry;
		name: string;
		words?: Record<string, string>;
		label?: string;
		list?: boolean;
		/** The answers speak for themselves; the question is told to who listens. */ quiet?: boolean;
	}
	/** One of a few: buttons when there are few, a list when there are many. */
	let { entry, name, words = {}, label = '', list = false, quiet = false }: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as ChoiceField);
	const fault = $derived(entry.faultAt(name));
	/** What is short in a field and never read so. */
	const SHORT: Record<string, string> = { cw: 'clockwise', ccw: 'anticlockwise', cnc: 'by a control' };
	const say = (c: string) => words[c] ?? SHORT[c] ?? c.replace(/-/g, ' ');
</script>

{#if list || field.choices.length > 5}
	<div class="field">
		<label for={id}>{label || labelOf(field)}</label>
		<select
			{id}
			class="plain-input"
			data-field={name}
			bind:value={() => entry.at(name) ?? '', (v) => entry.set(name, v)}
			aria-describedby="{id}-f"
		>
			<option value="">pick one</option>
			{#each field.choices as c (c)}<option value={c}>{say(c)}</option>{/each}
		</select>
		<div id="{id}-f" class="fault">{fault ?? ''}</div>
	</div>
{:else}
	<fieldset class="field">
		<legend class:unseen={quiet}>{label || labelOf(field)}</legend>
		<div class="row">
			{#each field.choices as c, i (c)}
				<RadioKey
					name={id}
					checked={entry.at(name) === c}
					field={i === 0 ? name : undefined}
					onpick={() => entry.set(name, c)}>{say(c)}</RadioKey
				>
			{/each}
		</div>
		{#if fault}<div class="fault">{fault}</div>{/if}
	</fieldset>
{/if}

<style>
	fieldset {
		border: 0;
		padding: 0;
		min-width: 0;
	}
	legend,
	.field > label {
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
		padding: 0;
		display: block;
	}
	.unseen {
		position: absolute;
		width: 1px;
		height: 1px;
		overflow: hidden;
		clip-path: inset(50%);
	}
	.row {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-6);
	}
	select {
		width: 100%;
	}
	.fault {
		font-size: var(--type-small);
		color: var(--stop);
		font-weight: 600;
		margin-top: var(--s-4);
		min-height: 0;
	}
</style>
