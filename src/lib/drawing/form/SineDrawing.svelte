<script lang="ts">
	import { fineQuantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		angleDeg: number;
		pinsMm: number;
		lowerMm: number;
		upperMm: number;
		units: System;
	}
	/** A sine dresser from the side: pins on their stacks, and the slide the diamond runs along, all at the angle that is set. */
	let { angleDeg, pinsMm, lowerMm, upperMm, units }: Props = $props();
	const FLOOR = 236;
	const k = $derived(Math.min(210 / pinsMm, 176 / Math.max(1, upperMm + pinsMm * 0.1)));
	const a = $derived((angleDeg * Math.PI) / 180);
	const PIN = 8;
	const [x0, y0] = $derived([60, FLOOR - lowerMm * k - PIN]);
	const [x1, y1] = $derived([x0 + pinsMm * k * Math.cos(a), y0 - pinsMm * k * Math.sin(a)]);
	/** The bar lies on both pins. */
	const up = $derived({ x: -Math.sin(a), y: -Math.cos(a) });
	const edge = (x: number, y: number, along: number, off: number): string =>
		`${x + along * Math.cos(a) + off * up.x} ${y - along * Math.sin(a) + off * up.y}`;
	const bar = $derived(
		`M${edge(x0, y0, -26, PIN)}L${edge(x1, y1, 26, PIN)}L${edge(x1, y1, 26, PIN + 26)}L${edge(x0, y0, -26, PIN + 26)}Z`
	);
	const q = (mm: number) => fineQuantity(mm, 'mm', units);
</script>

<svg
	viewBox="0 0 340 270"
	width="100%"
	role="img"
	aria-label="Sine dresser at {angleDeg.toFixed(3)} degrees: lower pin on {q(lowerMm)}, upper on {q(
		upperMm
	)}, pins {q(pinsMm)} apart"
>
	<rect x="8" y={FLOOR} width="324" height="12" fill="var(--track)" stroke="var(--edge)" />
	{#if lowerMm > 0}<rect
			x={x0 - 20}
			y={FLOOR - lowerMm * k}
			width="40"
			height={lowerMm * k}
			fill="var(--steel)"
		/>{/if}
	<rect x={x1 - 20} y={y1 + PIN} width="40" height={Math.max(0, FLOOR - y1 - PIN)} fill="var(--steel)" />
	<path d={bar} fill="var(--well)" stroke="var(--edge)" />
	<path
		d="M{edge(x0, y0, 10, PIN + 31)}L{edge(x1, y1, -10, PIN + 31)}"
		stroke="var(--act)"
		stroke-width="4"
	/>
	<circle cx={x0} cy={y0} r={PIN} fill="var(--ink)" /><circle cx={x1} cy={y1} r={PIN} fill="var(--ink)" />
	<path d="M{x0} {y0}h{Math.max(30, pinsMm * k * 0.5)}" stroke="var(--ink2)" stroke-dasharray="6 4" />
	<text x={x0 + Math.max(34, pinsMm * k * 0.5)} y={y0 + 4}>{angleDeg.toFixed(2)}°</text>
	<text x={x0 - 22} y={FLOOR + 28} class="b">{q(lowerMm)}</text>
	<text x={Math.min(300, x1)} y={FLOOR + 28} text-anchor="middle" class="b">{q(upperMm)}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.b {
		font: 700 13px var(--mono);
		fill: var(--ink);
	}
</style>
