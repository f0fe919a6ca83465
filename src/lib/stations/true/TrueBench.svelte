<script lang="ts">
	import { duration, figure, quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { runoutStep, truePlanStep, truedStep } from '$core/route/steps/true';
	import RunoutFace from '$lib/drawing/RunoutFace.svelte';
	import Strip from '$lib/drawing/Strip.svelte';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import ChoiceField from '$lib/ui/ChoiceField.svelte';
	import { Entry, type Typed } from '$lib/ui/entry.svelte';
	import QuantityField from '$lib/ui/QuantityField.svelte';
	import ReadingsTable from '$lib/ui/ReadingsTable.svelte';
	import Reasons from '$lib/ui/Reasons.svelte';
	import ShowWorking from '$lib/ui/ShowWorking.svelte';
	import YesNo from '$lib/ui/YesNo.svelte';
	import type { Desk } from '../desk.svelte';
	import { outputOf, preview } from '../preview';

	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	const f = $derived(desk.facts);
	const e = $derived(new Evidence(f));
	const after = $derived(e.latest('true', 'after'));
	const first = $derived(e.latest('true', 'runout'));
	const blank = (n: number) => Array.from({ length: n }, () => '');
	const make = (fields: never, part: string) => { const en = new Entry({ fields, key: `setup-${desk.facts.id}-true${part}`, draft: drafts[`true${part}`] ?? null, system: desk.facts.units }); if ('readingsUm' in en.typed && (en.typed.readingsUm as Typed[]).length < 8) en.typed.readingsUm = blank(12); return en; };
	const before = make(runoutStep.fields as never, '');
	const plan = make(truePlanStep.fields as never, '-plan');
	const done = make(truedStep.fields as never, '-after');
	$effect(() => { for (const en of [before, plan, done]) en.switchTo(f.units); });
	let reread = $state(false);
	const phase = $derived(first === null || reread ? 'read' : 'cut');
	const entry = $derived(phase === 'read' ? before : done);
	const readings = $derived((entry.typed.readingsUm ?? []) as string[]);
	const filled = $derived(readings.filter((r) => String(r).trim() !== '').length);
	const live = $derived(preview(runoutStep, f, null, { ...entry.result.values, readingsUm: entry.result.values.readingsUm }));
	type Out = { tirUm: number; eccentricityUm: number; eccentricTirUm: number; highSpotAngleDeg: number; residualTirUm: number; meanUm: number; dominantOrder: number; harmonics: { order: number; amplitudeUm: number; angleDeg: number }[]; reasons: never[]; verdict: string };
	const shown = $derived((outputOf(live, 'true.runout') ?? (filled === 0 ? (after ?? first)?.output : null) ?? null) as Out | null);
	const drawn = $derived(filled === readings.length && filled > 0 ? (entry.result.values.readingsUm as number[]) : filled === 0 ? ((after ?? first)?.input.readingsUm as number[] | undefined) ?? [] : []);
	const turned = $derived(String(entry.typed.wheelTurned ?? 'counter-clockwise') as 'counter-clockwise' | 'clockwise');
	const planned = $derived(preview(truePlanStep, f, plan));
	const cut = $derived(outputOf(planned, 'true.plan') as { roughPasses: number; roughInfeedUm: number; finishPasses: number; finishInfeedUm: number; sparkOutPasses: number; timeS: number; diameterAfterMm: number; totalPasses: number; traverseMmPerMin: number; reasons: never[] } | null);
	const q = (v: number | null | undefined, u: 'um' | 'mm' | 'mm/min') => quantity(v ?? null, u, f.units);
	const lobe = $derived(shown?.harmonics.length ? shown.harmonics.reduce((a, b) => (b.amplitudeUm > a.amplitudeUm ? b : a)) : null);
	const LOBES = ['', 'off centre', 'two lobes', 'three lobes', 'four lobes', 'five lobes', 'six lobes'];
	const good = $derived((shown?.tirUm ?? Infinity) <= 25 && phase === 'read');
	async function act() {
		if (phase === 'read') { if (await desk.record('true', 'runout', before)) reread = false; return; }
		if (!e.latest('true', 'plan') && cut) { if (!(await desk.record('true', 'plan', plan))) return; }
		await desk.record('true', 'after', done);
	}
	const setReadings = (list: string[]) => entry.set('readingsUm', list as unknown as Typed);
</script>

<h1>True</h1>
<p class="lead">{phase === 'read' ? `Spindle locked out. Turn the wheel by hand, ${turned === 'clockwise' ? 'clockwise' : 'anticlockwise'} from the front, and read at each mark.` : 'True it, coolant on, guard shut. Then spin dry, lock out, and read the rim again.'}</p>
<div class="cols">
	<RunoutFace readingsUm={drawn} {turned} out={shown} at={filled < readings.length ? filled : -1} places={readings.length} />
	<ReadingsTable list={readings} {turned} onchange={setReadings} fault={entry.faultAt('readingsUm')} system={f.units} key={phase} />
	<div class="answer">
		<p class="lab">Run-out now</p><p class="num huge">{shown ? figure(shown.tirUm, 'um', f.units) : '-'}<span>{f.units === 'mm' ? ' µm' : ' in'}</span></p>
		<Strip value={shown?.tirUm ?? null} limit={25} label="Run-out" show={(v) => figure(v, 'um', f.units)} />
		{#if shown}<p class="lab">of that, off centre</p><p class="num mid">{q(shown.eccentricTirUm, 'um')}</p><p class="quiet">high at <b class="num">{figure(shown.highSpotAngleDeg, 'deg')}°</b></p><p class="lab">shape left over</p><p class="num mid">{q(shown.residualTirUm, 'um')}</p>{#if lobe}<p class="quiet">{LOBES[lobe.order] ?? `${lobe.order} lobes`}, {q(lobe.amplitudeUm, 'um')}</p>{/if}
		{:else}<p class="quiet">{filled} of {readings.length} read</p>{/if}
	</div>
</div>
{#if phase === 'read'}
	<div class="opts">
		<ChoiceField entry={before} name="wheelTurned" label="Turned, from the front" words={{ 'counter-clockwise': 'anticlockwise' }} />
		<fieldset class="seg"><legend>Places</legend><div>{#each [8, 12] as n (n)}<button class="btn" class:on={readings.length === n} onclick={() => setReadings([...readings, ...blank(12)].slice(0, n))}>{n}</button>{/each}</div></fieldset>
	</div>
	{#if shown && filled > 0}<Reasons reasons={shown.reasons} />{/if}
{:else}
	<div class="plan">
		<section class="box on">
			<h3>True it away</h3>
			{#if cut}<p>{cut.roughPasses ? `${cut.roughPasses} rough at ${q(cut.roughInfeedUm, 'um')}, ` : ''}{cut.finishPasses} fine at {q(cut.finishInfeedUm, 'um')}, {cut.sparkOutPasses} with no feed, traverse {q(cut.traverseMmPerMin, 'mm/min')}. <b class="num">{duration(cut.timeS)}</b>, ⌀ {q(f.wheel!.diameterMm, 'mm')} to {q(cut.diameterAfterMm, 'mm')}.</p><Reasons reasons={cut.reasons} />{:else}<p class="fault">{planned.fault?.message}</p>{/if}
			<details><summary>Change the plan</summary><div class="grid"><QuantityField entry={plan} name="roughInfeedUm" /><QuantityField entry={plan} name="finishInfeedUm" /><QuantityField entry={plan} name="finishStockUm" /><QuantityField entry={plan} name="sparkOutPasses" /><QuantityField entry={plan} name="leadUm" /><QuantityField entry={plan} name="allowanceUm" /></div></details>
		</section>
		<section class="box"><h3>Afterwards</h3><div class="grid two"><QuantityField entry={done} name="diameterAfterMm" /><YesNo entry={done} name="spunDry" /></div><p class="quiet">The last passes leave it glazed: it will be dressed open after balancing.</p></section>
	</div>
{/if}
<ActionBar label={phase === 'read' ? (good ? 'Runs true already' : 'Book the readings') : after ? 'Trued again' : 'Trued, readings taken'} onact={act} busy={desk.busy}>
	{#if phase === 'cut'}<button class="btn" onclick={() => { before.typed.readingsUm = blank(12); reread = true; }}>Pushed, read again</button>{:else if first}<button class="btn" onclick={() => (reread = false)}>Back to truing</button>{/if}
	{#snippet aside()}<ShowWorking computed={[...live.computed, ...(phase === 'cut' ? planned.computed : [])]} system={f.units} />{/snippet}
</ActionBar>

<style>
	.cols { display: grid; grid-template-columns: minmax(230px, 330px) 132px 1fr; gap: 20px; margin-top: 10px; align-items: start; } .answer { min-width: 0; } .lab { color: var(--ink2); font-size: 13.5px; margin-top: 6px; } .huge { font-size: 46px; font-weight: 700; line-height: 1.05; white-space: nowrap; } .huge span { font-size: 17px; font-weight: 500; color: var(--ink2); } .mid { font-size: 22px; font-weight: 650; }
	.opts { display: flex; gap: 26px; margin: 8px 0; flex-wrap: wrap; } .seg { border: 0; padding: 0; } .seg legend { font-size: 13.5px; color: var(--ink2); padding: 0; margin-bottom: 3px; } .seg div { display: flex; gap: 6px; }
	.plan { display: grid; grid-template-columns: 1fr 1fr; gap: 16px; margin: 8px 0 12px; } .box { border: 1.5px solid var(--rule); padding: 10px 14px; display: grid; gap: 6px; align-content: start; } .box.on { border-color: var(--act); background: var(--act-soft); } .grid { display: grid; grid-template-columns: 1fr 1fr 1fr; gap: 6px 12px; margin-top: 8px; } .two { grid-template-columns: 1fr 1fr; } summary { cursor: pointer; color: var(--act); font-weight: 600; font-size: 13.5px; } .fault { color: var(--stop); font-weight: 600; }
	@media (max-width: 1000px) { .cols, .plan { grid-template-columns: 1fr; } }
</style>
