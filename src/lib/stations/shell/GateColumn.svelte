<script lang="ts">
	import type { GateLine as Line } from '$core/route/gate';
	import type { Desk } from '$lib/stations/desk.svelte';
	import GateLine from './GateLine.svelte';

	/** What must hold before the next station, each line with its value, its limit and where it came from. */
	let { title, lines, desk }: { title: string; lines: Line[]; desk: Desk } = $props();
</script>

<aside aria-label={title}>
	<h2>{title}</h2>
	{#each lines as line (line.key)}<GateLine {line} {desk} />{/each}
</aside>

<style>
	aside { border-top: 3px solid var(--ink); border-left: 1px solid var(--rule); background: var(--well); padding: 18px 20px; }
	h2 { font-size: 17px; margin-bottom: 8px; }
</style>
