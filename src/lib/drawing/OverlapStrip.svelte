<script lang="ts">
	interface Props {
		value: number | null;
	}
	/** The overlap on its bands: from a thread to dull. */
	let { value }: Props = $props();
	const W = 320;
	const bands = [
		['', 0, 1, 'var(--stop-soft)'],
		['open', 1, 3, 'var(--bar)'],
		['general', 3, 5, 'var(--ok-soft)'],
		['fine', 5, 10, 'var(--act-soft)'],
		['dull', 10, 14, 'var(--caution-soft)']
	] as const;
	const x = (u: number) => (Math.min(14, Math.max(0, u)) / 14) * W;
</script>

<svg
	viewBox="0 0 {W} 46"
	width="100%"
	role="img"
	aria-label="Overlap {value === null ? 'not known' : value.toFixed(1)}; general is 3 to 5, dull from 10"
>
	{#each bands as [name, a, b, fill], at (at)}<rect
			x={x(a) + 1}
			y="10"
			width={x(b) - x(a) - 2}
			height="18"
			{fill}
		/><text x={(x(a) + x(b)) / 2} y="43" text-anchor="middle">{name}</text>{/each}
	{#if value !== null}<path d="M{x(value)} 27l-7 -21h14z" fill="var(--act)" />{/if}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
