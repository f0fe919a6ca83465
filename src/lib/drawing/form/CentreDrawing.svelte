<script lang="ts">
	import { fineQuantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		diameterMm: number;
		/** Past centre is plus; null while it is not known. */
		offsetMm: number | null;
		clockwise: boolean;
		bad: boolean;
		units: System;
	}
	/** The lowest of the wheel seen along its axis, the tip beneath it: on centre, past it, or on the side where the rim enters. */
	let { diameterMm, offsetMm, clockwise, bad, units }: Props = $props();
	const [W, TOP] = [420, 44];
	/** Units for a millimetre: the offset is what is looked at. */
	const k = $derived(Math.min(36, 130 / Math.max(1, Math.abs(offsetMm ?? 0))));
	const R = $derived((diameterMm / 2) * k);
	/** Clockwise, the lowest of the rim runs to the left: that is where it leaves. */
	const leaves = $derived(clockwise ? -1 : 1);
	const x = $derived(W / 2 + leaves * (offsetMm ?? 0) * k);
	const rim = (at: number) => TOP + 60 - (R - Math.sqrt(Math.max(0, R * R - at * at)));
	const said = $derived(
		offsetMm === null
			? 'Where the tip stands is not known yet'
			: offsetMm === 0
				? 'Tip on centre'
				: `Tip ${fineQuantity(Math.abs(offsetMm), 'mm', units)} ${offsetMm > 0 ? 'past centre, on the leaving side' : 'before centre, on the entering side'}`
	);
	const arc = $derived(
		Array.from({ length: 41 }, (_, i) => {
			const at = -W / 2 + (i * W) / 40;
			return `${i ? 'L' : 'M'}${(W / 2 + at).toFixed(1)} ${rim(at).toFixed(1)}`;
		}).join('')
	);
</script>

<svg viewBox="0 0 {W} 190" width="100%" role="img" aria-label={said}>
	<path d="{arc}L{W} 0L0 0Z" fill="var(--well)" />
	<rect x={leaves > 0 ? 0 : W / 2} y="0" width={W / 2} height="190" fill="var(--stop-soft)" opacity="0.5" />
	<path d={arc} fill="none" stroke="var(--ink)" stroke-width="2.2" />
	<path d="M{W / 2} 8V184" stroke="var(--ink2)" stroke-dasharray="8 4 2 4" />
	<path
		d="M{W / 2 - leaves * 46} 26H{W / 2 + leaves * 46}m{-leaves * 10} -6l{leaves * 10} 6l{-leaves * 10} 6"
		fill="none"
		stroke="var(--act)"
		stroke-width="2"
	/>
	<text x={W / 2 + leaves * (W / 4)} y="182" text-anchor="middle">leaving side</text>
	<text x={W / 2 - leaves * (W / 4)} y="182" text-anchor="middle">entering side: never</text>
	{#if offsetMm !== null}<path
			d="M{x} {rim(x - W / 2)}l-13 34v40h26v-40Z"
			fill={bad ? 'var(--stop)' : 'var(--edge)'}
		/>{#if offsetMm !== 0}<path d="M{W / 2} 160H{x}" stroke="var(--ink)" /><text
				x={(x + W / 2) / 2}
				y="154"
				text-anchor="middle"
				class="dim">{fineQuantity(Math.abs(offsetMm), 'mm', units)}</text
			>{/if}{/if}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.dim {
		font: 600 13px var(--mono);
		fill: var(--ink);
	}
</style>
