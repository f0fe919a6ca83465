<script lang="ts">
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { quantity } from '$core/quantity/format';
	import { pressEffort } from '$core/dress/stand-ins/press-effort';
	import { stickStep } from '$core/route/stations/dress/methods/stick';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import PressChart from '$lib/drawing/dress/PressChart.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The stick pressed in: effort press by press, until it almost falls in and the wheel is open. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, stickStep, { anew: true });
	const p = $derived(preview(stickStep, facts, entry));
	const out = $derived(p.main);
	const forces = $derived(entry.result.values.pressForcesN ?? []);
	const STATES: Record<string, [string, string]> = {
		unknown: ['not known', 'three presses tell'],
		glazed: ['glazed', 'press on: it feeds hard'],
		opening: ['opening', 'press on until it almost falls in'],
		open: ['open', 'grain stands proud']
	};
	const [state, means] = $derived(STATES[out?.openState ?? 'unknown']!);
	/** The press gauge of the trainer, for those who have none at the machine: the same for this setup every time. */
	function press() {
		const list = (entry.typed.pressForcesN ?? []) as string[];
		const n = pressEffort(list.length, { firstN: 48, openN: 11, seed: 1000 * facts.id });
		entry.set('pressForcesN', [...list, '']);
		entry.fillOne(`pressForcesN.${list.length}`, Math.round(n));
	}
</script>

<SettingSheet
	{desk}
	step={stickStep}
	{entry}
	{p}
	what="The wheel is"
	figure={state}
	{means}
	action={out?.openState === 'open' ? 'Opened' : 'Book the presses'}
	later={['protrusionPercent', 'stickRatio', 'concentrationPercent']}
	labels={{ pressForcesN: 'Effort of each press, one after the other' }}
	{ondone}
>
	{#snippet drawing()}<PressChart forcesN={forces} units={facts.units} />{/snippet}
	{#snippet follows(o)}<p>
			About {quantity(o.stickLengthMm, 'mm', facts.units)} of stick goes into it; grain then stands {quantity(
				o.protrusionUm,
				'um',
				facts.units
			)} proud. The form stays as it is.
		</p>
		<p class="quiet">
			Pressed from a rest or fixture where it cannot be pulled in, never from the hand alone. The wheel's own
			instructions come first.
		</p>{/snippet}
	{#snippet quick()}<Simulated><button class="btn" onclick={press}>Press of the stand-in</button></Simulated
		>{/snippet}
</SettingSheet>
