<script lang="ts">
	import BeliefPlot from './BeliefPlot.svelte';
	import type { Belief } from './belief';
	import Face from './Face.svelte';
	import { arcPath, polar } from './polar';

	interface Props {
		heavyDeg: number | null;
		from: readonly number[];
		to: readonly number[];
		masses?: readonly number[];
		forbidden?: readonly { fromAngleDeg: number; toAngleDeg: number }[];
		marks?: readonly number[];
		belief?: Belief | null;
		onpick?: (deg: number) => void;
	}
	/**
	 * The flange face with its weights: where they stand, where they go, where they may not stop; the heavy side, and in the
	 * middle what is known of it with its uncertainty. Chalk marks are put on by clicking where `onpick` is given.
	 */
	let {
		heavyDeg,
		from,
		to,
		masses = [],
		forbidden = [],
		marks = [],
		belief = null,
		onpick
	}: Props = $props();
	const T = 104;
	const signed = (a: number, b: number) => ((((b - a) % 360) + 540) % 360) - 180;
	const heaviest = $derived(Math.max(1e-9, ...masses));
	const size = (i: number) => (masses.length ? 9 + 6 * Math.sqrt((masses[i] ?? heaviest) / heaviest) : 14);
	const words = $derived(
		`Flange face. ${heavyDeg === null ? 'Heavy side not known yet.' : `Heavy side at ${heavyDeg.toFixed(0)} degrees.`} ${from.map((a, i) => `Weight ${'ABCD'[i]} ${Math.abs(signed(a, to[i]!)) < 0.5 ? `stays at ${a.toFixed(0)}` : `from ${a.toFixed(0)} to ${to[i]!.toFixed(0)}`} degrees`).join(', ')}${marks.length ? `. Chalk marks at ${marks.map((m) => m.toFixed(0)).join(', ')} degrees` : ''}`
	);
	function pick(e: MouseEvent) {
		if (!onpick) return;
		const box = (e.currentTarget as HTMLElement).getBoundingClientRect();
		const deg =
			(Math.atan2(e.clientX - box.left - box.width / 2, box.top + box.height / 2 - e.clientY) * 180) /
			Math.PI;
		onpick(Math.round((deg + 360) % 360));
	}
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (marks can be typed as well) -->
<div class:picks={onpick} onclick={pick}>
	<Face label={words} size={400} bore={34} flange={0}>
		{#snippet children(c)}
			<circle cx={c} cy={c} r="126" fill="var(--sheet)" stroke="var(--edge)" /><circle
				cx={c}
				cy={c}
				r={T}
				fill="none"
				stroke="var(--track)"
				stroke-width="22"
			/><circle cx={c} cy={c} r="84" fill="var(--flange)" stroke="var(--edge)" />
			{#each forbidden as z, i (i)}<path
					d={arcPath(
						c,
						c,
						T,
						z.fromAngleDeg,
						z.fromAngleDeg + ((((z.toAngleDeg - z.fromAngleDeg) % 360) + 360) % 360)
					)}
					fill="none"
					stroke="var(--stop)"
					stroke-width="22"
					stroke-opacity="0.28"
				/>{/each}
		{/snippet}
		{#snippet over(c)}
			{#if belief}<BeliefPlot {belief} {c} r={82} />{/if}
			{#each marks as m, i (i)}{@const [x1, y1] = polar(c, c, 150, m)}{@const [x2, y2] = polar(
					c,
					c,
					184,
					m
				)}{@const [x3, y3] = polar(c, c, 139, m)}<line
					{x1}
					{y1}
					{x2}
					{y2}
					stroke="var(--wheel-ink)"
					stroke-width="3"
				/><text x={x3} y={y3 + 4} text-anchor="middle" class="chalk">{i + 1}</text>{/each}
			{#each from as a, i (i)}
				{@const travel = signed(a, to[i]!)}
				{@const [x0, y0] = polar(c, c, T, a)}
				{#if Math.abs(travel) >= 0.5}
					<circle cx={x0} cy={y0} r={size(i) - 2} fill="none" stroke="var(--act)" stroke-dasharray="3 3" />
					{#if Math.abs(travel) > 18}{@const end = a + travel - Math.sign(travel) * 11}{@const [ax, ay] =
							polar(c, c, T, end)}<path
							d={arcPath(c, c, T, a + Math.sign(travel) * 8, end)}
							fill="none"
							stroke="var(--act)"
							stroke-width="3"
						/><path
							d="M0 -7L6 5H-6z"
							fill="var(--act)"
							transform="translate({ax} {ay}) rotate({end + Math.sign(travel) * 90})"
						/>{/if}
				{/if}
				<g class="weight" style="transform: rotate({a + travel}deg); transform-origin: {c}px {c}px"
					><circle
						cx={c}
						cy={c - T}
						r={size(i)}
						fill={Math.abs(travel) < 0.5 ? 'var(--ink3)' : 'var(--act)'}
					/><text
						x={c}
						y={c - T + 5}
						text-anchor="middle"
						fill="var(--sheet)"
						style="transform: rotate({-(a + travel)}deg); transform-origin: {c}px {c - T}px">{'ABCD'[i]}</text
					></g
				>
			{/each}
			{#if heavyDeg !== null}
				{@const [hx, hy] = polar(c, c, 146, heavyDeg)}
				<path d="M0 -13L13 9H-13z" fill="var(--stop)" transform="translate({hx} {hy}) rotate({heavyDeg})" />
				{#if !belief}{@const [tx, ty] = polar(c, c, 132 - 58, heavyDeg)}<text
						x={tx}
						y={ty + 5}
						text-anchor="middle"
						class="heavy">heavy</text
					>{/if}
			{/if}
			<text x={c + 14} y={c - 172} class="mark">mark</text>
		{/snippet}
	</Face>
</div>

<style>
	text {
		font: 700 14px var(--text);
	}
	.heavy {
		fill: var(--stop);
	}
	.mark {
		font: 500 12.5px var(--text);
		fill: var(--wheel-ink);
	}
	.chalk {
		font-size: 12.5px;
		fill: var(--ink);
	}
	.weight {
		transition: transform 0.6s ease;
	}
	.picks {
		cursor: crosshair;
	}
</style>
