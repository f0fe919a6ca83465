<script lang="ts">
	import { figure, quantity, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import HarmonicBars from '$lib/drawing/HarmonicBars.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import type { RunoutOut } from './runout-view';

	interface Props {
		out: RunoutOut | null;
		units: System;
		filled: number;
		places: number;
		limit: number;
	}
	/** What the readings say: how far it runs out, what of it moving the wheel could cure and what only truing cures. */
	let { out, units, filled, places, limit }: Props = $props();
	const q = (v: number | null | undefined) => quantity(v ?? null, 'um', units);
</script>

<p class="lab">Run-out now</p>
<p class="num huge">
	{out ? figure(out.tirUm, 'um', units) : '-'}<span>&nbsp;{symbolOf('um', units)}</span>
</p>
<Strip
	value={out?.tirUm ?? null}
	{limit}
	label="Run-out"
	state={found(out, 'runout-above-limit', 'check-mounting')}
	show={(v) => figure(v, 'um', units)}
/>
{#if out}
	<p class="lab">moving it on its seat can cure</p>
	<p class="num mid">{q(out.eccentricTirUm)}</p>
	<p class="quiet">high at <b class="num">{figure(out.highSpotAngleDeg, 'deg')}°</b></p>
	<p class="lab">only truing cures</p>
	<p class="num mid">{q(out.residualTirUm)}</p>
	{#if out.harmonics.length}<HarmonicBars first={out.eccentricityUm} harmonics={out.harmonics} {units} />{/if}
{:else}<p class="quiet">{filled} of {places} read</p>{/if}

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
		margin-top: var(--s-4);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
		white-space: nowrap;
	}
	.huge span {
		font-size: var(--type-head);
		font-weight: 500;
		color: var(--ink2);
	}
	.mid {
		font-size: var(--type-title);
		font-weight: 650;
		line-height: 1.2;
	}
</style>
