<script lang="ts">
	import { duration } from '$core/quantity/format';
	import type { Ours } from '$core/shop/ours';

	interface Props {
		what: string;
		ours: Ours | null;
		/** How one of its figures reads; a time where nothing else is said. */
		show?: (v: number) => string;
	}
	/** What the shop's own records say, beside the guideline: the middle, the range, how many; used from a few on. */
	let { what, ours, show = duration }: Props = $props();
</script>

{#if ours}<p>
		<b>Ours</b>
		{what}
		<span class="num">{show(ours.median)}</span>, {show(ours.low)} to {show(ours.high)}, {ours.count}
		{ours.count === 1 ? 'time' : 'times'}{ours.enough ? '' : `; used from ${ours.needed} on`}
	</p>{/if}

<style>
	p {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	b {
		color: var(--act);
	}
	.num {
		color: var(--ink);
		font-weight: 650;
	}
</style>
