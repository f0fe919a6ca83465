<script lang="ts">
	import type { WheelFacts } from '$core/route/facts';
	import { EXCLUSION_WORDS } from '$core/route/stations/select/steps';
	import type { SelectView } from '$core/route/stations/select/view';

	interface Props {
		rack: SelectView;
		byNumber: ReadonlyMap<string, WheelFacts>;
	}
	/** Wheels that may not go on, and why, folded away. */
	let { rack, byNumber }: Props = $props();
	let opened = $state(false);
	const why = (id: string, code: string) =>
		code === 'held' ? `held by setup ${byNumber.get(id)!.heldBy}` : (EXCLUSION_WORDS[code] ?? code);
</script>

<details
	ontoggle={(e) => {
		if (e.currentTarget.open) opened = true;
	}}
>
	<summary
		>{rack.out} wheels ruled out: {rack.counts
			.map(([c, n]) => `${n} ${EXCLUSION_WORDS[c] ?? c}`)
			.join(', ')}</summary
	>
	{#if opened}<ul class="out">
			{#each rack.excluded as x (x.id)}<li>
					<b class="num">{x.id}</b> <span class="num">{byNumber.get(x.id)!.canonical}</span>
					<span class="quiet">{x.codes.map((c) => why(x.id, c)).join(', ')}</span>
				</li>{/each}
		</ul>
		{#if rack.out > rack.excluded.length}<p>and {rack.out - rack.excluded.length} more</p>{/if}{/if}
</details>

<style>
	details {
		padding: var(--s-8) var(--s-10);
		font-size: var(--type-label);
		color: var(--ink2);
	}
	summary {
		cursor: pointer;
		min-height: 24px;
	}
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
