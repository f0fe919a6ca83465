<script lang="ts">
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		arcs: readonly {
			index: number;
			nominalRadiusMm: number;
			radiusMm: number | null;
			errorMm: number | null;
			pointCount: number;
		}[];
		units: System;
	}
	/** Arcs of the form with the radius that came out, the worst first. */
	let { arcs, units }: Props = $props();
	const q = (mm: number | null) => fineQuantity(mm, 'mm', units);
	const off = (mm: number) => `${mm > 0 ? '+' : ''}${quantity(1000 * mm, 'um', units)}`;
	const MAX = 8;
	const told = $derived(
		arcs.filter((a) => a.errorMm !== null).sort((a, b) => Math.abs(b.errorMm ?? 0) - Math.abs(a.errorMm ?? 0))
	);
	const silent = $derived(arcs.length - told.length);
</script>

{#if told.length}<table>
		<thead
			><tr
				><th scope="col">Arc</th><th scope="col">Wanted</th><th scope="col">Came out</th><th scope="col"
					>Off by</th
				></tr
			></thead
		>
		<tbody
			>{#each told.slice(0, MAX) as a, at (at)}<tr
					><td>{a.index + 1}</td><td>{q(a.nominalRadiusMm)}</td><td>{q(a.radiusMm)}</td><td
						>{off(a.errorMm ?? 0)}</td
					></tr
				>{/each}</tbody
		>
	</table>{/if}
{#if silent || told.length > MAX}<p class="quiet">
		{told.length > MAX ? `${told.length - MAX} more are nearer to what was wanted. ` : ''}{silent
			? `${silent} of ${arcs.length} arcs have too few points to tell their radius.`
			: ''}
	</p>{/if}

<style>
	table {
		border-collapse: collapse;
		font-size: var(--type-small);
	}
	th {
		text-align: left;
		color: var(--ink2);
		font-weight: 600;
	}
	td,
	th {
		padding: 2px var(--s-10) 2px 0;
	}
	td {
		font-family: var(--mono);
		white-space: nowrap;
	}
</style>
