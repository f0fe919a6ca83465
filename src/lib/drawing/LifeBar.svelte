<script lang="ts">
	import { figure } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		newMm: number;
		nowMm: number;
		minMm: number;
		units: System;
	}
	/** From new to scrap, on one line: what has been used and what is left. */
	let { newMm, nowMm, minMm, units }: Props = $props();
	const share = $derived(Math.max(0, Math.min(1, (nowMm - minMm) / (newMm - minMm))));
	/** The figure stays on the sheet however long it is. */
	const anchor = $derived(share > 0.85 ? 'end' : share < 0.15 ? 'start' : 'middle');
</script>

<svg
	viewBox="0 0 320 48"
	width="100%"
	role="img"
	aria-label="{Math.round(share * 100)} % of the wheel left: {figure(nowMm, 'mm', units)}, new {figure(
		newMm,
		'mm',
		units
	)}, scrap {figure(minMm, 'mm', units)}"
>
	<rect y="16" width="320" height="12" fill="var(--bar)" /><rect
		y="16"
		width={320 * share}
		height="12"
		fill={share < 0.2 ? 'var(--caution)' : 'var(--steel)'}
	/>
	<text x={320 * share} y="12" text-anchor={anchor} class="b">{figure(nowMm, 'mm', units)}</text><text
		x="0"
		y="44">scrap {figure(minMm, 'mm', units)}</text
	><text x="320" y="44" text-anchor="end">new {figure(newMm, 'mm', units)}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--mono);
		fill: var(--ink2);
	}
	.b {
		font-weight: 700;
		fill: var(--ink);
	}
</style>
