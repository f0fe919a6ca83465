<script lang="ts">
	import type { Snippet } from 'svelte';
	import { polar } from './polar';

	interface Props {
		label: string;
		size?: number;
		bore?: number;
		flange?: number;
		numbers?: boolean;
		children?: Snippet<[number]>;
		over?: Snippet<[number]>;
	}
	/** The wheel seen from the front: degrees clockwise from the witness mark, also read as a clock. */
	let { label, size = 400, bore = 34, flange = 84, numbers = true, children, over }: Props = $props();
	const c = $derived(size / 2);
	const R = 184;
	const ticks = Array.from({ length: 36 }, (_, i) => i * 10);
</script>

<svg viewBox="0 0 {size} {size}" width="100%" role="img" aria-label={label}>
	<circle cx={c} cy={c} r={R} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" />
	{#each ticks as d (d)}
		{@const [x1, y1] = polar(c, c, R, d)}{@const [x2, y2] = polar(c, c, d % 30 ? R - 6 : R - 12, d)}
		<line {x1} {y1} {x2} {y2} stroke="var(--wheel-ink)" />
		{#if numbers && d % 30 === 0}{@const [tx, ty] = polar(c, c, R - 26, d)}<text
				x={tx}
				y={ty + 5}
				text-anchor="middle"
				fill="var(--wheel-ink)">{d}</text
			>{/if}
	{/each}
	{@render children?.(c)}
	{#if flange}<circle cx={c} cy={c} r={flange} fill="var(--flange)" stroke="var(--edge)" />{/if}
	<circle cx={c} cy={c} r={bore} fill="var(--sheet)" stroke="var(--edge)" />
	{@render over?.(c)}
	<path d="M{c} {c - R - 3}l-8 -12h16z" fill="var(--ink)" />
</svg>

<style>
	text {
		font: 500 13px var(--mono);
	}
</style>
