<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { toneOf } from '../polar';

	interface Props {
		family: string | null;
		wheelMm: number;
		rollMm: number;
		/** At the end of its life; drawn inside. */
		leastMm: number;
		headFeedMmPerMin: number | null;
		rollFeedMmPerMin: number | null;
		units: System;
	}
	/** Roll above, wheel between, work beneath, to one scale: the head follows the shrinking wheel, the roll follows the rim. */
	let { family, wheelMm, rollMm, leastMm, headFeedMmPerMin, rollFeedMmPerMin, units }: Props = $props();
	const [CX, FLOOR, TALL] = [100, 224, 206];
	const t = $derived(toneOf(family));
	const k = $derived(TALL / (wheelMm + rollMm));
	const r = $derived((wheelMm * k) / 2);
	const roll = $derived((rollMm * k) / 2);
	const wheelY = $derived(FLOOR - r);
	const rollY = $derived(FLOOR - 2 * r - roll);
	const q = (v: number | null) => quantity(v, 'mm/min', units);
</script>

<svg
	viewBox="0 0 340 252"
	width="100%"
	role="img"
	aria-label="Roll above the wheel, work beneath: the head closes in {q(headFeedMmPerMin)}, the roll {q(
		rollFeedMmPerMin
	)}"
>
	<rect x="4" y={FLOOR} width="220" height="20" fill="var(--track)" stroke="var(--edge)" />
	<circle cx={CX} cy={wheelY} {r} fill={t.main} stroke={t.edge} stroke-width="1.5" />
	<circle
		cx={CX}
		cy={wheelY}
		r={(leastMm * k) / 2}
		fill="none"
		stroke="var(--stop)"
		stroke-dasharray="5 4"
	/><circle cx={CX} cy={wheelY} r={r * 0.28} fill="var(--flange)" stroke="var(--edge)" />
	<text x={CX} y={wheelY + r * 0.28 + 16} text-anchor="middle" style="fill:{t.ink}">scrap, dashed</text>
	<circle
		cx={CX}
		cy={rollY}
		r={roll}
		fill="var(--steel)"
		stroke="var(--ink)"
		stroke-width="3"
		stroke-dasharray="3 2"
	/>
	{#each [['roll follows', rollFeedMmPerMin, rollY], ['head closes in', headFeedMmPerMin, wheelY]] as const as [what, feed, y] (what)}
		<path d="M238 {y - 14}v22" stroke="var(--act)" stroke-width="4" /><path
			d="M238 {y + 18}l-8 -12h16z"
			fill="var(--act)"
		/><text x="252" y={y - 2}>{what}</text><text x="252" y={y + 16} class="v">{q(feed)}</text>
	{/each}
	<text x="114" y="239" text-anchor="middle">work</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.v {
		font: 700 13px var(--mono);
		fill: var(--ink);
	}
</style>
