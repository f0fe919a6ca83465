<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { untrack } from 'svelte';
	import { duration, quantity } from '$core/quantity/format';
	import { Evidence, partOf } from '$core/route/evidence';
	import { lastRead, runoutLimitUm } from '$core/route/stations/true/readings';
	import { readThatCounts, truedAt } from '$core/route/stations/true/known-runout';
	import { penciledStep, truePlanStep, truedStep } from '$core/route/stations/true/steps';
	import { divisions } from '$core/route/stations/dress/run';
	import { runout } from '$core/true/runout';
	import RunoutFace from '$lib/drawing/RunoutFace.svelte';
	import StockDrawing from '$lib/drawing/StockDrawing.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import PickOne from '$lib/ui/fields/PickOne.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import { truingTool, usualBites } from '$core/route/stations/true/tool';
	import PencilAgain from './PencilAgain.svelte';
	import PassCounter from './PassCounter.svelte';
	import OddQuestion from './OddQuestion.svelte';
	import RoundReader from './RoundReader.svelte';
	import RunoutAnswer from './RunoutAnswer.svelte';
	import { drawnOf, filledOf, placesOf, turnedOf, withPlaces } from './runout-view';

	interface Props {
		desk: SetupSession;
	}
	/** The rest cut away: the plan, the passes counted at the machine, what was taken off, and the rim read again as the gate. */
	let { desk }: Props = $props();
	const { told } = useUnits();
	const facts = $derived(desk.facts);
	const e = $derived(Evidence.of(facts));
	const after = $derived(e.newest('true', truedAt));
	const plan = stepEntry(desk, truePlanStep, { anew: true, start: usualBites(desk.facts) });
	const tool = $derived(truingTool(facts));
	const done = withPlaces(stepEntry(desk, truedStep, { anew: true }));
	const line = stepEntry(desk, penciledStep, { anew: true });
	/** Read by a pencil line, where the rim was read so before. */
	let pencil = $state(untrack(() => ['pencil', 'after-pencil'].includes(lastRead(desk.facts)?.step ?? '')));
	const by = $derived(pencil ? line : done);
	const struck = $derived(
		preview(penciledStep, facts, null, {
			...line.result.values,
			diameterAfterMm: facts.wheel!.diameterMm,
			spunDry: true
		})
	);
	const filled = $derived(filledOf(done));
	const live = $derived(
		preview(truedStep, facts, null, {
			...done.result.values,
			diameterAfterMm: facts.wheel!.diameterMm,
			spunDry: true,
			oddKept: true
		})
	);
	const read = $derived(lastRead(facts));
	/** What is read now, or, before anything is typed, what was read last. */
	const before = $derived(filled === 0 ? (partOf(readThatCounts(e), runout)?.output ?? null) : null);
	const out = $derived(live.main ?? before);
	const readingsBefore = $derived(
		out && Array.isArray(read?.input.readingsUm) ? (read.input.readingsUm as number[]) : []
	);
	const planned = $derived(preview(truePlanStep, facts, plan));
	const cut = $derived(planned.main);
	const q = (v: number | null | undefined, u: 'um' | 'mm' | 'mm/min') => quantity(v ?? null, u, facts.units);
	let reading = $state(false);
	const reads = $derived(reading || filled > 0 || after !== null);
	async function act() {
		if (!e.step(truePlanStep) && cut) {
			if (!(await desk.record('true', 'plan', plan))) return;
		}
		if (pencil) line.set('passesDone', String(done.at('passesDone') ?? ''));
		await desk.record('true', pencil ? 'after-pencil' : 'after', by);
	}
</script>

