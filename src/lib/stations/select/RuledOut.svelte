<script lang="ts">
	import type { WheelFacts } from '$core/facts/wheel';
	import { EXCLUSION_WORDS } from '$core/route/stations/select/steps';
	import type { SelectView } from '$core/route/stations/select/view';
	import Fold from '$lib/ui/layout/Fold.svelte';

	interface Props {
		rack: SelectView;
		byNumber: ReadonlyMap<string, WheelFacts>;
	}
	/** Wheels that may not go on, and why, folded away. */
	let { rack, byNumber }: Props = $props();
	const why = (id: string, code: string) =>
		code === 'held' ? `held by setup ${byNumber.get(id)!.heldBy}` : (EXCLUSION_WORDS[code] ?? code);
	const counted = $derived(rack.counts.map(([c, n]) => `${n} ${EXCLUSION_WORDS[c] ?? c}`).join(', '));
</script>

<Fold title="{rack.out} wheels ruled out: {counted}" quiet>
	<ul class="out">
		{#each rack.excluded as x (x.id)}<li>
				<b class="num">{x.id}</b> <span class="num">{byNumber.get(x.id)!.canonical}</span>
				<span class="quiet">{x.codes.map((c) => why(x.id, c)).join(', ')}</span>
			</li>{/each}
	</ul>
	{#if rack.out > rack.excluded.length}<p>and {rack.out - rack.excluded.length} more</p>{/if}
</Fold>

<style>
	.out {
		columns: 2;
		padding: var(--s-8) 0 0;
		list-style: none;
		font-size: var(--type-small);
		color: var(--ink);
	}
	.out li {
		break-inside: avoid;
		padding: var(--s-2) 0;
	}
</style>
