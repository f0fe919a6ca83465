<script lang="ts">
	import type { OutputField } from '$core/calculation/define';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import ResultValue from '$lib/ui/feedback/ResultValue.svelte';

	interface Props {
		outputs: readonly OutputField[];
		output: Record<string, unknown>;
		system: System;
	}
	/** What came out: the decisive figure large, the rest as a list. */
	let { outputs, output, system }: Props = $props();
	const at = (path: string) =>
		path.split('.').reduce<unknown>((v, k) => (v as Record<string, unknown> | null)?.[k], output);
	const main = $derived(outputs.find((o) => o.main));
	const value = $derived(main ? at(main.name) : undefined);
	const big = $derived(
		typeof value === 'number'
			? (main!.fine ? fineQuantity : quantity)(value, main!.unit, system)
			: typeof value === 'string' && value !== ''
				? value
				: typeof value === 'boolean'
					? value
						? 'yes'
						: 'no'
					: null
	);
	const rest = $derived(outputs.filter((o) => big === null || o !== main));
</script>

{#if main && big !== null}<div>
		<p class="quiet">{main.about}</p>
		<p class="num big" class:long={big.length > 16}>{big}</p>
	</div>{/if}
<dl>
	{#each rest as o (o.name)}<div>
			<dt>{o.about}</dt>
			<dd><ResultValue value={at(o.name)} unit={o.unit} fine={o.fine} {system} /></dd>
		</div>{/each}
</dl>

<style>
	.big {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
		overflow-wrap: anywhere;
	}
	.long {
		font-size: var(--type-figure);
	}
	dl > div {
		display: grid;
		grid-template-columns: minmax(110px, 0.8fr) 1fr;
		gap: var(--s-14);
		padding: var(--s-6) 0;
		border-top: 1px solid var(--rule);
	}
	dt {
		color: var(--ink2);
		font-size: var(--type-label);
	}
	dd {
		text-align: right;
		min-width: 0;
	}
</style>
