<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import type { Verdict } from '$core/calculation/verdict';
	import type { System } from '$core/quantity/parse';
	import Strip from '$lib/drawing/Strip.svelte';

	interface Props {
		units: System;
		/** Where it is heavy is known, how much is not. */ directionOnly?: boolean;
		present: number | null;
		uncertain: number | null;
		expected: number | null;
		allowed: number;
		grade: number;
		rpm: number;
		/** As the present unbalance was found. */
		state: Verdict | null;
	}
	/** The unbalance against its tolerance: now, or what is expected after the move. */
	let {
		units,
		directionOnly = false,
		present,
		uncertain,
		expected,
		allowed,
		grade,
		rpm,
		state
	}: Props = $props();
	const value = $derived(expected !== null && expected < 5 * allowed ? expected : present);
	const after = $derived(expected !== null && expected < 5 * allowed);
	const q = (v: number) => quantity(v, 'gmm', units);
</script>

<p class="lab">Unbalance {after ? 'left after the move' : 'now'}</p>
<p class="num huge">
	{value === null ? (directionOnly ? '?' : '-') : figure(value, 'gmm', units)}
	<span
		>{units === 'mm' ? 'g·mm' : 'oz·in'}{directionOnly
			? ', amount not known yet'
			: after
				? ' expected'
				: uncertain !== null && present !== null
					? `, give or take ${figure(uncertain, 'gmm', units)}`
					: ''}</span
	>
</p>
<Strip
	{value}
	other={after ? present : null}
	state={after ? null : state}
	limit={allowed}
	label="Unbalance"
	show={(v) => figure(v, 'gmm', units)}
/>
<p class="quiet">Grade G {grade} at {quantity(rpm, 'rpm')}: {q(allowed)}.</p>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1;
	}
	.huge span {
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
</style>
