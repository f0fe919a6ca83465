<script lang="ts">
	import type { checkProfile } from '$core/form/check-profile';
	import type { toolPath } from '$core/form/tool-path';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { FormingMethod } from '$core/route/stations/form/forming-method';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import FactList from '$lib/ui/feedback/FactList.svelte';
	import Strip from '$lib/drawing/Strip.svelte';

	interface Props {
		fits: ReturnType<typeof checkProfile.run> | null;
		path: ReturnType<typeof toolPath.run> | null;
		mayLeaveUm: number;
		way: FormingMethod;
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
			<Decisive
				what="Smallest hollow against the tip"
				figure={q(hollow)}
				means="the tip needs {q(needs)}"
				tone={warn ? 'caution' : 'plain'}
			/>
			<Strip
				value={hollow}
				limit={needs}
				good="above"
				state={warn ? 'caution' : 'ok'}
				label="Smallest hollow"
				show={(v) => q(v)}
			/>
		{:else}
			<Decisive
				what="Deepest, of the abrasive that is there"
				figure={q(fits.maxStockMm)}
				means={fits.usableStockMm === null ? '' : `of ${q(fits.usableStockMm)}`}
				tone={bad ? 'stop' : 'plain'}
			/>
			{#if fits.usableStockMm !== null}<Strip
					value={fits.maxStockMm}
					limit={fits.usableStockMm}
					state={bad ? 'stop' : 'ok'}
					label="Depth of the form"
					show={(v) => q(v)}
				/>{/if}
		{/if}
		<FactList
			facts={[
				path && ['Left standing by the tip', `${um(path.unreachedMaxUm)} of ${um(mayLeaveUm)}`],
				hollow !== null &&
					fits.usableStockMm !== null && ['Deepest', `${q(fits.maxStockMm)} of ${q(fits.usableStockMm)}`],
				[
					'Steepest flank',
					`${deg(fits.maxFlankDeg)}${fits.allowedFlankDeg === null ? '' : ` of ${deg(fits.allowedFlankDeg)}`}`
				],
				['Wide, along the profile', `${q(fits.widthMm)}, ${q(fits.lengthMm)}`]
			]}
		/>
	{/if}
</section>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
</style>
