<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Readings of each kind, in mm on the slide, and how much of the slide is one of the radius. */
		rows: readonly { name: string; readings: readonly number[]; dial: number }[];
		limitUm: number;
		units: System;
	}
	/** Every touch as a dot about the mean of its kind, against the scatter that is allowed. */
	let { rows, limitUm, units }: Props = $props();
	const [MID, HALF] = [214, 100];
	/** Half the allowed scatter is half of the way to the edge. */
	const perUm = $derived(HALF / 2 / (limitUm / 2));
	const drawn = $derived(
		rows
			.filter((r) => r.readings.length)
			.map((r) => {
				const mean = r.readings.reduce((s, x) => s + x, 0) / r.readings.length;
				const off = r.readings.map((x) => (1000 * (x - mean)) / r.dial);
				return { name: r.name, off, range: Math.max(...off) - Math.min(...off) };
			})
	);
	const at = (um: number) => MID + Math.max(-HALF, Math.min(HALF, um * perUm));
</script>

<svg
	viewBox="0 0 340 {34 + 30 * Math.max(1, drawn.length)}"
	width="100%"
	role="img"
	aria-label={drawn.length
		? drawn.map((d) => `${d.name} scatters by ${quantity(d.range, 'um', units)}`).join('; ')
		: 'No touch yet'}
>
	<rect x={MID - HALF / 2} y="4" width={HALF} height={30 * Math.max(1, drawn.length)} fill="var(--ok-soft)" />
	<line x1={MID} x2={MID} y1="4" y2={4 + 30 * Math.max(1, drawn.length)} stroke="var(--rule)" />
	{#each drawn as d, i (i)}
		<text x="4" y={24 + 30 * i}>{d.name}</text>
		{#each d.off as o, k (k)}<circle
				cx={at(o)}
				cy={19 + 30 * i}
				r="6"
				fill={d.range > limitUm ? 'var(--caution)' : 'var(--act)'}
				stroke="var(--sheet)"
			/>{/each}
	{/each}
	<text x={MID} y={26 + 30 * Math.max(1, drawn.length)} text-anchor="middle"
		>{quantity(limitUm, 'um', units)} allowed</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
