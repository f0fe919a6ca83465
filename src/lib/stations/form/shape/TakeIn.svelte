<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import type { RawSegment } from '$core/form/profile/chain';
	import type { Segment } from '$core/form/profile/segment';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import type { Outline } from './outline.svelte';

	interface Props {
		desk: SetupSession;
		outline: Outline;
		onseen: (segments: Segment[] | null) => void;
		ontake: (segments: readonly Partial<RawSegment>[], name?: string, toleranceUm?: number | null) => void;
	}
	/** Where a form comes from, one panel at a time; and what is done with the whole of it. */
	let { desk, outline, onseen, ontake }: Props = $props();
	type Source = 'measures' | 'drawing' | 'library';
	let open = $state<Source | null>(null);
	const first = $derived(outline.rows.length === 0);
	const shown = $derived(open ?? (first ? 'measures' : null));
	function choose(s: Source) {
		open = shown === s ? null : s;
		onseen(null);
	}
	const takeAsDrawn = (segments: readonly object[]) => take(segments as RawSegment[]);
	function take(segments: readonly Partial<RawSegment>[], name?: string, toleranceUm?: number | null) {
		open = null;
		ontake(segments, name, toleranceUm);
	}
	const SOURCES = [
		['measures', 'Measures or points'],
		['drawing', 'Drawing (DXF)'],
		['library', 'Library']
	] as const;
	/** The part is the mirror of the wheel: one key turns the one into the other. */
	function keys(e: KeyboardEvent) {
		const free = !(e.target as HTMLElement).matches('input, textarea, select');
		if (free && !e.ctrlKey && !e.metaKey && !e.altKey && e.key === 'm' && outline.chain) outline.turnOver();
	}
</script>

<svelte:window onkeydown={keys} />
<div class="row" role="group" aria-label="Take a form in, or turn it over">
	{#each SOURCES as [id, title] (id)}<button
			class="btn"
			class:on={shown === id}
			aria-expanded={shown === id}
			onclick={() => choose(id)}>{title}</button
		>{/each}
	<button class="btn" disabled={!outline.chain} onclick={outline.turnOver}
		>Part or wheel <kbd aria-hidden="true">M</kbd></button
	>
	<button class="btn" disabled={!outline.raw} onclick={outline.turnRound}>Left for right</button>
</div>
{#if shown}<div class="panel">
		{#if shown === 'measures'}<Lazy
				load={() => import('./MeasuresPanel.svelte')}
				given={{ desk, onseen, ontake: takeAsDrawn }}
			/>
		{:else if shown === 'drawing'}<Lazy
				load={() => import('./DxfPanel.svelte')}
				given={{ desk, onseen, ontake: takeAsDrawn }}
			/>
		{:else}<Lazy load={() => import('./LibraryPanel.svelte')} given={{ desk, onseen, ontake: take }} />{/if}
	</div>{/if}

<style>
	.row {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
		margin-bottom: var(--s-8);
	}
	.row .btn {
		font-size: var(--type-small);
		padding-inline: var(--s-10);
	}
	.panel {
		border: 1px solid var(--rule);
		background: var(--well);
		padding: var(--s-12) var(--s-14);
		margin-bottom: var(--s-10);
	}
</style>
