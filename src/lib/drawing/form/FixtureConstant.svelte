<script lang="ts">
	import { fineQuantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		/** From the base it stands on; else from the face the blocks stand on. */
		gauge: boolean;
		mm: number | null;
		units: System;
	}
	/** Which length the constant of a radius dresser is: from where, up to the centre of its swing. */
	let { gauge, mm, units }: Props = $props();
	const [BASE, FACE, CENTRE] = [92, 68, 26];
	const from = $derived(gauge ? BASE : FACE);
	const says = $derived(
		`${gauge ? 'From the base' : 'From the face the blocks stand on'} up to the centre of the swing${mm === null ? '' : `: ${fineQuantity(mm, 'mm', units)}`}`
	);
</script>

<svg viewBox="0 0 200 104" role="img" aria-label={says}>
	<path d="M14 {BASE}H186" stroke="var(--ink)" stroke-width="3" />
	<path d="M30 {BASE}V{FACE}H96V{CENTRE + 12}H70V{CENTRE - 14}H130V{CENTRE + 12}H110V{BASE}Z" class="body" />
	<circle cx="100" cy={CENTRE} r="4" fill="none" stroke="var(--ink)" stroke-width="1.5" />
	<path d="M88 {CENTRE}H158M100 {CENTRE - 12}V{CENTRE + 12}" class="axis" />
	<path d="M{gauge ? 120 : 40} {from}H158" class="axis" />
	<path d="M150 {from - 1}V{CENTRE + 1}" stroke="var(--act)" stroke-width="2" />
	<path d="M150 {CENTRE}l-4 8h8zM150 {from}l-4 -8h8z" fill="var(--act)" />
	<text x="158" y={(from + CENTRE) / 2 + 4}>{mm === null ? '?' : fineQuantity(mm, 'mm', units)}</text>
	<text x="20" y="102">{gauge ? 'base' : 'face'} to centre</text>
</svg>

<style>
	svg {
		width: 100%;
		max-width: 220px;
		overflow: visible;
	}
	.body {
		fill: var(--well);
		stroke: var(--ink2);
		stroke-width: 1.2;
	}
	.axis {
		stroke: var(--ink2);
		stroke-width: 1;
		stroke-dasharray: 6 2 1 2;
	}
	text {
		font: 500 12px var(--mono);
		fill: var(--ink);
	}
</style>
