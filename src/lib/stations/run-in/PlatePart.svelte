<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { turningLimit } from '$core/route/stations/mount/turning';
	import { plateStep } from '$core/route/stations/run-in/plate';
	import { shownLimit } from '$core/spec/limit-rpm';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import Decisive from '$lib/ui/feedback/Decisive.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** No tachometer: the motor's own plate bounds the speed of a wheel on its shaft. Both questions are asked at every run-in. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, plateStep, { anew: true });
	const p = $derived(preview(plateStep, facts, null, { unchanged: true, noInverter: true }));
	const limit = $derived(turningLimit(facts)?.rpm ?? 0);
</script>

<div class="plate">
	<Decisive what="Turns at most" figure={p.main ? quantity(p.main.synchronousRpm, 'rpm') : '-'} />
	<p class="quiet">
		{facts.machine.code}: {quantity(facts.machine.plateRpm, 'rpm')} on the plate at {facts.machine.mainsHz} Hz.
		It never turns faster than its field; the wheel may turn {quantity(shownLimit(limit), 'rpm')}.
	</p>
	{#if p.main}<Reasons reasons={p.main.reasons} />{/if}
	<div class="asked"><YesNo {entry} name="unchanged" /><YesNo {entry} name="noInverter" /></div>
	<button class="btn" onclick={() => desk.record('run-in', 'plate', entry)} disabled={desk.busy}
		>Take it from the plate</button
	>
</div>

<style>
	.plate {
		display: grid;
		gap: var(--s-8);
		padding: var(--s-8) 0;
	}
	.asked {
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-24);
	}
	.btn {
		justify-self: start;
	}
</style>
