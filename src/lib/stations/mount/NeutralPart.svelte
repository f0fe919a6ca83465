<script lang="ts">
	import { neutralAnglesDeg, neutralStep } from '$core/route/stations/mount/neutral';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import WeightFace from '$lib/drawing/WeightFace.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Where the weights cancel each other; this route never balances, the finish decides whether that is enough. */
	let { desk, ondone }: Props = $props();
	const m = $derived(desk.facts.mount!);
	const at = $derived(neutralAnglesDeg(m.weightCount));
</script>

<p class="quiet">
	This route does not balance. The weights stand at {at.map((a) => `${Math.round(a)}°`).join(', ')} from the mark,
	where they cancel each other; the finish of the trial cut says whether that is enough. For small wheels only.
</p>
<StepForm {desk} step={neutralStep} action="Weights stand so" {ondone}>
	{#snippet drawing()}<WeightFace
			heavyDeg={null}
			from={at}
			to={at}
			masses={at.map(() => m.weightMassG ?? 0)}
			forbidden={[]}
			marks={[]}
			belief={null}
		/>{/snippet}
</StepForm>
