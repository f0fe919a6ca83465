<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import Reasons from '$lib/ui/Reasons.svelte';
	import ShowWorking from '$lib/ui/ShowWorking.svelte';
	import type { Reason } from '$core/calculation/verdict';
	import type { Desk } from '../desk.svelte';
	import { MATERIAL_WORDS, OPERATION_WORDS } from '../words';

	let { desk }: { desk: Desk } = $props();
	const f = $derived(desk.facts);
	const told = $derived(f.records.find((r) => r.station === 'brief'));
	const out = $derived((told?.output ?? {}) as { marking: string; baseGrade: string | null; grade: string | null; steps: { code: string; gradeShift: number; structureShift: number }[]; reasons: Reason[]; alternativeFamilies: string[] });
	const lines = $derived([['Part', `${f.part}, ${f.quantity} off`], ['Material', `${MATERIAL_WORDS[f.material] ?? f.material}${f.hardnessHrc === null ? '' : `, ${f.hardnessHrc} HRC`}`], ['Ground', OPERATION_WORDS[f.operation] ?? f.operation], ['Finish', `Ra ${quantity(f.targetRaUm, 'um', f.units)}`], ['Burns easily', f.burnProne ? 'yes' : 'no'], ['Machine', `${f.machine.code} ${f.machine.name}, ${quantity(f.machine.spindleRpm, 'rpm')}`], ['Route', f.routeName]] as const);
	const arrow = (n: number, soft: string, hard: string) => (n === 0 ? '' : `${Math.abs(n)} ${n < 0 ? soft : hard}`);
</script>

<h1>Brief</h1>
<p class="lead">The job as it was told, and the wheel it asks for.</p>
<div class="cols">
	<dl>{#each lines as [k, v] (k)}<div><dt>{k}</dt><dd>{v}</dd></div>{/each}</dl>
	<section>
		<h2>First choice</h2>
		<p class="num big">{out.marking}</p>
		{#if out.steps?.length}
			<ul>{#each out.steps as s (s.code)}<li>{s.code.replace(/-/g, ' ')}<span class="num">{[arrow(s.gradeShift, 'softer', 'harder'), arrow(s.structureShift, 'denser', 'more open')].filter(Boolean).join(', ')}</span></li>{/each}</ul>
		{/if}
		<p class="quiet">{out.baseGrade && out.baseGrade !== out.grade ? `Grade ${out.baseGrade} before these rules.` : ''} A starting point for someone trained, not a release to run.</p>
		<Reasons reasons={out.reasons} />
	</section>
</div>
<ActionBar label="Choose the wheel" onact={() => desk.onward()}>
	{#snippet aside()}{#if told}<ShowWorking computed={[{ calculation: told.calculation, input: told.input, output: told.output }]} system={f.units} />{/if}{/snippet}
</ActionBar>

<style>
	.cols { display: grid; grid-template-columns: 1fr 1fr; gap: 28px; margin: 18px 0; } dl div { display: grid; grid-template-columns: 110px 1fr; border-bottom: 1px solid var(--rule); padding: 8px 0; } dt { color: var(--ink2); } dd { font-weight: 600; }
	.big { font-size: 34px; font-weight: 700; margin: 8px 0; } ul { list-style: none; padding: 0; margin-bottom: 8px; } li { display: flex; justify-content: space-between; border-bottom: 1px solid var(--rule); padding: 5px 0; font-size: 14px; } section { display: grid; align-content: start; gap: 4px; }
	@media (max-width: 900px) { .cols { grid-template-columns: 1fr; } }
</style>
