<script lang="ts">
	import { backStep } from '$core/route/stations/balance/off-and-back';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import LiftNote from '$lib/desk/LiftNote.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import TaperDrawing from '$lib/drawing/TaperDrawing.svelte';
	import { LIFT_WORDS, hoistAsked } from './lift-words';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Back on the spindle, clean and drawn tight. */
	let { desk, ondone }: Props = $props();
</script>

<p class="quiet">The way it came off. A speck on the taper throws it out of true and of balance again.</p>
<LiftNote facts={desk.facts} />
<StepForm
	{desk}
	step={backStep}
	action="It is back, drawn tight"
	words={LIFT_WORDS}
	asked={hoistAsked}
	anew
	{ondone}
>
	{#snippet drawing()}<TaperDrawing on="spindle" />{/snippet}
</StepForm>
