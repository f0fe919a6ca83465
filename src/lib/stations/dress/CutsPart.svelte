<script lang="ts">
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { hiddenLaw, readRa } from '$core/dress/stand-ins/roughness-meter';
	import { tryOrNull } from '$core/calculation/attempt';
	import { burnRisk } from '$core/dress/burn-risk';
	import { netPower } from '$core/dress/stand-ins/power-meter';
	import { quantity } from '$core/quantity/format';
	import { MIN_CUTS, burnOf, cutOf, learnt } from '$core/route/stations/dress/predict-dress';
	import { standingDress, trialCutStep } from '$core/route/stations/dress/trial-cut';
	import { outputOf } from '$core/route/result';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import PatchPanel from './PatchPanel.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** Trial cuts with this marking: what each is off by, and what is learnt with and without it. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, trialCutStep, { anew: true });
	const p = $derived(preview(trialCutStep, facts, entry));
	const fit = $derived(learnt(facts));
	/** Residuals belong to the cuts that count, in their order. */
	const rows = $derived.by(() => {
		let counted = -1;
		return facts.cuts.map((c) => {
			const residual = c.leftOut ? null : (fit?.output.residualsLog[++counted] ?? null);
			const without = learnt(
				facts,
				facts.cuts.map((o) => (o.id === c.id ? { ...o, leftOut: !c.leftOut } : o))
			);
			return { ...c, residual, odd: fit?.output.outliers.includes(counted) === true && !c.leftOut, without };
		});
	});
	const um = (v: number) => quantity(v, 'um', facts.units);
	const leave = (cutId: number, leftOut: boolean) =>
		void desk.record('dress', 'leave-cut', null, { cutId, leftOut });
	const SETTLED_S = 2;
	const cut = $derived.by(() => {
		const { workDepthUm, workSpeedMps } = entry.result.values;
		const usual = cutOf(facts);
		return { depthUm: workDepthUm ?? usual.depthUm, workMps: workSpeedMps ?? usual.workMps };
	});
	const standing = $derived.by(() => {
		const dress = tryOrNull(() => standingDress(facts));
		return dress ? { ...dress, dressClass: null } : null;
	});
	/** The roughness meter of the trainer, on a wheel whose law is hidden: the same for this wheel every time. */
	function meter() {
		const grain = facts.wheel?.gritMeanUm;
		if (!standing || !grain) return;
		const dress = {
			...standing,
			specificRemovalMm2PerS: cut.depthUm * cut.workMps,
			wheelSpeedMps: surfaceSpeedMps(facts.wheel!.diameterMm, facts.machine.spindleRpm)
		};
		const ra = readRa(hiddenLaw(grain, facts.wheel!.id), dress, 31 * facts.wheel!.id + facts.cuts.length);
		entry.fillOne('raUm', ra);
	}
	const burn = $derived(outputOf(p.result, burnRisk));
	/** The power meter of the trainer, once the cut has settled: the energy of this cut over its width. */
	function powerMeter() {
		const widthMm = entry.result.values.workWidthMm ?? facts.wheel!.widthMm;
		const energy = burnOf(facts, standing!, cut).output.specificEnergyJPerMm3;
		if (!entry.result.values.workWidthMm) entry.fillOne('workWidthMm', widthMm);
		const removalMm3PerS = cut.depthUm * cut.workMps * widthMm;
		const seed = 37 * facts.wheel!.id + facts.cuts.length;
		const watts = netPower({ specificEnergyJPerMm3: energy, removalMm3PerS, afterS: SETTLED_S, seed });
		entry.fillOne('powerW', Math.round(watts));
	}
	async function act() {
		if (await desk.record('dress', 'cut', entry)) entry.set('raUm', '');
	}
</script>

<TwoSides narrow="left">
	{#snippet one()}
		<p class="lab">What was foreseen for this dress</p>
		<p class="num huge" role="status">
			{p.main ? um(p.main.raUm) : '-'}
			<span>{p.main ? `${um(p.main.lowUm)} to ${um(p.main.highUm)}` : 'dress it first'}</span>
		</p>
		{#if burn}<p>
				Burning <b class="num" class:bad={(burn.burnIndex ?? 0) > 1}>{burn.burnIndex?.toFixed(2) ?? '-'}</b>
				of its limit, {burn.energySource === 'power' ? 'by the power' : 'by the model'}.
			</p>{/if}
		<QuantityField {entry} name="raUm" autofocus />
		<div class="grid">
			{#each ['workDepthUm', 'workSpeedMps', 'powerW', 'workWidthMm'] as name (name)}<QuantityField
					{entry}
					{name}
				/>{/each}
		</div>
		<p class="quiet">
			{fit
				? `Learnt from ${fit.output.cutsUsed} cuts; each new one counts.`
				: `${facts.cuts.length} of ${MIN_CUTS} cuts: until then the grain alone tells.`}
		</p>
	{/snippet}
	{#snippet other()}
		<h3>Trial cuts of this marking</h3>
		{#if rows.length}<div class="table">
				<table>
					<thead
						><tr><th>Lead</th><th>Bite</th><th>Ra</th><th>Off by</th><th>Without or with it</th><th></th></tr
						></thead
					>
					<tbody
						>{#each rows as r (r.id)}<tr class:out={r.leftOut} class:odd={r.odd}
								><td class="num">{um(r.leadUm)}</td><td class="num">{um(r.depthUm)}</td><td class="num"
									>{um(r.raUm)}</td
								><td class="num"
									>{r.residual === null ? '-' : `${(100 * (Math.exp(r.residual) - 1)).toFixed(0)} %`}</td
								><td class="num">{r.without ? `R1 ${r.without.output.r1.toFixed(3)}` : 'too few'}</td><td
									><button class="link" disabled={!r.without} onclick={() => leave(r.id, !r.leftOut)}
										>{r.leftOut ? 'Take in' : 'Leave out'}</button
									></td
								></tr
							>{/each}</tbody
					>
				</table>
			</div>
			{#if fit}<p>
					Now R1 <b class="num">{fit.output.r1.toFixed(3)}</b>; a cut that stands out is marked, nothing is
					dropped by itself.
				</p>{/if}{:else}<p class="quiet">
				None yet. Measure one after the dress and enter it at the left.
			</p>{/if}
		<PatchPanel {desk} />
	{/snippet}
</TwoSides>
<ActionBar label="Keep this cut" onact={act} busy={desk.busy}>
	<Simulated><button class="btn" onclick={meter} disabled={!standing}>Meter stand-in</button></Simulated>
	<Simulated><button class="btn" onclick={powerMeter} disabled={!standing}>Power stand-in</button></Simulated>
	{#snippet aside()}<ShowWorking
			computed={[...p.computed, ...(fit ? [fit] : [])]}
			system={facts.units}
		/>{/snippet}
</ActionBar>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
	}
	.huge span {
		display: block;
		font: 500 var(--type-text) var(--text);
		color: var(--ink2);
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
	}
	.bad {
		color: var(--stop);
	}
	.table {
		overflow-x: auto;
	}
	td,
	th {
		padding: var(--s-4) var(--s-6);
		font-size: var(--type-small);
		text-align: left;
		white-space: nowrap;
	}
	.out td {
		color: var(--ink3);
		text-decoration: line-through;
	}
	.out td:last-child {
		text-decoration: none;
	}
	.odd td {
		background: var(--caution-soft);
	}
</style>
