<script lang="ts">
	import { untrack } from 'svelte';
	import { touchOff } from '$core/prove/touch-off';
	import { duration } from '$core/quantity/format';
	import { Evidence, partOf } from '$core/route/evidence';
	import { isCreepFeed, touchStep, trialStep } from '$core/route/stations/prove/trial';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import { useUnits } from '$lib/ui/use-units';
	import Fold from '$lib/ui/layout/Fold.svelte';
	import CreepPart from './CreepPart.svelte';
	import OursSpringBack from './OursSpringBack.svelte';
	import PassTicks from './PassTicks.svelte';
	import SparkOutRead from './SparkOutRead.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** From the first touch to a ground trial: zero on the dial, then pass by pass; or the plan of one deep cut. */
	let { desk, ondone }: Props = $props();
	const { q, told } = useUnits();
	const facts = $derived(desk.facts);
	const touched = $derived(partOf(Evidence.of(facts).step(touchStep), touchOff));
	let again = $state(false);
	const entry = stepEntry(desk, trialStep, {
		forget: ['passesDone'],
		start: untrack(() => ({
			stockUm: facts.brief.stockMm === null ? undefined : 1000 * facts.brief.stockMm,
			roughInfeedUm: facts.brief.depthUm ?? 10,
			tableSpeedMPerMin: facts.brief.workSpeedMps === null ? 15 : 60 * facts.brief.workSpeedMps
		}))
	});
	const p = $derived(preview(trialStep, facts, entry));
	const ASKED = [
		'stockUm',
		'roughInfeedUm',
		'finishInfeedUm',
		'finishStockUm',
		'workLengthMm',
		'workWidthMm',
		'tableSpeedMPerMin',
		'sparkOutPasses'
	];
	const main = trialStep.fields.filter((x) => ASKED.includes(x.name));
	const more = trialStep.fields.filter((x) => !ASKED.includes(x.name) && x.name !== 'passesDone');
	const done = $derived(Number(entry.result.values.passesDone ?? 0));
	async function book() {
		if (await desk.record('prove', 'trial', entry)) ondone();
	}
</script>

{#if isCreepFeed(facts)}<CreepPart {desk} {ondone} />
{:else if !touched || again}
	<p class="quiet">Paper stuck wet to the work, wheel stopped; or the first spark, guard shut.</p>
	<StepForm
		{desk}
		step={touchStep}
		action="Touched here"
		anew={again}
		forget={['wheelRunning']}
		start={{ dialReads: facts.machine.dialReads, stockUm: entry.result.values.stockUm }}
		ondone={() => (again = false)}
	>
		{#snippet drawing(out)}<p class="lab">Zero on the dial</p>
			<p class="num big" role="status">{out ? q(out.zeroReadingMm, 'mm') : '-'}</p>
			{#if out}<p>Begin at <b class="num">{q(out.startReadingMm, 'mm')}</b></p>
				<p>Stock is gone at <b class="num">{q(out.finishReadingMm, 'mm')}</b></p>{/if}{/snippet}
	</StepForm>
{:else}
	<p class="quiet">
		Zero on the dial {q(touched.output.zeroReadingMm, 'mm')}; begin at
		<b class="num">{q(touched.output.startReadingMm, 'mm')}</b>.
		<button class="link" onclick={() => (again = true)}>Touch again</button>
	</p>
	<div class="cols">
		<div>
			<div class="form">
				{#each main as field (field.name)}<FieldInput {entry} {field} />{/each}
			</div>
			<details>
				<summary>More</summary>
				<div class="form">
					{#each more as field (field.name)}<FieldInput {entry} {field} />{/each}
				</div>
			</details>
			<OursSpringBack
				tauS={desk.ours?.tauS ?? null}
				passTimeS={p.main?.passTimeS ?? null}
				ontake={(share) => entry.set('lag', share.toFixed(3))}
			/>
			{#if p.main}<Reasons reasons={p.main.reasons} />{:else if p.fault && p.fault.code !== 'missing'}<p
					class="fault"
				>
					{told(p.fault.message)}
				</p>{/if}
		</div>
		<div>
			{#if p.main}
				<p class="num big">{duration(p.main.timeS)}</p>
				<p class="quiet">
					{p.main.passCount} passes of {p.main.strokesPerPass}
					{p.main.strokesPerPass === 1 ? 'stroke' : 'strokes'}; {q(p.main.residualUm, 'um')} left behind at the
					end.
				</p>
				<PassTicks passes={p.main.passes} {done} onset={(n) => entry.set('passesDone', String(n))} />
			{:else}<p class="quiet">Stock and sizes: then the passes stand here, each with its tick.</p>{/if}
		</div>
	</div>
	<Fold title="How quickly it springs back, read while it sparks out"><SparkOutRead {desk} /></Fold>
	<ActionBar label="Trial is ground" onact={book} busy={desk.busy} disabled={!p.main}
		>{#snippet aside()}<ShowWorking computed={p.computed} system={facts.units} />{/snippet}</ActionBar
	>
{/if}

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 300px;
		gap: var(--s-20);
		margin: var(--s-10) 0;
		align-items: start;
	}
	.form {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
		gap: var(--s-8) var(--s-12);
	}
	summary {
		cursor: pointer;
		font-weight: 600;
		min-height: 34px;
		padding-top: var(--s-6);
	}
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
