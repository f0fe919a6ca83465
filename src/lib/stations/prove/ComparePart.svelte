<script lang="ts">
	import { untrack } from 'svelte';
	import { Evidence } from '$core/route/evidence';
	import { COMPARED, compareStep, keepCompareStep } from '$core/route/stations/prove/compare';
	import { releaseStep } from '$core/route/stations/prove/steps';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import BeforeAfter from '$lib/drawing/prove/BeforeAfter.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The same cut before and after the dress, by the meter or by hand and eye. */
	let { desk, ondone }: Props = $props();
	const f = untrack(() => desk.facts);
	const step = f.state === 'under-way' ? compareStep : keepCompareStep;
	const raUm = Evidence.of(f).step(releaseStep)?.entered.raUm ?? undefined;
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<p class="lead">
	Cut one patch undressed and one dressed, the same cut. Without a power meter say how it feels and how the
	patches look.
</p>
<StepForm
	{desk}
	{step}
	action="Keep this comparison"
	start={{ after: { raUm } }}
	words={{ freer: 'freer', same: 'the same', duller: 'duller', cleaner: 'cleaner', dirtier: 'dirtier' }}
	{ondone}
>
	{#snippet drawing(out, v)}
		{#if out}<p class="quiet">The dress left it</p>
			<p class="num big" role="status">{COMPARED[out.conclusion] ?? out.conclusion}</p>
			<BeforeAfter
				title="Ra"
				unit="um-Ra"
				before={num(v.before?.raUm)}
				after={num(v.after?.raUm)}
				changePct={out.raChangePct}
			/>
			{#if out.powerChangePct !== null}<BeforeAfter
					title="Power, W"
					before={num(v.before?.powerW)}
					after={num(v.after?.powerW)}
					changePct={out.powerChangePct}
				/>{:else}<p class="quiet">
					Judged by {out.basis === 'feel' ? 'hand and eye' : 'roughness alone'}.
				</p>{/if}
		{:else}<p class="quiet">Both readings: then what the dress did stands here.</p>{/if}
	{/snippet}
</StepForm>

<style>
	.big {
		font-size: var(--type-title);
		font-weight: 700;
	}
</style>
