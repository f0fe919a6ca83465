<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** Distance of the points, how many cut, and how wide each cuts. */
		pitchUm: number;
		points: number;
		activeUm: number;
		leadUm: number;
		gapUm: number;
		widthMm: number;
		units: System;
	}
	/** The face of the wheel over two leads: the track of each point as it comes round, and what no point touches painted. */
	let { pitchUm, points, activeUm, leadUm, gapUm, widthMm, units }: Props = $props();
	const [W, H, L, TOP] = [340, 246, 14, 72];
	const span = $derived(2 * leadUm);
	const k = $derived((W - 2 * L) / span);
	/** Middle of every track within two leads, with the point and the turn that made it. */
	const tracks = $derived(
		Array.from({ length: points }, (_, i) => i).flatMap((i) => {
			const at = (i * pitchUm) % leadUm;
			return [0, 1].map((turn) => ({ at: at + turn * leadUm, i, turn }));
		})
	);
	/** What lies between neighbouring tracks. */
	const gaps = $derived.by(() => {
		const edges = tracks
			.map((t) => [t.at - activeUm / 2, t.at + activeUm / 2] as const)
			.concat([[tracks[0]!.at + span - activeUm / 2, span * 2]])
			.sort((a, b) => a[0] - b[0]);
		const list: [number, number][] = [];
		let reach = edges[0]![0];
		for (const [from, to] of edges) {
			if (from > reach + 1e-6) list.push([reach, Math.min(from, span)]);
			reach = Math.max(reach, to);
		}
		return list.filter(([a, b]) => b > a && a < span);
	});
	const gap = $derived(gapUm > activeUm * (1 + 1e-9));
	const shade = (i: number) => ['#0d5a63', '#b07d2b', '#6b877d', '#8a4f5e'][i % 4]!;
	const toothStep = $derived(Math.min(28, (W - 60) / Math.max(1, points)));
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Tracks of {points} points over two leads of {quantity(
		leadUm,
		'um',
		units
	)}: widest gap {quantity(gapUm, 'um', units)}, each point cuts {quantity(activeUm, 'um', units)}{gap
		? '; a strip is left uncut'
		: '; nothing is left uncut'}"
>
	<!-- The nib itself, its points as many as cut. -->
	<rect
		x={W / 2 - (points * toothStep) / 2 - 6}
		y="6"
		width={points * toothStep + 12}
		height="22"
		fill="var(--steel)"
	/>
	{#each { length: points }, i (i)}<path
			d="M{W / 2 - (points * toothStep) / 2 + (i + 0.5) * toothStep - 5} 28h10l-5 10z"
			fill={shade(i)}
		/>{/each}
	<text x={W / 2 + (points * toothStep) / 2 + 14} y="22">{quantity(widthMm, 'mm', units)}</text>
	<rect x={L} y={TOP} width={W - 2 * L} height="96" fill="var(--wheel-fill)" stroke="var(--wheel-edge)" />
	{#each tracks as t (`${t.i}-${t.turn}`)}
		{@const a = Math.max(0, (t.at - activeUm / 2) * k)}
		{@const b = Math.min(W - 2 * L, (t.at + activeUm / 2) * k)}
		<rect x={L + a} y={TOP} width={Math.max(1, b - a)} height="96" fill={shade(t.i)} opacity="0.42" />
		<line
			x1={L + t.at * k}
			x2={L + t.at * k}
			y1={TOP + 96}
			y2={TOP + 104}
			stroke="var(--ink2)"
		/>{#if points <= 12}<text x={L + t.at * k} y={TOP + 118} text-anchor="middle" class="n">{t.i + 1}</text
			>{/if}
	{/each}
	{#each gaps as [a, b], i (i)}<rect
			x={L + a * k}
			y={TOP - 4}
			width={Math.max(2, (b - a) * k)}
			height="104"
			fill="var(--stop)"
			opacity="0.8"
		/>{/each}
	<path d="M{L} {TOP - 8}v-6h{leadUm * k}v6" fill="none" stroke="var(--act)" stroke-width="1.5" /><text
		x={L + (leadUm * k) / 2}
		y={TOP - 17}
		text-anchor="middle"
		class="b">one lead {quantity(leadUm, 'um', units)}</text
	>
	<text x={L} y={TOP + 140} class="say" class:bad={gap}
		>{gap
			? `Red is never cut: ${quantity(gapUm - activeUm, 'um', units)} of thread.`
			: `No gap: the widest is ${quantity(gapUm, 'um', units)}, a point cuts ${quantity(activeUm, 'um', units)}.`}</text
	>
	<text x={L} y={TOP + 160}>Numbers say which point made the track.</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 600 12px var(--mono);
	}
	.b {
		font: 600 12.5px var(--mono);
		fill: var(--act);
	}
	.say {
		font-weight: 650;
		fill: var(--ink);
	}
	.bad {
		fill: var(--stop);
	}
</style>
