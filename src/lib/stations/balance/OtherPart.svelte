<script lang="ts">
	import { dimples } from '$core/balance/dimples';
	import { limitOf } from '$core/calculation/limits';
	import { quantity } from '$core/quantity/format';
	import { dimplesStep, holesStep } from '$core/route/stations/balance/holes-and-dimples';
	import HolesFace from '$lib/drawing/HolesFace.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import { balanceStatus } from './standing';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Correcting without a track: screws in fixed holes, and the dimples that mostly must not be made. */
	let { desk, ondone }: Props = $props();
	let way = $state<'holes' | 'dimples'>('holes');
	const measured = $derived(balanceStatus(desk.facts).estimate !== null);
	const q = (v: number, u: 'gmm' | 'g') => quantity(v, u, desk.facts.units);
	const forbidden = $derived(limitOf<boolean>(desk.facts.guidelines.limits, dimples, 'codeForbids'));
	const anglesOf = ({
		holeCount,
		startAngleDeg
	}: {
		holeCount?: number | null;
		startAngleDeg?: number | null;
	}) =>
		Array.from(
			{ length: Math.min(72, holeCount ?? 0) },
			(_, k) => (startAngleDeg ?? 0) + (k * 360) / (holeCount ?? 1)
		);
</script>

<div class="tabs" role="group" aria-label="Way of correcting">
	<button
		class="btn"
		class:on={way === 'holes'}
		aria-pressed={way === 'holes'}
		onclick={() => (way = 'holes')}>Screws in holes</button
	><button
		class="btn"
		class:on={way === 'dimples'}
		aria-pressed={way === 'dimples'}
		onclick={() => (way = 'dimples')}>Dimples</button
	>
</div>
{#if !measured}<p>Measure first. What is too much, and where, decides this.</p>
{:else if way === 'holes'}
	<StepForm {desk} step={holesStep} action="Screws are in, roll again" {ondone}>
		{#snippet drawing(o, v)}
			<HolesFace holes={anglesOf(v)} filled={o?.placements ?? []} />
			{#if o}{#each o.placements as x, at (at)}<p class="one">
						<b class="num">{q(x.massG, 'g')}</b> in hole {x.hole}, at {x.angleDeg.toFixed(0)}°
					</p>{/each}
				<p class="quiet">{q(o.totalMassG, 'g')} in all leave {q(o.residualGmm, 'gmm')}.</p>{/if}
		{/snippet}
	</StepForm>
{:else if forbidden}<p>
		Altering a wheel is forbidden in this shop. Use weights or screws, or true it again.
	</p>
{:else}
	<p class="warn">
		Altering a wheel is forbidden by many makers and codes. Never on this program's word alone: the maker,
		local rules and trained people decide.
	</p>
	<StepForm {desk} step={dimplesStep} action="Dimples are made, roll again" {ondone}>
		{#snippet drawing(out)}
			{#if out}<HolesFace
					holes={out.anglesDeg}
					filled={out.anglesDeg.map((angleDeg, i) => ({ hole: i + 1, angleDeg, massG: 1 }))}
					radius={0.72}
				/>
				<p class="num big">{q(out.removedGmm, 'gmm')}</p>
				<p class="quiet">
					removed by {out.perSide} on each side; leaves {q(Math.abs(out.residualGmm), 'gmm')}.
				</p>{/if}
		{/snippet}
	</StepForm>
{/if}

<style>
	.one b {
		font-size: var(--type-figure);
	}
	.tabs {
		display: flex;
		gap: var(--s-6);
		margin: var(--s-8) 0;
	}
	.warn {
		border-left: 4px solid var(--caution);
		padding: var(--s-4) var(--s-12);
		background: var(--caution-soft);
		max-width: 70ch;
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
