<script lang="ts">
	import type { SetupFacts } from '$core/facts/setup';
	import type { WheelFacts } from '$core/facts/wheel';
	import { requiredSpec } from '$core/route/stations/brief/steps';
	import { dressable, dressersFor, missingFor } from '$core/route/stations/dress/method';
	import { METHOD_WORDS } from '$core/route/stations/dress/words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	interface Props {
		facts: SetupFacts;
		wheel: WheelFacts;
	}
	/** Whether this shop can true and open the wheel that is picked, and which other bonds it could. */
	let { facts, wheel }: Props = $props();
	const ways = $derived(facts.stations.includes('dress') ? dressable({ ...facts, wheel }) : null);
	const missing = $derived(ways && !ways.output.best ? missingFor(ways).map((m) => METHOD_WORDS[m]) : null);
	const tools = $derived(
		[...dressersFor(facts, 'wire-edm'), ...dressersFor(facts, 'truing-wheel')].map((d) => d.code)
	);
	const hard = $derived(['diamond', 'cbn'].includes(requiredSpec(facts).family));
</script>

{#if missing}<Reasons
		reasons={[
			{
				code: 'no-method-available',
				severity: 'caution',
				message: `Nothing in this shop trues and opens wheel ${wheel.number}. Missing: ${missing.join(', or ')}.`
			}
		]}
	/>{/if}
{#if hard && tools.length}<p class="quiet">
		Metal and hybrid bonds serve too: {tools.join(' and ')} true and open them here.
	</p>{/if}
