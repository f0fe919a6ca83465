<script lang="ts">
	import type { SetupFacts } from '$core/facts/setup';
	import { massNowKg } from '$core/route/wheel-size';
	import { mountLifting } from '$core/mount/lifting';
	import { quantity } from '$core/quantity/format';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	interface Props {
		facts: SetupFacts;
	}
	/** May it be lifted by hand: the wheel and its mount, held at arm's length into the guard. */
	let { facts }: Props = $props();
	const REACH_MM = 400,
		HEIGHT_MM = 1000;
	const massKg = $derived(massNowKg(facts.wheel!) + (facts.mount?.massKg ?? 0));
	const by = (method: 'hand' | 'two-person') =>
		mountLifting.run({ massKg, method, reachMm: REACH_MM, handHeightMm: HEIGHT_MM, grip: 'fair' });
	const one = $derived(by('hand'));
	const two = $derived(by('two-person'));
</script>

<p class="lift">
	<VerdictMark
		state={one.verdict === 'stop' ? (two.verdict === 'stop' ? 'stop' : 'caution') : one.verdict}
		size={18}
		label=""
	/><span
		>Wheel and mount weigh <b class="num">{quantity(massKg, 'kg', facts.units)}</b>. {one.verdict !== 'stop'
			? `One person may lift ${quantity(one.allowedKg, 'kg', facts.units)} into the guard.`
			: two.verdict !== 'stop'
				? `More than one person should lift into the guard, ${quantity(one.allowedKg, 'kg', facts.units)}: by two, or the hoist.`
				: `Use the hoist: two may lift ${quantity(two.allowedKg, 'kg', facts.units)}.`}</span
	>
</p>

<style>
	.lift {
		display: flex;
		gap: var(--s-8);
		align-items: start;
		font-size: var(--type-small);
		color: var(--ink2);
		margin-bottom: var(--s-6);
	}
	b {
		color: var(--ink);
	}
</style>
