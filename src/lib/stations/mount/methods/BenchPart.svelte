<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { benchStep } from '$core/route/stations/mount/methods/bench';
	import BenchGrinderDrawing from '$lib/drawing/BenchGrinderDrawing.svelte';
	import { found } from '$lib/drawing/found';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Rest and guards of a bench grinder. */
	let { desk, ondone }: Props = $props();
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
	const gap = (v: unknown) => (typeof v === 'number' ? quantity(v, 'mm', desk.facts.units) : 'not measured');
</script>

<p class="quiet">Wheel still and locked. Work that is pulled into a wide gap breaks the wheel.</p>
<StepForm {desk} step={benchStep} action="Rest and guards are set" {ondone}
	>{#snippet drawing(out, v)}<BenchGrinderDrawing
			restGapMm={num(v.restGapMm)}
			tongueGapMm={num(v.tongueGapMm)}
			rest={found(out, 'rest-gap')}
			tongue={found(out, 'tongue-gap')}
			atCentre={typeof v.restAtCentre === 'boolean' ? v.restAtCentre : null}
			words="Rest {gap(v.restGapMm)}, tongue {gap(v.tongueGapMm)}."
		/>{/snippet}</StepForm
>
