<script lang="ts">
	import { fineQuantity, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import BlockStack from './BlockStack.svelte';

	interface Props {
		base: readonly number[];
		blocks: readonly number[];
		wearMm: number;
		wearCount: number;
		differenceMm: number;
		units: System;
		/** How high the taller one is drawn. */
		high?: number;
	}
	/** Both stacks beside each other on one floor, largest block lowest, wear blocks at the ends. */
	let { base, blocks, wearMm, wearCount, differenceMm, units, high = 190 }: Props = $props();
	const [sign, bare] = $derived([
		symbolOf('mm', units),
		(mm: number) => fineQuantity(mm, 'mm', units).split(' ')[0]!
	] as const);
	/** Room for what stands over a stack. */
	const OVER = 60;
	const FLOOR = $derived(OVER + high);
	interface Block {
		mm: number;
		wear?: boolean;
	}
	const wear = $derived<Block>({ mm: wearMm, wear: true });
	const upper = $derived<Block[]>([
		...(wearCount > 0 ? [wear] : []),
		...blocks.map((mm) => ({ mm })),
		...(wearCount > 1 ? [wear] : [])
	]);
	const tallest = $derived(
		Math.max(
			10,
			base.reduce((s, b) => s + b, 0),
			upper.reduce((s, b) => s + b.mm, 0)
		)
	);
	const k = $derived(high / tallest);
	const two = $derived(base.length > 0);
</script>

<svg
	viewBox="0 0 360 {FLOOR + 22}"
	width="100%"
	role="img"
	aria-label="{two ? `Lower stack ${base.map(bare).join(', ')} ${sign}; upper stack` : 'Stack'} {upper
		.map((b) => `${bare(b.mm)}${b.wear ? ' wear' : ''}`)
		.join(', ')} {sign} from below; difference {fineQuantity(differenceMm, 'mm', units)}"
>
	<rect x="10" y={FLOOR} width="340" height="10" fill="var(--track)" stroke="var(--edge)" />
	{#if two}<BlockStack
			blocks={base.map((mm) => ({ mm }))}
			x={24}
			floor={FLOOR}
			{k}
			title="lower"
			{units}
		/>{/if}
	<BlockStack blocks={upper} x={two ? 196 : 110} floor={FLOOR} {k} title={two ? 'upper' : 'stack'} {units} />
</svg>
