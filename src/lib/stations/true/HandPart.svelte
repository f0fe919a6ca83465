<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { handStep, handTruedStep } from '$core/route/stations/true/by-hand';
	import { runoutLimitUm } from '$core/route/stations/true/readings';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import UntouchedRim from '$lib/drawing/UntouchedRim.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The rim without an indicator: dressed until it is touched all round, or a pencil line that closes. What is known is a bound. */
	let { desk, ondone }: Props = $props();
	const DRESSED = 'dressed-all-round';
	const WAYS = [
		{ id: DRESSED, text: 'Dressed all round' },
		{ id: 'line-held', text: 'Pencil line, held' },
		{ id: 'line-clamped', text: 'Pencil line, clamped' }
	];
	const facts = $derived(desk.facts);
	const cut = stepEntry(desk, handTruedStep, { anew: true });
	let way = $state(DRESSED);
	/** A pencil line cuts nothing: there is nothing more to say of it. */
	const dressed = $derived(way === DRESSED);
	const p = $derived(
		dressed
			? preview(handTruedStep, facts, null, {
					...cut.result.values,
					diameterAfterMm: facts.wheel!.diameterMm,
					spunDry: true
				})
			: preview(handStep, facts, null, { way })
	);
	const out = $derived(p.main);
	const asked = $derived(handTruedStep.fields.filter(({ name }) => name !== 'spunDry' || facts.machine.wet));
	const shown = (um: number) => quantity(um, 'um', facts.units);
	async function act() {
		const done = dressed
			? await desk.record('true', 'after-hand', cut)
			: await desk.record('true', 'hand', null, { way });
		if (done) ondone();
	}
</script>

<PickOne legend="Found by" options={WAYS} picked={way} onpick={(id) => (way = id)} />
<TwoSides>
	{#snippet one()}{#if dressed}<div class="form">
				{#each asked as field (field.name)}<FieldInput entry={cut} {field} />{/each}
			</div>{:else}<p class="quiet">
				Spindle locked out. Turn the wheel by hand and bring the pencil up until its line closes all round, no
				further.
			</p>{/if}{/snippet}
	{#snippet other()}
		<Decisive
			what="Runs out by at most"
			figure={out ? shown(out.tirUm) : '-'}
			means={out && dressed && !out.spindleKnown ? 'spindle not measured' : ''}
		/>
		<Strip
			value={out?.tirUm ?? null}
			limit={runoutLimitUm(facts)}
			state={found(out, 'runout-above-limit', 'spindle-not-measured')}
			label="Run-out, at most"
			show={shown}
		/>
		<div class="rim"><UntouchedRim {dressed} known={out !== null} /></div>
	{/snippet}
</TwoSides>
{#if out}<Reasons reasons={out.reasons} />{/if}
<ActionBar
	label={dressed ? 'Dressed all round, sounds even' : 'Line closed all round'}
	onact={act}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-10) var(--s-16);
		align-items: start;
	}
	.rim {
		max-width: 210px;
	}
</style>
