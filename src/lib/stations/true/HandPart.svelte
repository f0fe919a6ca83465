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
	const WAYS = {
		'dressed-all-round': 'dressed all round',
		'line-held': 'pencil line, held',
		'line-clamped': 'pencil line, clamped'
	};
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, handTruedStep, { anew: true, start: { way: 'dressed-all-round' } });
	const dressed = $derived(entry.at('way') === 'dressed-all-round');
	/** A pencil line cuts nothing. */
	const step = $derived(dressed ? handTruedStep : handStep);
	const p = $derived(
		preview(handTruedStep, facts, null, {
			...entry.result.values,
			diameterAfterMm: facts.wheel!.diameterMm,
			spunDry: true
		})
	);
	const out = $derived(p.main);
	const asked = $derived((name: string) =>
		name === 'way' ? true : dressed && (name !== 'spunDry' || facts.machine.wet)
	);
	const shown = (um: number) => figure(um, 'um', facts.units);
	async function act() {
		const values = dressed ? undefined : { way: entry.result.values.way };
		if (await desk.record('true', step.step, entry, values)) ondone();
	}
</script>

<div class="cols">
	<div class="form">
		{#each handTruedStep.fields.filter((field) => asked(field.name)) as field, i (field.name)}<div
				class:wide={field.kind === 'choice'}
			>
				<FieldInput {entry} {field} words={WAYS} autofocus={i === 0} />
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
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 340px);
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
