<script lang="ts">
	import type { checkProfile } from '$core/form/check-profile';
	import type { toolPath } from '$core/form/tool-path';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { FormWay } from '$core/route/stations/form/way';
	import Strip from '$lib/drawing/Strip.svelte';

	interface Props {
		fits: ReturnType<typeof checkProfile.run> | null;
		path: ReturnType<typeof toolPath.run> | null;
		mayLeaveUm: number;
		way: FormWay;
		units: System;
		busy: boolean;
	}
	/** What decides whether the form can be made: the smallest hollow against the tip, or else its depth against the abrasive. */
	let { fits, path, mayLeaveUm, way, units, busy }: Props = $props();
	const q = (mm: number | null | undefined) => fineQuantity(mm ?? null, 'mm', units);
	/** Hundredths of a micrometre are as fine as anything here can be measured. */
	const um = (v: number) => quantity(Math.round(100 * v) / 100, 'um', units);
	const deg = (v: number) => `${Number(v.toFixed(1))}°`;
	const hollow = $derived(way === 'roll' ? null : (fits?.minConcaveRadiusMm ?? null));
	const needs = $derived(fits?.requiredConcaveRadiusMm ?? 0);
	const bad = $derived(fits?.verdict === 'stop');
	const warn = $derived(hollow !== null && hollow < needs);
</script>

<section aria-label="Can it be made?">
	{#if busy}<p class="lab">Being computed …</p>{/if}
	{#if fits}
		{#if hollow !== null}
			<p class="lab">Smallest hollow against the tip</p>
			<p class="num huge" class:warn role="status">
				{q(hollow)} <span>the tip needs {q(needs)}</span>
			</p>
			<Strip value={hollow} limit={needs} good="above" label="Smallest hollow" show={(v) => q(v)} />
		{:else}
			<p class="lab">Deepest, of the abrasive that is there</p>
			<p class="num huge" class:bad role="status">
				{q(fits.maxStockMm)} <span>{fits.usableStockMm === null ? '' : `of ${q(fits.usableStockMm)}`}</span>
			</p>
			{#if fits.usableStockMm !== null}<Strip
					value={fits.maxStockMm}
					limit={fits.usableStockMm}
					label="Depth of the form"
					show={(v) => q(v)}
				/>{/if}
		{/if}
		<dl>
			{#if path}<dt>Left standing by the tip</dt>
				<dd>{um(path.unreachedMaxUm)} of {um(mayLeaveUm)}</dd>{/if}
			{#if hollow !== null && fits.usableStockMm !== null}<dt>Deepest</dt>
				<dd>{q(fits.maxStockMm)} of {q(fits.usableStockMm)}</dd>{/if}
			<dt>Steepest flank</dt>
			<dd>
				{deg(fits.maxFlankDeg)}{fits.allowedFlankDeg === null ? '' : ` of ${deg(fits.allowedFlankDeg)}`}
			</dd>
			<dt>Wide, along the profile</dt>
			<dd>{q(fits.widthMm)}, {q(fits.lengthMm)}</dd>
		</dl>
	{/if}
</section>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
	}
	.huge span {
		font: 500 var(--type-text) / 1.2 var(--text);
		color: var(--ink2);
	}
	.warn {
		color: var(--caution);
	}
	.bad {
		color: var(--stop);
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px var(--s-16);
		margin: var(--s-6) 0 0;
		font-size: var(--type-small);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		margin: 0;
		font: 600 var(--type-label) var(--mono);
	}
</style>
