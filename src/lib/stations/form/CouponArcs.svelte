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
	/** Each arc of the form with the radius that came out. */
	let { arcs, units }: Props = $props();
	const q = (mm: number | null) => fineQuantity(mm, 'mm', units);
	const off = (mm: number) => `${mm > 0 ? '+' : ''}${quantity(1000 * mm, 'um', units)}`;
	const MOST = 8;
</script>

{#if arcs.length}<table>
		<thead
			><tr
				><th scope="col">Arc</th><th scope="col">Wanted</th><th scope="col">Came out</th><th scope="col"
					>Off by</th
				></tr
			></thead
		>
		<tbody
			>{#each arcs.slice(0, MOST) as a (a.index)}<tr
					><td>{a.index + 1}</td><td>{q(a.nominalRadiusMm)}</td><td
						>{a.radiusMm === null ? `too few points, ${a.pointCount}` : q(a.radiusMm)}</td
					><td>{a.errorMm === null ? '-' : off(a.errorMm)}</td></tr
				>{/each}</tbody
		>
	</table>
	{#if arcs.length > MOST}<p class="quiet">and {arcs.length - MOST} more</p>{/if}{/if}

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
		padding: 2px var(--s-16) 2px 0;
	}
	td {
		font-family: var(--mono);
		white-space: nowrap;
	}
</style>
