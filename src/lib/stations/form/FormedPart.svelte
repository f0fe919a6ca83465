<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { untrack } from 'svelte';
	import { Evidence } from '$core/route/evidence';
	import { quantity } from '$core/quantity/format';
	import { formedStep } from '$core/route/stations/form/formed';
	import { formOf } from '$core/route/stations/form/made';
	import { formRun } from '$core/route/stations/form/run';
	import { FORMING_METHODS } from '$core/route/stations/form/forming-method';
	import { passesIn } from '$core/route/stations/dress/run';
	import { isTurned } from '$core/shop/dresser';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import PassRunner from '$lib/desk/PassRunner.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The form dressed in, pass by pass where they are counted by hand; how it sounded, and what the wheel measures. */
	let { desk, ondone }: Props = $props();
	const { told } = useUnits();
	const f = $derived(desk.facts);
	const w = $derived(f.wheel!);
	const face = $derived(w.rimWidthMm !== null);
	const form = $derived(formOf(f, Evidence.of(f))!);
	const entry = stepEntry(desk, formedStep, {
		anew: true,
		start: untrack(() =>
			desk.facts.wheel?.rimWidthMm ? { diameterAfterMm: desk.facts.wheel.diameterMm } : {}
		)
	});
	const run = $derived(formRun(Evidence.of(f), form, w.diameterMm));
	/** A list of what was heard has its end; a longer run is listened to and said as a whole. */
	const MAX = 300;
	const counted = $derived(run !== null && passesIn(run) <= MAX ? run : null);
	const byAxes = $derived(FORMING_METHODS[form.way].byAxes);
	const heard = $derived((entry.typed.heard as string[] | null)?.length ?? 0);
	const running = $derived(counted !== null && heard > 0 && heard < passesIn(counted));
	const p = $derived(preview(formedStep, f, entry));
	const sounds = $derived(entry.typed.soundEven !== false);
	const mm = (v: number | null) => quantity(v, 'mm', f.units);
	const turned = $derived(form.dresser ? isTurned(form.dresser.kind) : false);
	async function act() {
		if (await desk.record('form', 'formed', entry)) ondone();
	}
</script>

<TwoSides>
	{#snippet one()}
		{#if counted}<PassRunner facts={f} {entry} run={counted} />{:else if run}<p class="huge">
				{passesIn(run)} passes: {byAxes ? 'let the program run' : 'count them as you go'}.
			</p>
			<p>Guard shut, coolant as it will stay, a hand on the stop. Listen over the whole of it.</p>{/if}
	{/snippet}
	{#snippet other()}
		<YesNo {entry} name="soundEven" compact label="Sounded even over the whole form" />
		{#if face}<QuantityField
				{entry}
				name="rimDepthAfterMm"
				note="last {mm(w.rimDepthMm)}"
			/>{:else}<QuantityField
				{entry}
				name="diameterAfterMm"
				note={run ? `over its crest the plan says ${mm(run.diameterAfterMm)}` : `last ${mm(w.diameterMm)}`}
			/>{#if run}<button class="link" onclick={() => entry.fillOne('diameterAfterMm', run.diameterAfterMm)}
					>Measured as planned</button
				>{/if}<LifeBar
				newMm={w.newDiameterMm}
				nowMm={entry.result.values.diameterAfterMm ?? w.diameterMm}
				minMm={w.minDiameterMm}
				units={f.units}
			/>{/if}
		{#if !counted && run}<QuantityField {entry} name="passesMade" />{/if}
		{#if turned}<YesNo {entry} name="diamondTurned" compact />{/if}
		{#if p.main}<Reasons reasons={p.main.reasons ?? []} />{:else if p.fault && p.fault.code !== 'missing'}<p
				class="fault"
			>
				{told(p.fault.message)}
			</p>{/if}
	{/snippet}
</TwoSides>
<ActionBar
	label={sounds ? 'Form dressed, sounds even' : 'Dressed, not even'}
	onact={act}
	busy={desk.busy}
	key={!running && (heard > 0 || !counted)}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.huge {
		font-size: var(--type-figure);
		font-weight: 700;
	}
	.link {
		justify-self: start;
	}
</style>
