<script lang="ts">
	import { faceStep } from '$core/route/stations/dress/methods/hand';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A face dressed by hand is judged afterwards, and the rest goes back before anything is ground. */
	let { desk, ondone }: Props = $props();
</script>

<StepForm {desk} anew step={faceStep} action="Face looked at" {ondone} />
