<script lang="ts">
	import type { Adjustment } from '$core/balance/level-stand';
	import { quantity } from '$core/quantity/format';
	import { slopeError } from '$core/balance/slope-error';
	import { levelBothWaysStep, levelStep } from '$core/route/stations/balance/level';
	import { permissibleGmm, rollingMassKg } from '$core/route/stations/balance/tolerance';
	import LevelDrawing from '$lib/drawing/LevelDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Levelling: one foot at a time, and what the slope that is left pretends to be. */
	let { desk, ondone }: Props = $props();
	const said = (a: Adjustment) =>
		a.direction === 'none'
			? `Leave ${a.foot}.`
			: `${a.direction === 'raise' ? 'Raise' : 'Lower'} ${a.foot}: ${a.turns.toFixed(2)} of a turn ${a.turn === 'clockwise' ? 'clockwise' : 'anticlockwise'} from above.`;
	/** Read four times, or only seen to be centred both ways. */
	let seen = $state(false);
	const allowed = $derived(permissibleGmm(desk.facts));
	/** What the slope along the roll would look like on the wheel. */
	const faked = (slope: number) =>
		slopeError.run({
			massKg: rollingMassKg(desk.facts),
			arborRadiusMm: desk.facts.mount!.journalRadiusMm,
			slopeMmPerM: slope,
			allowedGmm: allowed
		}).fakedUnbalanceGmm;
	/** The second foot only when the first side is level. */
	const next = ({ adjustments: [a, b] }: { adjustments: Adjustment[] }) =>
		a!.direction !== 'none' ? [a!] : [b!];
</script>

<p class="quiet">
	Before the wheel is lifted on. Turn the level end for end at each spot; fingers stay from under the arbor.
</p>
<div class="way" role="group" aria-label="Levelled by">
	{#each [[false, 'Four readings'], [true, 'Level both ways']] as const as [is, words] (words)}<button
			class="btn"
			class:on={seen === is}
			aria-pressed={seen === is}
			onclick={() => (seen = is)}>{words}</button
		>{/each}
</div>
{#if seen}
	<StepForm {desk} step={levelBothWaysStep} action="Level both ways" {ondone} forget={['along', 'across']}>
		{#snippet drawing(out)}
			<p class="lab">One division looks like at most</p>
			<p class="now num">{out ? quantity(out.fakedUnbalanceGmm, 'gmm', desk.facts.units) : '-'}</p>
			<p class="quiet">of unbalance; allowed are {quantity(allowed, 'gmm', desk.facts.units)}.</p>
		{/snippet}
	</StepForm>
{:else}
	<StepForm
		{desk}
		step={levelStep}
		action="Book the level"
		{ondone}
		words={{ 'counter-clockwise': 'anticlockwise', x: 'A to B', y: 'towards C' }}
	>
		{#snippet drawing(l, v)}
			<LevelDrawing
				slopeX={l?.slopeXMmPerM ?? null}
				slopeY={l?.slopeYMmPerM ?? null}
				adjustments={l ? next(l) : []}
				rolls={v.rollsAlong === 'x' ? 'x' : 'y'}
				words={l ? l.adjustments.map(said).join(' ') : ''}
			/>
			{#if l}<p class="now">
					{l.adjustments.every((a) => a.direction === 'none') ? 'Level enough' : said(next(l)[0]!)}
				</p>
				{#if next(l)[0]!.direction !== 'none'}<p class="quiet">
						by {quantity(next(l)[0]!.heightMm, 'mm', desk.facts.units)}; then read again.
					</p>{/if}
				<p>
					The slope along the roll looks like <b class="num"
						>{quantity(faked(l.rollSlopeMmPerM), 'gmm', desk.facts.units)}</b
					>
					of unbalance; allowed are {quantity(allowed, 'gmm', desk.facts.units)}.
				</p>{/if}
		{/snippet}
	</StepForm>
{/if}

<style>
	.way {
		display: flex;
		gap: var(--s-8);
		margin-bottom: var(--s-10);
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.now {
		font: 700 var(--type-title)/1.2 var(--text);
	}
</style>
