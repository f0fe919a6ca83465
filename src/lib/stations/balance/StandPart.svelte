<script lang="ts">
	import { untrack } from 'svelte';
	import type { Adjustment } from '$core/balance/level-stand';
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { slopeError } from '$core/balance/slope-error';
	import { LEVELLED_BY, levelBothWaysStep, levelStep } from '$core/route/stations/balance/level';
	import { permissibleGmm, rollingMassKg } from '$core/route/stations/balance/tolerance';
	import LevelDrawing from '$lib/drawing/LevelDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
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
	let seen = $state(
		untrack(() => Evidence.of(desk.facts).newest('balance', LEVELLED_BY)?.step === levelBothWaysStep.step)
	);
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
<PickOne
	legend="Levelled by"
	options={[
		{ id: 'read', text: 'Four readings' },
		{ id: 'seen', text: 'Level both ways' }
	]}
	picked={seen ? 'seen' : 'read'}
	onpick={(id) => (seen = id === 'seen')}
/>
{#if seen}
	<StepForm {desk} step={levelBothWaysStep} action="Level both ways" {ondone} forget={['along', 'across']}>
		{#snippet drawing(out)}
			<Decisive
				what="One division looks like at most"
				figure={out ? quantity(out.fakedUnbalanceGmm, 'gmm', desk.facts.units) : '-'}
				means="of unbalance; allowed are {quantity(allowed, 'gmm', desk.facts.units)}"
			/>
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
	.now {
		font: 700 var(--type-title)/1.2 var(--text);
	}
</style>
