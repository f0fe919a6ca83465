<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import type { SetupFacts } from '$core/facts/setup';
	import type { WheelFacts } from '$core/facts/wheel';
	import { limitRpm, shownLimit } from '$core/spec/limit-rpm';
	import { naturalRaUm } from '$core/spec/natural-finish';
	import Strip from '$lib/drawing/Strip.svelte';
	import WheelSection from '$lib/drawing/WheelSection.svelte';

	interface Props {
		facts: SetupFacts;
		wheel: WheelFacts;
	}
	/** The wheel that is looked at: cut through, its speed on this spindle, the finish its grit gives. */
	let { facts: f, wheel }: Props = $props();
	const { f: ra, sign } = useUnits();
	const limit = $derived(limitRpm(wheel));
	const natural = $derived(wheel.gritMeanUm ? naturalRaUm(wheel.gritMeanUm) : null);
</script>

<div class="foot">
	<section aria-label="Wheel cut through">
		<h3>Wheel {wheel.number}, cut through</h3>
		<WheelSection {wheel} flangeMm={f.mount?.flangeMm ?? null} />
	</section>
	<section>
		<h3>Speed on this spindle</h3>
		{#if limit !== null}<Strip
				value={f.machine.spindleRpm}
				{limit}
				label="Spindle speed"
				unit="rpm"
				show={(v) => (v === limit ? shownLimit(v) : v).toFixed(0)}
			/>{/if}
		{#if natural !== null}<h3>Finish this grit gives, dressed sharp</h3>
			<Strip
				value={natural}
				limit={f.brief.targetRaUm}
				label="Natural finish"
				unit="{sign('um-Ra')}, ± 30 %"
				show={(v) => ra(v, 'um-Ra')}
			/>{/if}
	</section>
</div>

<style>
	.foot {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-28);
		margin: var(--s-4) 0 var(--s-8);
	}
	h3 {
		margin: var(--s-2) 0 var(--s-4);
	}
	@media (max-width: 900px) {
		.foot {
			grid-template-columns: 1fr;
		}
	}
</style>
