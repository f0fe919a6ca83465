<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import RepeatStrip from '$lib/drawing/dress/RepeatStrip.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		desk: SetupSession;
		entry: Entry;
		/** Field that the rpm goes into. */
		field: string;
		ratio: number;
		near: string | null;
		clear: number | null;
	}
	/** Do the same points meet again? Where they do, the rpm at which they do not, ready to be taken. */
	let { desk, entry, field, ratio, near, clear }: Props = $props();
	const rpm = $derived(clear === null ? null : Math.round(clear * desk.facts.machine.spindleRpm));
</script>

<section>
	<h3>Do the same points meet again?</h3>
	<p class:warn={near !== null}>
		<b>{ratio.toFixed(3)}</b> roll turns a wheel turn: {near
			? `too near ${near.replace('/', ' to ')}`
			: 'nothing repeats within 4 turns'}
	</p>
	<RepeatStrip {ratio} {near} />
	{#if near && rpm !== null}<p>
			<button class="link" onclick={() => entry.fillOne(field, rpm)}
				>Take {quantity(rpm, 'rpm', desk.facts.units)}</button
			>: nothing repeats within 4 turns.
		</p>{/if}
</section>

<style>
	.warn {
		color: var(--caution);
		font-weight: 650;
	}
</style>
