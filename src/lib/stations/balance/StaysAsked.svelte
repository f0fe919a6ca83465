<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { measuredOver } from '$core/route/stations/balance/stays';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';

	interface Props {
		entry: Entry;
		measured: NonNullable<ReturnType<typeof measuredOver>>;
		units: System;
		onback: () => void;
	}
	/** It rests everywhere, and was measured over the limit: one of the two is not so. */
	let { entry, measured, units, onback }: Props = $props();
</script>

<section aria-label="What was changed">
	<p>
		Measured <b class="num">{quantity(Number(measured.input.unbalanceGmm), 'gmm', units)}</b>, limit
		<b class="num">{quantity(measured.output.permissibleGmm, 'gmm', units)}</b>, and nothing was done since. A
		stand that sticks lets every wheel rest. What was changed?
	</p>
	<TextField {entry} name="changed" autofocus />
	<button class="btn" onclick={onback}>Nothing: the measurement is true</button>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
		justify-items: start;
		border-left: 4px solid var(--caution);
		padding: var(--s-8) var(--s-12);
	}
</style>
