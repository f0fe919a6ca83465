<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import type { StationId } from '$core/route/station-names';
	import type { GateLine as Line } from '$core/route/gate';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import GateLine from './GateLine.svelte';

	interface Props {
		title: string;
		lines: Line[];
		desk: SetupSession;
		onward?: { name: string; station: StationId } | null;
	}
	/** What must hold before the next station, each line with its value, its limit and where it came from. */
	let { title, lines, desk, onward = null }: Props = $props();
	const free = (t: EventTarget | null) =>
		!(t instanceof HTMLElement) || t === document.body || t.tagName === 'MAIN';
</script>

<svelte:window
	onkeydown={(e) => {
		if (onward && e.key === 'Enter' && free(e.target)) {
			e.preventDefault();
			void goto(resolve(`/setups/${desk.facts.id}/${onward.station}`));
		}
	}}
/>
<aside aria-label={title}>
	<h2>{title}</h2>
	{#each lines as line (line.key)}<GateLine {line} {desk} />{/each}
	{#if onward}<a class="btn act" href={resolve(`/setups/${desk.facts.id}/${onward.station}`)}
			>On to {onward.name} <kbd aria-hidden="true">Enter</kbd></a
		>{/if}
</aside>

<style>
	aside {
		border-top: 3px solid var(--ink);
		border-left: 1px solid var(--rule);
		background: var(--well);
		padding: var(--s-16) var(--s-20);
	}
	/* Never below the fold, however many lines there are. */
	.act {
		position: sticky;
		bottom: var(--s-16);
		box-shadow: 0 var(--s-16) 0 var(--well);
		margin-top: var(--s-14);
		width: 100%;
		white-space: normal;
	}
	h2 {
		font-size: var(--type-head);
		margin-bottom: var(--s-8);
	}
</style>