{#snippet thePlan()}
	<div class="cols">
		<section class="box">
			{#if cut}
				<StockDrawing
					rough={[cut.roughPasses, cut.roughInfeedUm]}
					fine={[cut.finishPasses, cut.finishInfeedUm]}
					spark={cut.sparkOutPasses}
					done={Number(done.result.values.passesDone ?? 0)}
					diameterMm={facts.wheel!.diameterMm}
					afterMm={cut.diameterAfterMm}
					leastMm={facts.wheel!.minDiameterMm}
					units={facts.units}
				/>
				<p>
					{cut.roughPasses
						? `${cut.roughPasses} rough at ${q(cut.roughInfeedUm, 'um')}, `
						: ''}{cut.finishPasses} fine at {q(cut.finishInfeedUm, 'um')}, {cut.sparkOutPasses} with no feed, traverse
					{q(cut.traverseMmPerMin, 'mm/min')}, <b class="num">{duration(cut.timeS)}</b>. Start where it is
					highest.
					{#if tool.truedWith === 'diamond'}{(cut.contactPathM / 1000).toFixed(1)} km of wheel pass under the diamond:
						turn it in its holder.{:else}Against {tool.dresser?.code ?? 'a truing wheel'}, a {tool.truedWith ===
						'steel-block'
							? 'block of soft steel'
							: 'truing wheel'}: most of the infeed goes into it.{/if}
				</p>
				<Reasons reasons={cut.reasons} most={2} />
			{:else}<p class="fault">{told(planned.fault?.message ?? '')}</p>{/if}
			<Fold title="Change the plan">
				<div class="grid">
					<QuantityField entry={plan} name="roughInfeedUm" /><QuantityField
						entry={plan}
						name="finishInfeedUm"
					/><QuantityField entry={plan} name="finishStockUm" /><QuantityField
						entry={plan}
						name="sparkOutPasses"
					/><QuantityField entry={plan} name="leadUm" /><QuantityField entry={plan} name="allowanceUm" />
				</div>
			</Fold>
		</section>
		{#if cut}<PassCounter
				entry={done}
				{cut}
				units={facts.units}
				dial={(um) => divisions(facts.machine, um)}
			/>{/if}
	</div>
{/snippet}

{#snippet planHead()}Plan and passes{#if cut}: <span class="num"
			>{Number(done.result.values.passesDone ?? 0)}</span
		>
		of {cut.totalPasses} made, {q(cut.diameterAfterMm, 'mm')} expected{/if}{/snippet}

{#if reads}
	<!-- Cut already: the plan makes room for what is read and measured now. -->
	<Fold title={planHead}>{@render thePlan()}</Fold>
{:else}{@render thePlan()}{/if}
<h2>Afterwards</h2>
<div class="fields">
	<QuantityField entry={by} name="diameterAfterMm" /><QuantityField
		entry={by}
		name="takenUm"
	/>{#if facts.machine.wet}<YesNo entry={by} name="spunDry" />{/if}
	<p class="quiet">The last passes leave it glazed: round, not sharp. It is dressed open before it grinds.</p>
</div>
<PickOne
	legend="Read again"
	options={[
		{ id: 'dial', text: 'with the dial' },
		{ id: 'line', text: 'by a pencil line' }
	]}
	picked={pencil ? 'line' : 'dial'}
	onpick={(id) => (pencil = id === 'line')}
/>
{#if pencil}<PencilAgain entry={line} found={struck.main} limit={runoutLimitUm(facts)} units={facts.units} />
{:else if reads}
	<div class="again">
		<RunoutFace
			readingsUm={filled ? drawnOf(done) : readingsBefore}
			turned={turnedOf(done)}
			{out}
			at={filled < placesOf(done) ? filled : -1}
			places={placesOf(done)}
		/><RoundReader entry={done} key="cut" />
		<div>
			<OddQuestion entry={done} /><RunoutAnswer
				{out}
				units={facts.units}
				{filled}
				places={placesOf(done)}
				limit={runoutLimitUm(facts)}
			/>
		</div>
	</div>
{:else}<button class="btn" onclick={() => (reading = true)}>Read the rim again</button>{/if}
{#if pencil ? struck.main : out && filled > 0}<Reasons reasons={(pencil ? struck.main : out)!.reasons} />{/if}
<ActionBar
	label={pencil ? 'Trued, line struck again' : after ? 'Trued again' : 'Trued, readings taken'}
	onact={act}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking
			computed={[...planned.computed, ...(pencil ? struck.computed : filled ? live.computed : [])]}
			system={facts.units}
		/>{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 250px;
		gap: var(--s-16);
		margin: var(--s-10) 0;
		align-items: start;
	}
	.box {
		display: grid;
		gap: var(--s-6);
		min-width: 0;
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr 1fr;
		gap: var(--s-6) var(--s-12);
		margin-top: var(--s-8);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
	}
	.again {
		display: grid;
		grid-template-columns: minmax(200px, 280px) auto minmax(0, 1fr);
		gap: var(--s-16);
		align-items: start;
	}
	.fields {
		display: grid;
		grid-template-columns: 150px 170px 130px 1fr;
		gap: 0 var(--s-16);
		align-items: start;
		margin-top: var(--s-8);
	}
	h2 {
		font-size: var(--type-head);
	}
	@media (max-width: 1000px) {
		.cols,
		.again,
		.fields {
			grid-template-columns: 1fr;
		}
	}
</style>
