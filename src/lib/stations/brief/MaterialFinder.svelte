<script lang="ts">
	import { findMaterials } from '$core/spec/material-words';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { MATERIAL_WORDS } from '$lib/words';

	interface Props {
		entry: Entry;
	}
	/** The material by an everyday word: type "bearing steel" and take what is offered. */
	let { entry }: Props = $props();
	const id = $props.id();
	const picked = $derived(String(entry.at('material') ?? ''));
	const fault = $derived(entry.faultAt('material'));
	// svelte-ignore state_referenced_locally
	let text = $state(picked ? (MATERIAL_WORDS[picked] ?? picked) : '');
	let open = $state(false);
	let at = $state(0);
	const found = $derived(
		text.trim() === '' || (picked && text === MATERIAL_WORDS[picked])
			? Object.keys(MATERIAL_WORDS).map((material) => ({ material, word: '' }))
			: findMaterials(text)
	);
	function take(i: number) {
		const m = found[i];
		if (!m) return;
		entry.set('material', m.material);
		text = MATERIAL_WORDS[m.material] ?? m.material;
		open = false;
	}
	function keys(e: KeyboardEvent) {
		if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
			e.preventDefault();
			open = true;
			at = Math.max(0, Math.min(found.length - 1, at + (e.key === 'ArrowDown' ? 1 : -1)));
		} else if (e.key === 'Enter' && open) {
			e.preventDefault();
			take(at);
		} else if (e.key === 'Escape') open = false;
	}
	/** Leaving the field takes the one thing that fits; otherwise what was picked before stays. */
	function leave() {
		if (open && text.trim() && found.length && text !== MATERIAL_WORDS[picked]) take(at);
		else if (picked) text = MATERIAL_WORDS[picked] ?? picked;
		open = false;
		entry.touched.material = true;
	}
</script>

<div class="field">
	<label for={id}>Material</label>
	<input
		{id}
		class="plain-input"
		role="combobox"
		aria-expanded={open}
		aria-controls="{id}-l"
		aria-autocomplete="list"
		aria-activedescendant={open && found[at] ? `${id}-${at}` : undefined}
		autocomplete="off"
		data-field="material"
		maxlength="60"
		placeholder="an everyday word, or D2, 100Cr6"
		aria-invalid={fault ? 'true' : undefined}
		aria-describedby="{id}-n"
		bind:value={
			() => text,
			(v) => {
				text = v;
				open = true;
				at = 0;
			}
		}
		onfocus={(e) => {
			e.currentTarget.select();
			open = true;
			at = 0;
		}}
		onkeydown={keys}
		onblur={leave}
	/>
	<ul id="{id}-l" role="listbox" aria-label="Materials" hidden={!open}>
		{#each found as m, i (m.material)}<li
				id="{id}-{i}"
				role="option"
				aria-selected={i === at}
				onpointerdown={(e) => {
					e.preventDefault();
					take(i);
				}}
			>
				{MATERIAL_WORDS[m.material]}{#if m.word}<small>{m.word}</small>{/if}
			</li>{:else}<li role="option" aria-selected="false" aria-disabled="true">
				Nothing by that name. Empty the field and choose what comes nearest.
			</li>{/each}
	</ul>
	<div id="{id}-n" class="fault">{fault ?? ''}</div>
</div>

<style>
	.field {
		position: relative;
	}
	label {
		display: block;
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-4);
	}
	input {
		width: 100%;
	}
	ul {
		position: absolute;
		z-index: 5;
		left: 0;
		right: 0;
		top: 66px;
		max-height: 300px;
		overflow: auto;
		list-style: none;
		padding: var(--s-4);
		background: var(--paper);
		border: 1.5px solid var(--edge);
		min-width: 230px;
	}
	ul[hidden] {
		display: none;
	}
	li {
		padding: var(--s-8) var(--s-10);
		cursor: pointer;
		display: flex;
		justify-content: space-between;
		gap: var(--s-10);
	}
	li[aria-selected='true'] {
		background: var(--act-soft);
	}
	small {
		color: var(--ink2);
	}
</style>
