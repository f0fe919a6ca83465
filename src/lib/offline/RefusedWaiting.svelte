<script lang="ts">
	import { resolve } from '$app/paths';
	import { STATION_NAMES, type StationId } from '$core/route/station-names';
	import { when } from '$lib/words';
	import { type Kept, outbox } from './outbox.svelte';

	interface Props {
		kept: Kept;
	}
	/** A record that waited and was not taken: why, what was typed, and the ways on. */
	let { kept }: Props = $props();
	let really = $state(false);
	const why = $derived(
		kept.refused?.message ??
			'It was recorded after one that was not taken, so it was not sent. Put that one right first.'
	);

	function again() {
		if (kept.draft) localStorage.setItem(kept.draft.key, kept.draft.text);
		outbox.remove(kept.key);
		location.assign(resolve(`/setups/${kept.setupId}/${kept.station}`));
	}
</script>

<section aria-label="Not taken: {kept.title}">
	<p>
		<b>{STATION_NAMES[kept.station as StationId]}, {kept.title}, of setup {kept.setupId} was not taken.</b>
		Entered {when(kept.atMs)}. {why}
	</p>
	{#if kept.typed.length}<dl>
			{#each kept.typed as { label, value }, i (i)}<div>
					<dt>{label}</dt>
					<dd class="num">{value}</dd>
				</div>{/each}
		</dl>{/if}
	<div class="ways">
		<button class="btn act" onclick={again}>Enter it again</button>
		{#if really}<button class="btn stop" onclick={() => outbox.remove(kept.key)}
				>Really: it is nowhere else</button
			>{:else}<button class="btn" onclick={() => (really = true)}>Leave it out</button>{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-6);
		border-left: 4px solid var(--stop);
		padding-left: var(--s-12);
	}
	p {
		max-width: none;
	}
	dl {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-4) var(--s-16);
	}
	dl div {
		display: flex;
		gap: var(--s-6);
	}
	dt {
		color: var(--ink2);
	}
	.ways {
		display: flex;
		gap: var(--s-8);
	}
</style>
