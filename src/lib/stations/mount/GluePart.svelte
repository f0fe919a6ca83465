<script lang="ts">
	import { onMount } from 'svelte';
	import { when } from '$lib/words';
	import { duration, fineQuantity } from '$core/quantity/format';
	import { ADHESIVES, CUTS } from '$core/mount/usual-figures';
	import { assumedWords, curing, glueStep } from '$core/route/stations/mount/glue';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The joint, and the hours it has to stand by the server's clock, whatever happens to this screen. */
	let { desk }: Props = $props();
	const joint = $derived(curing(desk.facts));
	const WORDS = Object.fromEntries(
		[...Object.entries(ADHESIVES), ...Object.entries(CUTS)].map(([k, v]) => [k, v.words])
	);
	let nowMs = $state(desk.facts.nowMs);
	let again = $state(false);
	onMount(() => {
		nowMs = desk.nowMs();
		const t = setInterval(() => (nowMs = desk.nowMs()), 1000);
		return () => clearInterval(t);
	});
	const leftS = $derived(joint ? Math.max(0, joint.requiredS - (nowMs - joint.atMs) / 1000) : 0);
</script>

{#if joint && !again}
	<p class="quiet">
		Joined {when(joint.atMs)} by {joint.record.by}, has to stand {duration(joint.requiredS)}.
	</p>
	<p class="num big" role="timer" aria-label="Still to stand">
		{leftS > 0 ? duration(leftS) : 'Stood long enough'}
	</p>
	<progress max={joint.requiredS} value={joint.requiredS - leftS} aria-label="Cured so far"></progress>
	<p class="quiet">
		The clock is the server's: it goes on over a reload, a restart and a changed clock here. The adhesive's
		own data sheet wins.
	</p>
	<ActionBar
		label="It has cured"
		onact={() => desk.record('mount', 'cured', null, {})}
		busy={desk.busy}
		disabled={leftS > 0}><button class="btn" onclick={() => (again = true)}>Glue it again</button></ActionBar
	>
{:else}
	<p class="quiet">Scuff, degrease, mix, coat, push home turning slowly. Gloves, air, no flames.</p>
	<StepForm
		{desk}
		step={glueStep}
		action="Joined: start the clock"
		words={WORDS}
		start={{ wheelHoleMm: desk.facts.wheel!.boreMm }}
		ondone={() => (again = false)}
	>
		{#snippet drawing(out, v)}<p class="lab">It has to stand</p>
			<p class="num big">{out ? duration(3600 * out.requiredCureH) : '-'}</p>
			{#if out}<p class="quiet">
					{out.bondSafetyFactor === null
						? ''
						: `The joint is ${out.bondSafetyFactor.toFixed(1)} times as strong as the cut pulls. `}Film
					{fineQuantity(out.bondGapMm, 'mm', desk.facts.units)} a side.
				</p>{/if}
			{#if assumedWords(v)}<p class="quiet">
					Assumed, {assumedWords(v)}. The cautious end is taken; what the data sheet says counts as soon as it
					is entered.
				</p>{/if}{/snippet}
	</StepForm>
{/if}

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.15;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	progress {
		width: 100%;
		height: 14px;
		accent-color: var(--act);
	}
</style>
