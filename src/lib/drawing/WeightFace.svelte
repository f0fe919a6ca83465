<script lang="ts">
	import Face from './Face.svelte';
	import { arcPath, polar } from './polar';

	/** The flange face with its weights: where they stand, where they go, and where the heavy side is. */
	let { heavyDeg, from, to }: { heavyDeg: number | null; from: readonly number[]; to: readonly number[] } = $props();
	const T = 104;
	const signed = (a: number, b: number) => ((((b - a) % 360) + 540) % 360) - 180;
	const words = $derived(`Flange face. ${heavyDeg === null ? 'Heavy side not known yet.' : `Heavy side at ${heavyDeg.toFixed(0)} degrees.`} ${from.map((a, i) => `Weight ${'ABCD'[i]} ${Math.abs(signed(a, to[i]!)) < 0.5 ? `stays at ${a.toFixed(0)}` : `from ${a.toFixed(0)} to ${to[i]!.toFixed(0)}`} degrees`).join(', ')}`);
</script>

<Face label={words} size={400} bore={34} flange={0}>
	{#snippet children(c)}
		<circle cx={c} cy={c} r="126" fill="var(--sheet)" stroke="var(--edge)" /><circle cx={c} cy={c} r={T} fill="none" stroke="var(--track)" stroke-width="22" /><circle cx={c} cy={c} r="84" fill="var(--flange)" stroke="var(--edge)" />
	{/snippet}
	{#snippet over(c)}
		{#each from as a, i (i)}
			{@const travel = signed(a, to[i]!)}
			{@const [x0, y0] = polar(c, c, T, a)}
			{#if Math.abs(travel) >= 0.5}
				<circle cx={x0} cy={y0} r="12" fill="none" stroke="var(--act)" stroke-dasharray="3 3" />
				{#if Math.abs(travel) > 18}{@const end = a + travel - Math.sign(travel) * 11}{@const [ax, ay] = polar(c, c, T, end)}<path d={arcPath(c, c, T, a + Math.sign(travel) * 8, end)} fill="none" stroke="var(--act)" stroke-width="3" /><path d="M0 -7L6 5H-6z" fill="var(--act)" transform="translate({ax} {ay}) rotate({end + Math.sign(travel) * 90})" />{/if}
			{/if}
			<g class="weight" style="transform: rotate({a + travel}deg); transform-origin: {c}px {c}px"><circle cx={c} cy={c - T} r="14" fill={Math.abs(travel) < 0.5 ? 'var(--ink3)' : 'var(--act)'} /><text x={c} y={c - T + 5} text-anchor="middle" fill="var(--sheet)" style="transform: rotate({-(a + travel)}deg); transform-origin: {c}px {c - T}px">{'ABCD'[i]}</text></g>
		{/each}
		{#if heavyDeg !== null}
			{@const [hx, hy] = polar(c, c, 146, heavyDeg)}{@const [tx, ty] = polar(c, c, 132 - 58, heavyDeg)}
			<path d="M0 -13L13 9H-13z" fill="var(--stop)" transform="translate({hx} {hy}) rotate({heavyDeg})" />
			<text x={tx} y={ty + 5} text-anchor="middle" class="heavy">heavy</text>
		{/if}
		<text x={c + 14} y={c - 172} class="mark">mark</text>
	{/snippet}
</Face>

<style>text { font: 700 14px var(--text); } .heavy { fill: var(--stop); } .mark { font: 500 12.5px var(--text); fill: var(--ink); } .weight { transition: transform 0.6s ease; }</style>
