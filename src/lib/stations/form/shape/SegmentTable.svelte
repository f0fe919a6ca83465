<script lang="ts">
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import SegmentRow from './SegmentRow.svelte';
	import type { Outline } from './outline.svelte';

	interface Props {
		entry: Entry;
		outline: Outline;
		/** What is wrong with a segment as a whole, and with which. */
		fault: { field: string; message: string } | null;
	}
	/** The outline segment by segment, from left to right, each by where it ends; by keyboard. */
	let { entry, outline, fault }: Props = $props();
	const PAGE = 12;
	const from = $derived(Math.floor(outline.picked / PAGE) * PAGE);
	const shown = $derived(outline.rows.slice(from, from + PAGE));
	const many = $derived(outline.rows.length > PAGE);
	const turn = (by: number) => (outline.picked = Math.max(0, Math.min(outline.rows.length - 1, from + by)));
	const wrong = (k: number): string | null => {
		const at = `segments.${k}`;
		const typed = Object.entries(entry.faults).find(([key]) => key === at || key.startsWith(`${at}.`));
		if (typed) return typed[1];
		return fault && (fault.field === at || fault.field.startsWith(`${at}.`)) ? fault.message : null;
	};
	function keys(e: KeyboardEvent) {
		if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z') return;
		e.preventDefault();
		outline.undo();
	}
</script>

<!-- svelte-ignore a11y_no_static_element_interactions -->
<div class="list" onkeydown={keys}>
	<table>
		<thead
			><tr
				><th scope="col">No</th><th scope="col">Segment</th><th scope="col">to z</th><th scope="col">to x</th
				><th scope="col">R</th></tr
			></thead
		>
		<tbody>
			{#if from === 0 && outline.rows.length}<tr class="first"
					><td></td><td>begins at</td>
					{#each ['z', 'x'] as const as axis (axis)}<td
							><input
								class="plain-input num"
								aria-label="The form begins at {axis}"
								data-field="segments.0.{axis}0Mm"
								value={String(outline.rows[0]![`${axis}0Mm`] ?? '')}
								oninput={(e) => outline.typeVertex(0, axis, e.currentTarget.value)}
							/></td
						>{/each}<td></td></tr
				>{/if}
			{#each shown as row, i (from + i)}<SegmentRow
					{outline}
					{row}
					index={from + i}
					fault={wrong(from + i)}
				/>{/each}
		</tbody>
	</table>
	<div class="keys">
		<button class="btn" onclick={outline.add} disabled={!outline.raw && outline.rows.length > 0}
			>Add at the end</button
		>
		<button class="btn" onclick={outline.split} disabled={!outline.raw}
			>Cut {outline.picked + 1} in two</button
		>
		<button class="btn" onclick={outline.out} disabled={!outline.raw || outline.rows.length < 2}
			>Take {outline.picked + 1} out</button
		>
		<button class="btn" onclick={() => outline.undo()} disabled={!outline.undoable}
			>Undo <kbd aria-hidden="true">Ctrl Z</kbd></button
		>
		{#if many}<span class="num">{from + 1} to {from + shown.length} of {outline.rows.length}</span><button
				class="btn"
				onclick={() => turn(-PAGE)}
				disabled={from === 0}>Before</button
			><button class="btn" onclick={() => turn(PAGE)} disabled={from + PAGE >= outline.rows.length}
				>After</button
			>{/if}
	</div>
</div>

<style>
	table {
		width: 100%;
		border-collapse: collapse;
		font-size: var(--type-small);
	}
	th {
		text-align: left;
		font-weight: 600;
		color: var(--ink2);
		padding: 0 var(--s-6) var(--s-4);
	}
	td {
		padding: 2px var(--s-4);
	}
	.first td {
		color: var(--ink2);
	}
	input {
		width: 100%;
		min-width: 66px;
		min-height: 36px;
		padding-inline: var(--s-6);
		font-size: var(--type-small);
	}
	.keys {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		align-items: center;
		margin-top: var(--s-6);
		font-size: var(--type-small);
	}
	.keys .btn {
		padding-inline: var(--s-10);
		font-size: var(--type-small);
	}
</style>
