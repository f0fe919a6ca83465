<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
	import { shownLimit } from '$core/spec/limit-rpm';
	import { quantity } from '$core/quantity/format';
	import { pointStep, shankMm } from '$core/route/stations/mount/methods/point';
	import PointDrawing from '$lib/drawing/PointDrawing.svelte';
	import { found } from '$lib/drawing/found';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A mounted point in its collet: how much is held, how far it hangs out, how near it runs to its whirl. */
	let { desk, ondone }: Props = $props();
	const w = $derived(desk.facts.wheel!);
	const shank = $derived(Number(tryOrNull(() => shankMm(w)) ?? w.boreMm));
	const q = (v: number, u: 'rpm' | 'mm' | 'm/s') => quantity(v, u, desk.facts.units);
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<StepForm {desk} step={pointStep} action="It is held like this" {ondone}>
	{#snippet drawing(out, v)}
		<PointDrawing
			headMm={w.newDiameterMm}
			longMm={w.widthMm}
			shankMm={shank}
			overhangMm={num(v.overhangMm)}
			gripMm={out ? out.gripMm : null}
			share={out ? out.whirlShare : null}
			grip={found(out, 'grip-short')}
			whirl={found(out, 'whirl', 'whirl-near')}
			show={(mm) => q(mm, 'mm')}
		/>
		{#if out}<p class="num big">{Math.round(100 * out.whirlShare)} %</p>
			<p class="quiet">
				of the {q(Math.round(out.whirlRpm), 'rpm')} at which its shank whirls; the real one is lower. It runs {q(
					desk.facts.machine.spindleRpm,
					'rpm'
				)}{out.limitRpm === null ? '' : `, never over ${q(shownLimit(out.limitRpm), 'rpm')}`}, rim {q(
					out.surfaceSpeedMps,
					'm/s'
				)}.
			</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
