<script lang="ts">
	import { onMount } from 'svelte';
	import type { StandGame } from './stand-game.svelte';

	interface Props {
		game: StandGame;
	}
	/** The wheel on its rails, seen from the front, as it rolls: turned and moved each frame from what the worker has worked out. */
	let { game }: Props = $props();
	const C = 200,
		R = 150,
		T = 92;
	let wheel: SVGGElement;
	let bottom = $state(0);
	/** Frames shown in the last second, for whoever measures. */
	let frames = $state(0);
	onMount(() => {
		let handle = 0,
			counted = 0,
			since = performance.now(),
			shown = NaN;
		const frame = (now: number) => {
			handle = requestAnimationFrame(frame);
			counted++;
			if (now - since >= 1000) {
				frames = Math.round((1000 * counted) / (now - since));
				counted = 0;
				since = now;
			}
			const at = game.at(now);
			const deg = at ? at.bottomDeg : 180;
			if (deg === shown) return;
			shown = deg;
			// A face angle at the bottom: the face is turned so that it points down.
			wheel.setAttribute(
				'transform',
				`translate(${(at?.wayMm ?? 0) * 0.9} 0) rotate(${180 - deg} ${C} ${C})`
			);
			bottom = Math.round(deg);
		};
		handle = requestAnimationFrame(frame);
		return () => cancelAnimationFrame(handle);
	});
	const xy = (r: number, deg: number) =>
		[C + r * Math.sin((deg * Math.PI) / 180), C - r * Math.cos((deg * Math.PI) / 180)] as const;
	const words = $derived(
		game.rolling
			? 'The wheel is rolling.'
			: game.restDeg !== null
				? `At rest, ${game.restDeg.toFixed(0)} degrees at the bottom.`
				: 'Held.'
	);
</script>

<svg
	viewBox="0 0 400 392"
	width="100%"
	role="img"
	aria-label="Practice stand. {words} Weights at {game.weights
		.map((a) => a.toFixed(0))
		.join(' and ')} degrees."
	data-frames={frames}
>
	<path d="M20 {C + 16}H380" stroke="var(--steel)" stroke-width="7" /><path
		d="M44 {C + 19}v150M356 {C + 19}v150"
		stroke="var(--steel)"
		stroke-width="10"
	/><path d="M20 370h360" stroke="var(--edge)" stroke-width="4" />
	<g bind:this={wheel}>
		<circle
			cx={C}
			cy={C}
			r={R}
			fill="var(--wheel-fill)"
			stroke="var(--wheel-edge)"
			stroke-width="2"
			fill-opacity="0.94"
		/>
		{#each Array.from({ length: 12 }, (_, i) => i * 30) as d (d)}{@const [x, y] = xy(R - 16, d)}<text
				{x}
				{y}
				text-anchor="middle"
				dominant-baseline="middle"
				transform="rotate({d} {x} {y})">{d}</text
			>{/each}
		<circle cx={C} cy={C} r={T} fill="none" stroke="var(--track)" stroke-width="20" /><circle
			cx={C}
			cy={C}
			r="72"
			fill="var(--flange)"
			stroke="var(--edge)"
		/>
		{#each game.marks as m, i (i)}{@const [x1, y1] = xy(R - 34, m.deg)}{@const [x2, y2] = xy(R, m.deg)}<line
				{x1}
				{y1}
				{x2}
				{y2}
				stroke="var(--ink)"
				stroke-width="3"
			/>{/each}
		{#each game.weights as a, i (i)}{@const [x, y] = xy(T, a)}<circle
				cx={x}
				cy={y}
				r="13"
				fill="var(--act)"
			/><text {x} y={y + 1} text-anchor="middle" dominant-baseline="middle" class="w">{'AB'[i]}</text>{/each}
		{#if game.result}{@const [x, y] = xy(R - 40, game.result.heavyAngleDeg)}<path
				d="M0 -13L13 9H-13z"
				fill="var(--stop)"
				transform="translate({x} {y}) rotate({game.result.heavyAngleDeg})"
			/>{/if}
		<path d="M{C} {C - R + 2}l-7 -10h14z" fill="var(--ink)" /><circle
			cx={C}
			cy={C}
			r="14"
			fill="var(--steel)"
		/>
	</g>
	<path d="M{C} 360l-7 10h14z" fill="var(--act)" /><text x={C} y="388" text-anchor="middle" class="b"
		>{game.track || game.restDeg !== null ? `${bottom}° at the bottom` : 'held by hand'}</text
	>
</svg>

<style>
	text {
		font: 500 var(--type-small) var(--mono);
		fill: var(--wheel-ink);
	}
	.w {
		font: 700 var(--type-small) var(--text);
		fill: var(--on-act);
	}
	.b {
		font: 700 var(--type-text) var(--mono);
		fill: var(--ink);
	}
</style>
