<script lang="ts">
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { rollStep } from '$core/route/stations/dress/methods/roll';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ContactSheet from './ContactSheet.svelte';
	import RunUp from './RunUp.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A driven roll as wide as the form: its surface against the wheel's, what that does, and what a dress takes. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const roll = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, rollStep, {
		start: { contactDirection: 'with', feedUmPerRev: 0.5, totalDepthUm: 30, dwellRevs: 10 }
	});
	const p = $derived(preview(rollStep, facts, entry));
	const out = $derived(p.main);
	const q = (v: number | null | undefined, u: 'mm/min' | 'm/s') => quantity(v ?? null, u, facts.units);
	const least = $derived(facts.wheel!.minDiameterMm);
	const left = $derived(
		out
			? Math.max(
					0,
					Math.floor(
						(facts.wheel!.diameterMm - least) / (facts.wheel!.diameterMm - out.diameterAfterMm) + 1e-9
					)
				)
			: null
	);
</script>

<ContactSheet
	{desk}
	step={rollStep}
	{entry}
	{p}
	what="roll"
	dresser={roll}
	speedField="rollSpeedRpm"
	runsMps={out?.rollSpeedMps ?? null}
	labels={{
		totalDepthUm: 'In all',
		dwellRevs: 'Stand still after, turns',
		feedUmPerRev: 'Infeed per turn'
	}}
	notes={{
		feedUmPerRev: out ? q(out.infeedMmPerMin, 'mm/min') : '',
		totalDepthUm: out ? `${out.feedRevs.toFixed(0)} turns, ${duration(out.feedTimeS)}` : '',
		dwellRevs: 'each one smooths'
	}}
	{ondone}
>
	{#snippet beneath(o)}<RunUp setRpm={o.rollSpeedRpm} units={facts.units} />{/snippet}
	{#snippet follows(o)}<div class="row">
			<p>Face <b>{o.dressClass.replace('-', ', ')}</b></p>
			<p>Slip <b class="num">{q(o.slipSpeedMps, 'm/s')}</b></p>
			<p>Dresses left <b class="num">{left}</b></p>
			{#if roll?.carriesForm}<p class="quiet">It carries {roll.carriesForm}.</p>{/if}
		</div>{/snippet}
	{#snippet quick()}
		<button
			class="btn"
			onclick={() => entry.set('dwellRevs', String(Number(entry.typed.dwellRevs ?? 0) + 20))}>Finer</button
		>
		<button class="btn" onclick={() => entry.set('dwellRevs', '0')}>Opener</button>
	{/snippet}
</ContactSheet>

<style>
	.row {
		display: flex;
		gap: var(--s-4) var(--s-16);
		flex-wrap: wrap;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.row b {
		color: var(--ink);
		font-size: var(--type-text);
	}
</style>
