<script lang="ts">
	import { mulberry32 } from '$core/numeric/random';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		wireMm: number;
		gapUm: number;
		grainUm: number;
		concentration: number;
		pathMm: number | null;
		flooded: boolean;
		units: System;
	}
	/** Cut through wheel, gap and wire to one scale: grains in their bond, the sparks, and the path the wire's middle runs. */
	let { wireMm, gapUm, grainUm, concentration, pathMm, flooded, units }: Props = $props();
	const [W, H] = [340, 300];
	/** Everything in um; the wire takes about two fifths of the height. */
	const k = $derived(126 / (1000 * wireMm));
	const r = $derived(63);
	const cy = $derived(H - r - 16);
	/** However wide a gap is typed, wheel and wire stay on the sheet. */
	const rim = $derived(cy - r - Math.min(110, Math.max(3, gapUm * k)));
	/** Grains where they may lie, as many as the concentration says; repeatable. */
	const grains = $derived.by(() => {
		const random = mulberry32(64);
		const size = Math.max(4, grainUm * k);
		const count = Math.round(((W * rim) / size ** 2) * 0.5 * (concentration / 100));
		return Array.from({ length: Math.min(160, count) }, () => {
			const s = size * (0.75 + 0.5 * random()) * 0.5;
			const turn = 360 * random();
			return { x: W * random(), y: (rim - s * 0.3) * random(), s, turn };
		});
	});
	/** Those at the rim stand proud of the bond. */
	const proud = $derived.by(() => {
		const random = mulberry32(11);
		const size = Math.max(4, grainUm * k) * 0.5;
		const n = Math.max(3, Math.min(16, Math.round(((W / (2 * size)) * concentration) / 300)));
		return Array.from({ length: n }, (_, i) => ({
			x: ((i + 0.5 + 0.4 * (random() - 0.5)) / n) * W,
			s: size * (0.85 + 0.3 * random()),
			turn: 360 * random()
		}));
	});
	const hexagon = (s: number) =>
		Array.from(
			{ length: 6 },
			(_, i) =>
				`${(s * Math.cos((i * Math.PI) / 3)).toFixed(1)},${(s * Math.sin((i * Math.PI) / 3)).toFixed(1)}`
		).join(' ');
	const um = (v: number) => quantity(v, 'um', units);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Wire of {quantity(wireMm, 'mm', units)} {um(gapUm)} off the turning rim{flooded
		? ', flooded'
		: ', NOT flooded'}{pathMm === null
		? ''
		: `; its middle runs ${quantity(pathMm, 'mm', units)} beside the form`}"
>
	<rect width={W} height={H} fill={flooded ? 'var(--act-soft)' : 'var(--well)'} />
	<rect width={W} height={rim} fill="#565b5f" />
	{#each grains as g, i (i)}<polygon
			points={hexagon(g.s)}
			transform="translate({g.x.toFixed(1)} {g.y.toFixed(1)}) rotate({g.turn.toFixed(0)})"
			fill="#cfd6d9"
			stroke="#34383b"
			stroke-width="0.8"
		/>{/each}
	{#each proud as g, i (i)}<polygon
			points={hexagon(g.s)}
			transform="translate({g.x.toFixed(1)} {(rim - g.s * 0.55).toFixed(1)}) rotate({g.turn.toFixed(0)})"
			fill="#eef2f3"
			stroke="#34383b"
			stroke-width="0.8"
		/>{/each}
	<rect x="0" y="0" width="176" height="24" fill="#23282b" /><text x="10" y="17" class="lit"
		>wheel, turning{flooded ? ', flooded' : ''}</text
	>
	{#if flooded}{#each [-22, -9, 3, 16] as dx (dx)}<path
				d="M{W / 2 + dx} {rim + 1}l3 {(cy - r - rim) * 0.4}l-4 {(cy - r - rim) * 0.2}l3 {(cy - r - rim) *
					0.38}"
				fill="none"
				stroke="var(--spark)"
				stroke-width="2"
			/>{/each}{/if}
	<circle cx={W / 2} {cy} {r} fill="#c99a4b" stroke="#7a5718" stroke-width="1.5" />
	{#if pathMm !== null}<circle
			cx={W / 2}
			{cy}
			r={pathMm * 1000 * k}
			fill="none"
			stroke="var(--act)"
			stroke-dasharray="5 4"
		/>{/if}
	<rect x={W / 2 - 62} y={cy - 14} width="124" height="28" fill="var(--sheet)" opacity="0.9" /><text
		x={W / 2}
		y={cy + 5}
		text-anchor="middle"
		class="v">wire {quantity(wireMm, 'mm', units)}</text
	>
	<path d="M{W / 2 + r + 12} {rim}h60M{W / 2 + r + 12} {cy - r}h60" stroke="var(--ink)" /><text
		x={W - 6}
		y={rim + (cy - r - rim) / 2 + 22}
		text-anchor="end"
		class="v">{um(gapUm)}</text
	>
	{#if !flooded}<text x={W / 2} y={H - 6} text-anchor="middle" class="bad">not flooded: no spark</text>{/if}
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.v {
		font: 700 14.5px var(--mono);
		fill: var(--ink);
	}
	.lit {
		fill: #fff;
		font-weight: 600;
	}
	.bad {
		fill: var(--stop);
		font-weight: 700;
	}
</style>
