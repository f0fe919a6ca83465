<script lang="ts">
	interface Props {
		rough: number;
		fine: number;
		spark: number;
		/** Strokes made so far. */
		done: number;
	}
	/** Strokes of the truing, in pairs: one from each side. Larger bites first, small ones last, then none. */
	let { rough, fine, spark, done }: Props = $props();
	const W = 340;
	const all = $derived(rough + fine + spark);
	const w = $derived(W / Math.max(1, all));
	const kind = (i: number) => (i < rough ? 22 : i < rough + fine ? 12 : 4);
</script>

<svg
	viewBox="0 0 {W} 52"
	width="100%"
	role="img"
	aria-label="{done} of {all} strokes made: {rough} rough, {fine} fine, {spark} with no feed, as many from the left as from the right"
>
	{#if all <= 170}{#each { length: all }, i (i)}<rect
				x={i * w}
				y={i % 2 ? 26 : 26 - kind(i)}
				width={Math.max(0.8, w - 0.8)}
				height={kind(i)}
				fill={i < done ? 'var(--act)' : 'var(--edge)'}
			/>{/each}{:else}<rect y="4" width={(W * rough) / all} height="44" fill="var(--edge)" /><rect
			x={(W * rough) / all}
			y="14"
			width={(W * fine) / all}
			height="24"
			fill="var(--edge)"
		/><rect y="24" width={(W * done) / all} height="4" fill="var(--act)" />{/if}
	<line x1="0" x2={W} y1="26" y2="26" stroke="var(--ink2)" />
</svg>
