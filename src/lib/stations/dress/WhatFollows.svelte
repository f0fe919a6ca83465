<script lang="ts">
	import type { OutputOf } from '$core/calculation/define';
	import { dressPlan } from '$core/dress/plan';
	import type { singlePoint } from '$core/dress/single-point';
	import { figure, quantity } from '$core/quantity/format';
	import type { settingsStep } from '$core/route/stations/dress/steps';
	import { type Computed, outputOf } from '$core/route/step';
	import { naturalRaUm } from '$core/spec/natural-finish';
	import type { Desk } from '$lib/desk/desk.svelte';
	import type { Preview } from '$lib/desk/preview';
	import RidgeDrawing from '$lib/drawing/RidgeDrawing.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';

	interface Props {
		desk: Desk;
		part: 'position' | 'settings' | 'done';
		settings: Entry<typeof settingsStep.fields>;
		set: Preview<OutputOf<typeof singlePoint>>;
		/** What the main action records. */
		entry: Entry;
		computed: readonly Computed[];
		even: boolean;
		ondone: () => void;
	}
	/** What the settings leave on the wheel and of the wheel, and the action of the open part. */
	let { desk, part, settings, set, entry, computed, even, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const point = $derived(part === 'settings' ? set.main : null);
	const plan = $derived(outputOf(set.result, dressPlan));
	const grain = $derived(f.wheel?.gritMeanUm ?? null);
	const LABELS = $derived({
		position: 'Diamond stands here',
		settings: 'Set like this',
		done: even ? 'Dressed, sounds even' : 'Dressed, not even'
	});
	/** Sets the traverse to the lead that gives this kind of dress. */
	function aim(leadUm: number | undefined) {
		if (!leadUm) return;
		settings.set('traverseMmPerMin', figure((leadUm * f.machine.spindleRpm) / 1000, 'mm/min', f.units));
	}
	async function act() {
		if (await desk.record('dress', part, entry)) ondone();
	}
</script>

{#if point}
	<div class="low">
		<section>
			<h3>What the diamond leaves on the wheel</h3>
			<RidgeDrawing
				leadUm={point.leadUm}
				activeUm={point.overlap.activeWidthUm}
				depthUm={settings.result.values.depthUm ?? 0}
				tipUm={f.dresser?.tipRadiusUm ?? null}
				ridgeUm={point.overlap.scallopHeightUm}
			/>
		</section>
		<section>
			<h3>What follows</h3>
			<p class="num mid">{plan?.dressesLeft ?? '-'} <span>such dresses left</span></p>
			<p class="quiet">
				{grain === null
					? ''
					: `This grit gives about Ra ${naturalRaUm(grain).toFixed(2)} ± 30 % when dressed sharp; ${f.brief.targetRaUm} asked.`}
				Runs {quantity(point.surfaceSpeedMps, 'm/s', f.units)}.
			</p>
		</section>
	</div>
{/if}
<ActionBar label={LABELS[part]} onact={act} busy={desk.busy}>
	{#if point}
		<button class="btn" onclick={() => aim(point.overlap.leads.finishUm)}>Finer finish</button>
		<button class="btn" onclick={() => aim(point.overlap.leads.roughUm)}>Cooler cut</button>
	{/if}
	{#snippet aside()}<ShowWorking {computed} system={f.units} />{/snippet}
</ActionBar>

<style>
	.low {
		display: grid;
		grid-template-columns: 1fr 320px;
		gap: var(--s-20);
		margin: 0 0 var(--s-4);
	}
	.mid {
		font-size: var(--type-figure);
		font-weight: 700;
	}
	.mid span {
		font: 500 var(--type-label) var(--text);
		color: var(--ink2);
	}
	@media (max-width: 1000px) {
		.low {
			grid-template-columns: 1fr;
		}
	}
</style>
