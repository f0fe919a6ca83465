<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		taperUm: number | null;
		allowedUm: number;
		startMm: number | null;
		endMm: number | null;
		units: System;
	}
	/** The four touches on the wheel's section, the way of the dresser against its rim, and where the passes begin and end. */
	let { taperUm, allowedUm, startMm, endMm, units }: Props = $props();
	/** Drawn so that the allowed taper is 12 high. */
	const rise = $derived(taperUm === null ? 0 : Math.max(-40, Math.min(40, (12 * taperUm) / allowedUm)));
	const bad = $derived(taperUm !== null && Math.abs(taperUm) > allowedUm);
</script>

<svg
	viewBox="0 0 264 210"
	width="100%"
	role="img"
	aria-label="Way of the dresser {taperUm === null
		? 'not known yet'
		: `off the spindle by ${quantity(Math.abs(taperUm), 'um', units)} over the width, ${quantity(allowedUm, 'um', units)} allowed`}"
>
	<rect x="62" y="20" width="140" height="96" fill="var(--wheel-fill)" stroke="var(--wheel-edge)" />
	<line
		x1="20"
		x2="244"
		y1={126 + rise / 2}
		y2={126 - rise / 2}
		stroke={bad ? 'var(--stop)' : 'var(--act)'}
		stroke-width="2.5"
	/>
	{#each [[78, '1'], [186, '2']] as [x, n] (n)}<circle cx={x} cy="116" r="10" fill="var(--ink)" /><text
			{x}
			y="121"
			text-anchor="middle"
			class="n">{n}</text
		>{/each}
	<circle cx="62" cy="60" r="10" fill="var(--ink)" /><text x="62" y="65" text-anchor="middle" class="n"
		>3</text
	>
	<circle cx="236" cy={126 - rise / 2} r="10" fill="var(--ink)" /><text
		x="236"
		y={131 - rise / 2}
		text-anchor="middle"
		class="n">4</text
	>
	<text x="132" y="74" text-anchor="middle" style="fill:var(--wheel-ink)">wheel</text>
	<text x="132" y="162" text-anchor="middle" class="v" class:bad>{quantity(taperUm, 'um', units)} taper</text>
	<text x="4" y="186">1, 2 rim; 3 side face; 4 past the edge</text>
	<text x="4" y="204">passes {quantity(startMm, 'mm', units)} to {quantity(endMm, 'mm', units)}</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 700 13px var(--mono);
		fill: var(--sheet);
	}
	.v {
		font: 700 15px var(--mono);
		fill: var(--ink);
	}
	.bad {
		fill: var(--stop);
	}
</style>
