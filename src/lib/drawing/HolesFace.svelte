<script lang="ts">
	import Face from './Face.svelte';
	import { polar } from './polar';

	interface Props {
		holes: readonly number[];
		filled: readonly { hole: number; angleDeg: number; massG: number }[];
		radius?: number;
	}
	/** The face with its holes; those that take mass are filled, larger for more. */
	let { holes, filled, radius = 0.55 }: Props = $props();
	const most = $derived(Math.max(1e-9, ...filled.map((f) => f.massG)));
	const R = $derived(184 * radius);
</script>

<Face
	label="Face with {holes.length} holes; {filled
		.map((f) => `${f.massG.toFixed(2)} at ${f.angleDeg.toFixed(0)} degrees`)
		.join(', ') || 'none filled'}"
	size={400}
	bore={34}
	flange={0}
>
	{#snippet over(c)}
		{#each holes as d, i (i)}{@const [x, y] = polar(c, c, R, d)}<circle
				cx={x}
				cy={y}
				r="9"
				fill="var(--sheet)"
				stroke="var(--edge)"
				stroke-width="1.5"
			/>{/each}
		{#each filled as f, at (at)}{@const [x, y] = polar(c, c, R, f.angleDeg)}<circle
				cx={x}
				cy={y}
				r={7 + 9 * Math.sqrt(f.massG / most)}
				fill="var(--act)"
			/><text {x} y={y + 4} text-anchor="middle">{f.hole}</text>{/each}
	{/snippet}
</Face>

<style>
	text {
		font: 700 13px var(--text);
		fill: var(--on-act);
	}
</style>
