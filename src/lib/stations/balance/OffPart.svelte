<script lang="ts">
	import { offStep } from '$core/route/stations/balance/off-and-back';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import LiftNote from '$lib/desk/LiftNote.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import TaperDrawing from '$lib/drawing/TaperDrawing.svelte';
	import { LIFT_WORDS, hoistAsked } from './lift-words';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The whole assembly over to the stand: nothing turns any more, and no grit tilts it on its arbor. */
	let { desk, ondone }: Props = $props();
</script>

<p class="quiet">
	Wheel and flange come over together. Wait until it stands, lock the power off, then lift. The machine's own
	instructions come first.
</p>
<LiftNote facts={desk.facts} />
<StepForm
	{desk}
	step={offStep}
	action="It lies on the stand"
	words={LIFT_WORDS}
	asked={hoistAsked}
	anew
	{ondone}
>
	{#snippet drawing()}<TaperDrawing on="arbor" />{/snippet}
</StepForm>
