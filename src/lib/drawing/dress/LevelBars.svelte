<script lang="ts">
	interface Props {
		/** Level of each zone across the face at the last pass. */
		levels: readonly number[];
		even: boolean;
	}
	/** How loud each place across the face was: silence is a low place, a swell a high one. */
	let { levels, even }: Props = $props();
	const [W, H] = [340, 74];
	const top = $derived(Math.max(1e-9, ...levels));
	const mean = $derived(levels.reduce((s, x) => s + x, 0) / Math.max(1, levels.length));
	const low = $derived(levels.filter((l) => l < mean / 2).length);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Level across the face: {even
		? 'even'
		: `uneven, ${Math.round((100 * low) / Math.max(1, levels.length))} % of the width hardly heard`}"
>
	<line
		x1="0"
		x2={W}
		y1={H - 10 - (H - 16) * (mean / 2 / top)}
		y2={H - 10 - (H - 16) * (mean / 2 / top)}
		stroke="var(--ink2)"
		stroke-dasharray="3 3"
	/>
	{#each levels as l, i (i)}<rect
			x={(i / levels.length) * W}
			y={H - 10 - (H - 16) * (l / top)}
			width={W / levels.length - 0.8}
			height={(H - 16) * (l / top)}
			fill={l < mean / 2 ? 'var(--caution)' : 'var(--act)'}
		/>{/each}
	<line x1="0" x2={W} y1={H - 10} y2={H - 10} stroke="var(--edge)" />
</svg>
