<script lang="ts">
	import type { OutputOf } from '$core/calculation/define';
	import type { mountPack } from '$core/mount/pack';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	interface Props {
		pack: OutputOf<typeof mountPack>;
		units: System;
	}
	/** What the stack comes to: how fast it may turn and why, how long it is, whether somebody stands for it. */
	let { pack, units }: Props = $props();
	const q = (v: number, u: 'mm' | 'rpm') => quantity(v, u, units);
</script>

<div class="facts">
	<p>
		<b class="num big">{q(Math.floor(pack.maxSpeedRpm), 'rpm')}</b> at most, because of {pack.limitedBy}.
	</p>
	<p>
		Stack <b class="num">{q(pack.stackLengthMm, 'mm')}</b>, nut holds on
		<b class="num">{q(pack.nutEngagementMm, 'mm')}</b>. {pack.qualified
			? 'Stood for as it is now.'
			: 'Not stood for.'}
	</p>
	<Reasons reasons={pack.reasons} most={2} />
</div>

<style>
	.facts {
		display: grid;
		gap: var(--s-6);
		margin-bottom: var(--s-8);
	}
	.facts b {
		font-size: var(--type-title);
	}
	.facts .big {
		font-size: var(--type-large);
	}
</style>
