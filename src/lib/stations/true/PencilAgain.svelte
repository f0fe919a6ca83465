<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { Verdict } from '$core/calculation/verdict';
	import type { System } from '$core/quantity/parse';
	import Strip from '$lib/drawing/Strip.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';

	interface Props {
		entry: Entry;
		found: { tirUm: number; verdict: Verdict } | null;
		limit: number;
		units: System;
	}
	/** The pencil brought up again after truing: where the line begins and ends, and the run-out it tells. */
	let { entry, found, limit, units }: Props = $props();
</script>

<div class="line">
	<div class="fields">
		<QuantityField {entry} name="fromAngleDeg" /><QuantityField {entry} name="toAngleDeg" /><QuantityField
			{entry}
			name="advanceUm"
		/>
	</div>
	<div>
		<p class="num big">{quantity(found?.tirUm ?? null, 'um', units)}</p>
		<Strip
			value={found?.tirUm ?? null}
			{limit}
			state={found?.verdict ?? null}
			label="Run-out"
			show={(x) => quantity(x, 'um', units)}
		/>
	</div>
</div>

<style>
	.line {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-24);
	}
	.fields {
		display: grid;
		gap: var(--s-6);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
	}
	@media (max-width: 900px) {
		.line {
			grid-template-columns: 1fr;
		}
	}
</style>
