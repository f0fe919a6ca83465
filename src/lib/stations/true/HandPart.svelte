<script lang="ts">
	import { figure, symbolOf } from '$core/quantity/format';
	import { handStep, handTruedStep } from '$core/route/stations/true/by-hand';
	import { runoutLimitUm } from '$core/route/stations/true/readings';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import UntouchedRim from '$lib/drawing/UntouchedRim.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The rim without an indicator: dressed until it is touched all round, or a pencil line that closes. What is known is a bound. */
	let { desk, ondone }: Props = $props();
	const WAYS = { 'line-held': 'pencil held on the rest', 'line-clamped': 'pencil clamped' };
	const facts = $derived(desk.facts);
	const cut = stepEntry(desk, handTruedStep, { anew: true });
	const line = stepEntry(desk, handStep, { anew: true });
	/** Dressed all round; otherwise a pencil line, which cuts nothing. */
	let dressed = $state(true);
	const step = $derived(dressed ? handTruedStep : handStep);
	const entry = $derived(dressed ? cut : line);
	const p = $derived(
		dressed
			? preview(handTruedStep, facts, null, {
					...cut.result.values,
					diameterAfterMm: facts.wheel!.diameterMm,
					spunDry: true
				})
			: preview(handStep, facts, line)
	);
	const out = $derived(p.main);
	const asked = $derived(step.fields.filter(({ name }) => name !== 'spunDry' || facts.machine.wet));
	const shown = (um: number) => figure(um, 'um', facts.units);
	async function act() {
		if (await desk.record('true', step.step, entry)) ondone();
	}
</script>

<div class="way" role="group" aria-label="Found by">
	{#each [[true, 'Dressed all round'], [false, 'Pencil line all round']] as const as [is, words] (words)}<button
			class="btn"
			class:on={dressed === is}
			aria-pressed={dressed === is}
			onclick={() => (dressed = is)}>{words}</button
		>{/each}
</div>
<div class="cols">
	<div class="form">
		{#each asked as field (field.name)}<div class:wide={field.kind === 'choice'}>
				<FieldInput {entry} {field} words={WAYS} />
			</div>{/each}
	</div>
	<div>
		<UntouchedRim {dressed} known={out !== null} />
		<p class="num big">
			<span>at most</span>
			{out ? shown(out.tirUm) : '-'}<span>&nbsp;{symbolOf('um', facts.units)} run-out</span>
		</p>
		<Strip
			value={out?.tirUm ?? null}
			limit={runoutLimitUm(facts)}
			state={found(out, 'runout-above-limit', 'spindle-not-measured')}
			label="Run-out, at most"
			show={shown}
		/>
		{#if out && dressed && !out.spindleKnown}<p class="quiet">The spindle was not measured.</p>{/if}
	</div>
</div>
{#if out}<Reasons reasons={out.reasons} />{/if}
<ActionBar
	label={dressed ? 'Dressed all round, sounds even' : 'Line closed all round'}
	onact={act}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}
</ActionBar>

<style>
	.way {
		display: flex;
		gap: var(--s-8);
		margin: var(--s-8) 0;
	}
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 250px);
		gap: var(--s-24);
		align-items: start;
	}
	.form {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-10) var(--s-16);
		align-items: start;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	.big span {
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
