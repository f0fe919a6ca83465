<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { pointGripped } from '$core/route/stations/mount/methods/point';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The collet is wiped, the shank pushed in as far as it was measured, the nut closed. */
	let { desk }: Props = $props();
	const held = $derived(pointGripped(desk.facts));
	const shank = $derived(quantity(desk.facts.wheel!.boreMm, 'mm', desk.facts.units));
</script>

{#if held}<p class="num big">{quantity(held.gripMm, 'mm', desk.facts.units)}</p>
	<p class="quiet">of the shank held in the collet</p>{/if}
<ol>
	<li>A collet for this very shank, {shank}: one that is near holds at one end only.</li>
	<li>Collet, nut and shank wiped. A shank that is bent or scored is thrown away, head and all.</li>
	<li>Push it in so far, close the nut by hand, then as the machine's instructions say.</li>
	<li>Turn it by hand: it runs free of everything, and the head does not wobble.</li>
</ol>
<ActionBar
	label="Collet is closed"
	onact={() => desk.record('mount', 'tighten', null, { done: true })}
	busy={desk.busy}
	disabled={!held}
/>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.1;
		margin-top: var(--s-12);
	}
	ol {
		margin: var(--s-10) 0;
		padding-left: var(--s-20);
		display: grid;
		gap: var(--s-6);
	}
</style>
