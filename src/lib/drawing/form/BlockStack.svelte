<script lang="ts">
	import { fineQuantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Blocks in the order they are wrung, the lowest first. */
		blocks: readonly { mm: number; wear?: boolean }[];
		x: number;
		/** Where it stands. */
		floor: number;
		/** Height of the drawing for a millimetre. */
		k: number;
		title: string;
		units: System;
	}
	/** A stack of blocks as it is wrung, each as high as it is, thin ones as thin as can still be seen. */
	let { blocks, x, floor, k, title, units }: Props = $props();
	const THIN = 13;
	const drawn = $derived(
		blocks.map((b, i) => {
			const height = (mm: number) => Math.max(THIN, mm * k);
			const below = blocks.slice(0, i).reduce((s, o) => s + height(o.mm), 0);
			return { ...b, y: floor - below - height(b.mm), height: height(b.mm) };
		})
	);
	const total = $derived(blocks.reduce((s, b) => s + b.mm, 0));
	const top = $derived(drawn.at(-1)?.y ?? floor);
</script>

<g>
	{#each drawn as b, i (i)}<rect
			{x}
			y={b.y}
			width="74"
			height={b.height}
			fill={b.wear ? 'var(--act-soft)' : 'var(--steel)'}
			stroke="var(--sheet)"
			stroke-width="1.5"
		/><text x={x + 82} y={b.y + b.height / 2 + 4}
			>{fineQuantity(b.mm, 'mm', units)}{b.wear ? ' wear' : ''}</text
		>{/each}
	<text x={x + 37} y={top - 22} text-anchor="middle">{title}</text>
	<text x={x + 37} y={top - 7} text-anchor="middle" class="b">{fineQuantity(total, 'mm', units)}</text>
</g>

<style>
	text {
		font: 500 12px var(--mono);
		fill: var(--ink2);
	}
	.b {
		font-weight: 700;
		fill: var(--ink);
	}
</style>
