<script lang="ts">
	import type { NumberField } from '$core/calculation/fields';
	import { labelOf } from '$core/calculation/fields';
	import { otherSystem, rangeText, symbolOf } from '$core/quantity/format';
	import { parseQuantity } from '$core/quantity/parse';
	import type { Entry } from './entry.svelte';

	interface Props {
		entry: Entry;
		name: string;
		note?: string;
		autofocus?: boolean;
		onenter?: () => void;
		showRange?: boolean;
		label?: string;
		/** Where it is looked for although it may stay empty, nothing is said of that. */
		asked?: boolean;
	}
	/** Takes what people write; shows the other unit system, or another reading of it, small beneath. */
	let {
		entry,
		name,
		note = '',
		autofocus = false,
		onenter,
		showRange = false,
		label = '',
		asked = false
	}: Props = $props();
	const id = $props.id();
	const field = $derived(entry.fieldAt(name) as NumberField);
	const fault = $derived(entry.faultAt(name));
	const parsed = $derived(parseQuantity(String(entry.at(name) ?? ''), field.unit, entry.system));
	const beneath = $derived(
		note ||
			('value' in parsed ? otherSystem(parsed.value, field.unit, entry.system) : '') ||
			(showRange && field.unit !== 'deg' ? rangeText(field, entry.system) : '')
	);
	function keys(e: KeyboardEvent) {
		if (e.key !== 'Enter') return;
		e.preventDefault();
		if (onenter) return onenter();
		const all = [
			...document.querySelectorAll<HTMLElement>('main input:not([disabled]), main select, main .btn.act')
		];
		all[all.indexOf(e.currentTarget as HTMLElement) + 1]?.focus();
	}
</script>

<div class="field">
	<label for={id}
		>{label || labelOf(field)}{#if !asked && !field.required && field.default === undefined}<span class="opt"
				>&nbsp;if known</span
			>{/if}</label
	>
	<div class="qty" class:bad={fault}>
		<!-- svelte-ignore a11y_autofocus -->
		<span class="room" style:--n={Math.max(4, String(entry.at(name) ?? '').length)}
			><input
				{id}
				data-field={name}
				inputmode="text"
				autocomplete="off"
				spellcheck="false"
				{autofocus}
				bind:value={() => String(entry.at(name) ?? ''), (v) => entry.set(name, v)}
				aria-invalid={fault ? 'true' : undefined}
				aria-describedby="{id}-n"
				maxlength="60"
				onblur={() => (entry.touched[name] = true)}
				onkeydown={keys}
			/></span
		>
		{#if symbolOf(field.unit, entry.system)}<i>{symbolOf(field.unit, entry.system)}</i>{/if}
	</div>
	<div id="{id}-n" class:fault class="alt">{fault ?? beneath}</div>
	{#if 'problem' in parsed && parsed.meant}<div class="meant">
			{#each parsed.meant as m (m.text)}<button
					type="button"
					class="btn"
					onclick={() => entry.set(name, m.text)}>{m.says}</button
				>{/each}
		</div>{/if}
</div>

<style>
	label {
		display: block;
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
	}
	.opt {
		color: var(--ink3);
		font-size: var(--type-fine);
	}
	.qty {
		display: flex;
		border: 1.5px solid var(--edge);
		border-radius: var(--round);
		background: var(--paper);
		overflow: hidden;
		min-height: var(--hit);
	}
	.qty:focus-within {
		border-color: var(--act);
		box-shadow: 0 0 0 3px var(--act-soft);
	}
	.qty.bad {
		border-color: var(--stop);
	}
	/* A number is never cut off: a long one is written smaller. */
	.room {
		flex: 1;
		min-width: 0;
		container-type: inline-size;
		display: flex;
	}
	input {
		flex: 1;
		min-width: 0;
		width: 100%;
		border: 0;
		background: none;
		outline: none;
		font: 600 var(--type-title) var(--mono);
		font-size: max(9px, min(var(--type-title), calc((100cqw - 16px) / (var(--n) * 0.62))));
		padding: 0 var(--s-4) 0 var(--s-10);
		color: var(--ink);
	}
	i {
		font: 500 var(--type-label)/1 var(--text);
		color: var(--ink2);
		padding: 0 var(--s-10);
		background: var(--well);
		font-style: normal;
		display: flex;
		align-items: center;
		white-space: nowrap;
	}
	.alt {
		font: 500 var(--type-fine)/1.3 var(--mono);
		color: var(--ink3);
		margin-top: var(--s-4);
		min-height: 16px;
	}
	.meant {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-8);
		margin-top: var(--s-4);
	}
	.fault {
		font-family: var(--text);
		font-size: var(--type-small);
		color: var(--stop);
		font-weight: 600;
	}
</style>
