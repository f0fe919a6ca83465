<script lang="ts">
	import Face from './Face.svelte';
	import { arcPath } from './polar';

	interface Props {
		/** Cut all round by the dresser; otherwise touched all round by a pencil. */
		dressed: boolean;
		/** It is said to be so; before that a spot is left. */
		known: boolean;
	}
	let { dressed, known }: Props = $props();
	const TO_DEG = $derived(known ? 359.9 : 320);
	const words = $derived(dressed ? 'Cut by the dresser' : 'Touched by the pencil');
</script>

<Face label="{words} {known ? 'all round' : 'but for one spot'}" numbers={false}>
	{#snippet over(c)}
		<path
			d={arcPath(c, c, 184, 0, TO_DEG)}
			fill="none"
			stroke={dressed ? 'var(--ink)' : 'var(--ink2)'}
			stroke-width={dressed ? 10 : 4}
		/>
		{#if !known}<path
				d={arcPath(c, c, 184, TO_DEG, 360)}
				fill="none"
				stroke="var(--caution)"
				stroke-width="12"
				stroke-dasharray="5 5"
			/><text x={c - 62} y="66" class="spot">untouched</text>{/if}
	{/snippet}
</Face>

<style>
	.spot {
		font: 600 15px var(--text);
		fill: var(--ink);
	}
</style>
