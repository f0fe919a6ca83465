<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Dress {
		name: string;
		raUm: number;
		lowUm: number;
		highUm: number;
		/** Of the energy at which it burns; null outside of what the model knows. */
		burnIndex: number | null;
	}
	interface Props {
		dresses: readonly Dress[];
		targetUm: number | null;
		units: System;
	}
	/** Two dresses beneath each other on one scale: the finish with its band against the asked, the heat against burning. */
	let { dresses, targetUm, units }: Props = $props();
	const [LEFT, WIDE, RIGHT, BURN] = [58, 128, 214, 92];
	const most = $derived(1.1 * Math.max(targetUm ?? 0, ...dresses.map((d) => d.highUm)));
	const ra = (um: number) => LEFT + (WIDE * um) / most;
	const hot = (i: number) => (BURN * Math.min(1.4, i)) / 1.4;
	const um = (v: number) => quantity(v, 'um-Ra', units);
	const fill = (i: number) => (i > 1 ? 'var(--stop)' : i > 0.8 ? 'var(--caution)' : 'var(--bar)');
	const words = (d: Dress) =>
		`${d.name}: Ra ${um(d.raUm)}, ${um(d.lowUm)} to ${um(d.highUm)}, burning ${d.burnIndex?.toFixed(2) ?? 'not known'} of its limit`;
</script>

<svg viewBox="0 0 320 96" width="100%" role="img" aria-label={dresses.map(words).join('. ')}>
	<text x={LEFT} y="12">Ra</text><text x={RIGHT} y="12">heat, of its limit</text>
	{#if targetUm}<line
			x1={ra(targetUm)}
			x2={ra(targetUm)}
			y1="18"
			y2="78"
			stroke="var(--stop)"
			stroke-width="2"
		/><text x={ra(targetUm)} y="92" text-anchor="middle">asked</text>{/if}
	<line x1={RIGHT + hot(1)} x2={RIGHT + hot(1)} y1="18" y2="78" stroke="var(--stop)" stroke-width="2" /><text
		x={RIGHT + hot(1)}
		y="92"
		text-anchor="middle">burns</text
	>
	{#each dresses as d, i (i)}
		{@const y = 36 + 30 * i}
		<text x="0" y={y + 4} class="b">{d.name}</text>
		<rect
			x={ra(d.lowUm)}
			y={y - 8}
			width={ra(d.highUm) - ra(d.lowUm)}
			height="16"
			rx="3"
			fill="var(--act-soft)"
			stroke="var(--act)"
		/><circle cx={ra(d.raUm)} cy={y} r="5" fill="var(--act)" />
		{#if d.burnIndex !== null}<rect
				x={RIGHT}
				y={y - 8}
				width={hot(d.burnIndex)}
				height="16"
				fill={fill(d.burnIndex)}
			/>{:else}<text x={RIGHT} y={y + 4}>not known</text>{/if}
	{/each}
</svg>

<style>
	text {
		font: 500 11.5px var(--text);
		fill: var(--ink2);
	}
	.b {
		font-weight: 650;
		fill: var(--ink);
	}
</style>
