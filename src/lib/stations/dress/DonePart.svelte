<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { holds } from '$core/route/decision';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { dressesLeft, passesIn, runOf } from '$core/route/stations/dress/run';
	import { dressedStep } from '$core/route/stations/dress/dressed';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import LifeBar from '$lib/drawing/LifeBar.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import PassRunner from '$lib/desk/PassRunner.svelte';
	import SizesAfter from './SizesAfter.svelte';

	interface Props {
		desk: SetupSession;
		/** How it is asked whether it went well. */
		even: string;
		ondone: () => void;
	}
	/** The dress run pass by pass, what it sounded like, and what wheel and dresser measure afterwards. */
	let { desk, even, ondone }: Props = $props();
	const { told } = useUnits();
	/** Of a pack the first wheel whose dress does not stand yet; nothing where there is one wheel only. */
	function nextOfPack({ facts, decision }: SetupSession): string | undefined {
		if (!facts.companions.length || !holds(decision, 'dress', ['sound'])) return undefined;
		return facts.companions.find((c) => !holds(decision, 'dress', [`sound-${c.wheel.number}`]))?.wheel.number;
	}
	const f = $derived(desk.facts);
	const w = $derived(f.wheel!);
	const entry = stepEntry(desk, dressedStep, {
		anew: true,
		start: {
			wheelNumber: nextOfPack(desk),
			...(desk.facts.wheel?.rimWidthMm ? { diameterAfterMm: desk.facts.wheel.diameterMm } : {})
		}
	});
	const chosen = $derived(chosenMethod(f, Evidence.of(f)));
	const run = $derived(chosen ? runOf(f, Evidence.of(f), chosen) : null);
	const heard = $derived((entry.typed.heard as string[] | null)?.length ?? 0);
	const running = $derived(run !== null && heard > 0 && heard < passesIn(run));
	const p = $derived(preview(dressedStep, f, entry));
	const left = $derived(run ? dressesLeft(w, run.takenUm) : null);
	const sounds = $derived(entry.typed.soundEven !== false);
	async function act() {
		if (await desk.record('dress', 'done', entry)) ondone();
	}
</script>

<TwoSides>
	{#snippet one()}
		{#if run}<PassRunner facts={f} {entry} {run} />{:else}<p class="huge">Go on until it is even.</p>
			<p>Light pressure, across and back; look and listen as you go.</p>{/if}
	{/snippet}
	{#snippet other()}
		<YesNo {entry} name="soundEven" compact label={even} />
		<SizesAfter facts={f} {entry} {run} dresser={chosen?.dresser ?? null} />
		{#if w.rimWidthMm === null}<LifeBar
				newMm={w.newDiameterMm}
				nowMm={entry.result.values.diameterAfterMm ?? w.diameterMm}
				minMm={w.minDiameterMm}
				units={f.units}
			/>{/if}
		{#if left !== null}<p>Such dresses left: <b class="num">{left}</b></p>{/if}
		{#if p.main}<Reasons reasons={p.main.reasons ?? []} />{:else if p.fault && p.fault.code !== 'missing'}<p
				class="fault"
			>
				{told(p.fault.message)}
			</p>{/if}
	{/snippet}
</TwoSides>
<ActionBar
	label={sounds ? 'Dressed, sounds even' : 'Dressed, not even'}
	onact={act}
	busy={desk.busy}
	key={!running && (heard > 0 || run === null)}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.huge {
		font-size: var(--type-figure);
		font-weight: 700;
	}
</style>
