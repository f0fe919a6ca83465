<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { Evidence } from '$core/route/evidence';
	import { formOf } from '$core/route/stations/form/made';
	import { FORMING_METHODS } from '$core/route/stations/form/forming-method';
	import { quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import { partsOf } from './parts';

	interface Props {
		desk: SetupSession;
	}
	/** Putting a form on the wheel: its shape, the dresser set for it, its passes, and the coupon that proves it. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts)));
	const list = $derived(partsOf(form));
	const parts = new Parts<string>(desk, 'form', () => list);
	const sheet = $derived(list.find((p) => p.id === parts.open) ?? list[0]!);
	/** Fetched anew only when another sheet is opened, not whenever something was recorded. */
	const load = $derived(sheet.load);
	/** After it was dressed or another shape was kept the sheets begin anew. */
	const round = $derived(
		facts.records.findLast((r) => r.station === 'form' && ['shape', 'formed'].includes(r.step))?.id ?? 0
	);
</script>

<h1>Form</h1>
<p class="lead">
	{#if form}{form.name}, {FORMING_METHODS[form.way].words}{form.dresser ? ` ${form.dresser.code}` : ''},
		within {quantity(form.toleranceUm, 'um', facts.units)}.{:else}The wheel’s face, cut through. The part is
		its mirror below.{/if}
</p>
<PartTabs {parts} of="forming" />
{#key `${parts.open}-${round}`}<Lazy {load} given={{ desk, ondone: parts.onward }} />{/key}
