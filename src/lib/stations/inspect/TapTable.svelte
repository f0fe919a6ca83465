<script lang="ts">
	import type { RingResult } from '$core/inspect/ring/listen';
	import { tapNotes } from '$core/inspect/ring/tap-words';

	interface Props {
		result: RingResult;
		angles: readonly number[] | null;
		onplay: (tap: number) => void;
	}
	/** Tap by tap: where, its note, how long it rings, and what stands out. */
	let { result, angles, onplay }: Props = $props();
	const notes = $derived(tapNotes(result));
	const says = (n: (typeof notes)[number]) =>
		[n.lower ? 'lower' : '', n.higher ? 'higher' : '', n.shorter ? 'shorter' : ''].filter(Boolean).join(', ');
</script>

<div class="box">
	<table aria-label="Tap by tap">
		<thead
			><tr
				><th>Tap</th><th class="r">At</th><th class="r">Note, Hz</th><th class="r">Q</th><th
					>Against the rest</th
				><th><span class="sr">Play</span></th></tr
			></thead
		>
		<tbody
			>{#each notes as n, i (i)}<tr class:odd={says(n)}
					><td>{n.tap}</td><td class="num r"
						>{angles && angles.length === result.onsetsS.length ? `${angles[i]}°` : ''}</td
					><td class="num r">{n.hz.toFixed(1)}</td><td class="num r">{n.q.toFixed(0)}</td><td
						>{says(n) || 'like the rest'}</td
					><td><button class="link" onclick={() => onplay(i)} aria-label="Play tap {n.tap}">Play</button></td
					></tr
				>{/each}</tbody
		>
	</table>
</div>

<style>
	.box {
		max-height: 300px;
		overflow: auto;
	}
	td,
	th {
		padding: var(--s-4) var(--s-8);
		font-size: var(--type-small);
	}
	.r {
		text-align: right;
	}
	.odd td {
		font-weight: 700;
		color: var(--stop);
	}
</style>
