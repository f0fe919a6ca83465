<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { CUTS, assumedForces } from '$core/mount/usual-figures';
	import { quillStep } from '$core/route/stations/mount/methods/quill';
	import QuillDrawing from '$lib/drawing/QuillDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The quill: how far it bends, where it whirls, how many dresses are left. */
	let { desk, ondone }: Props = $props();
	const w = $derived(desk.facts.wheel!);
	const q = (v: number, u: 'rpm' | 'um' | 'm/s') => quantity(v, u, desk.facts.units);
</script>

<StepForm
	{desk}
	step={quillStep}
	action="Quill is right"
	start={{ minimumWidthMm: w.widthMm / 2 }}
	words={{
		clockwise: 'clockwise',
		'counter-clockwise': 'anticlockwise',
		...Object.fromEntries(Object.entries(CUTS).map(([k, c]) => [k, c.words]))
	}}
	{ondone}
>
	{#snippet drawing(out, v)}
		<QuillDrawing
			overhangMm={Number(v.overhangMm) || 40}
			quillMm={Number(v.quillDiameterMm) || 10}
			wheelMm={w.diameterMm}
			widthMm={w.widthMm}
			deflectionUm={out ? out.deflectionUm : null}
			ratio={out ? out.criticalRatio : null}
			words={out
				? `Bends ${q(out.deflectionUm, 'um')}; ${Math.round(100 * out.criticalRatio)} per cent of its critical speed`
				: ''}
		/>
		{#if out}<p class="num big">{Math.round(100 * out.criticalRatio)} %</p>
			<p class="quiet">
				of its critical speed, {q(Math.round(out.criticalSpeedRpm), 'rpm')}; the real one is lower. Bends {q(
					out.deflectionUm,
					'um'
				)} (drawn exaggerated), rim {q(out.surfaceSpeedMps, 'm/s')}. Never over {q(
					Math.floor(out.maxRunRpm),
					'rpm'
				)}.{out.remainingDressCount === null ? '' : ` ${out.remainingDressCount} such dresses left.`}
			</p>{/if}
		{#if v.cut && (v.normalForceN === null || v.normalForceN === undefined)}<p class="quiet">
				Assumed, {assumedForces(v.cut).says}. The most of it is taken.
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
