<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { arcPath, polar, toneOf } from './polar';

	interface Props {
		setup: string;
		rotation: 'clockwise' | 'counter-clockwise';
		motion: string;
		family: string | null;
		diameterMm: number;
		offsetMm: number | null;
		dragDeg: number;
		min: number;
		max: number;
		stop: boolean;
		units: System;
	}
	/** Front view: which way the wheel turns, where the diamond stands, how it leans, and the side it must never be on. */
	let { setup, rotation, motion, family, diameterMm, offsetMm, dragDeg, min, max, stop, units }: Props =
		$props();
	const CY = 110,
		R = 118;
	const t = $derived(toneOf(family));
	const cw = $derived(rotation === 'clockwise');
	const below = $derived(setup !== 'cylindrical-side');
	/** A diamond at the side needs room beside the wheel, one beneath it room on both sides. */
	const CX = $derived(below ? 180 : 130);
	const leaves = $derived(below ? (cw ? -1 : 1) : motion === 'down' ? -1 : 1);
	const k = $derived(R / (diameterMm / 2));
	/** Sideways (below) or upwards (at the side), in pixels, kept on the sheet. */
	const off = $derived(Math.max(-100, Math.min(100, (offsetMm ?? leaves * (min + max) * 0.5) * k)));
	const tip = $derived(
		below
			? { x: CX + off, y: CY + Math.sqrt(Math.max(0, R * R - off * off)) }
			: { x: CX + Math.sqrt(Math.max(0, R * R - off * off)), y: CY - off }
	);
	const [ax, ay] = $derived(polar(CX, CY, 92, 0));
	const lean = $derived(below ? leaves * dragDeg : 0);
	const arrowEnd = $derived(cw ? 42 : -42);
	const tipAt = $derived(polar(CX, CY, 92, arrowEnd));
</script>

<svg
	viewBox="0 -12 360 {below ? 318 : 250}"
	width="100%"
	role="img"
	aria-label="Wheel turns {cw ? 'clockwise' : 'anticlockwise'}; diamond {offsetMm === null
		? 'not placed yet'
		: `${quantity(Math.abs(offsetMm), 'mm', units)} ${below ? (offsetMm < 0 ? 'left' : 'right') : offsetMm < 0 ? 'below' : 'above'}`}, {stop
		? 'on the side it must never be'
		: 'on the leaving side'}"
>
	<defs
		><pattern id="never" width="10" height="10" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
			><rect width="10" height="10" fill="var(--stop-soft)" /><rect
				width="4"
				height="10"
				fill="var(--stop)"
				opacity="0.45"
			/></pattern
		></defs
	>
	{#if below}<rect x={leaves < 0 ? CX : CX - 150} y="216" width="150" height="26" fill="url(#never)" /><text
			x={leaves < 0 ? CX + 84 : CX - 84}
			y="258"
			text-anchor="middle"
			class="never">never this side</text
		>
	{:else}<rect x={CX + R - 14} y={leaves < 0 ? 6 : CY} width="26" height="100" fill="url(#never)" /><text
			x={CX + R + 18}
			y={leaves < 0 ? 30 : CY + 84}
			class="never">never here</text
		>{/if}
	<circle cx={CX} cy={CY} r={R} fill={t.main} stroke={t.edge} stroke-width="1.5" /><circle
		cx={CX}
		cy={CY}
		r="40"
		fill="var(--flange)"
		stroke="var(--edge)"
	/><circle cx={CX} cy={CY} r="12" fill="var(--sheet)" stroke="var(--edge)" />
	<path d={arcPath(CX, CY, 92, cw ? -38 : 38, arrowEnd)} fill="none" stroke={t.ink} stroke-width="3" /><path
		d="M0 -9L7 6H-7z"
		fill={t.ink}
		transform="translate({tipAt[0]} {tipAt[1]}) rotate({cw ? arrowEnd + 90 : arrowEnd - 90})"
	/><text x={ax} y={ay + 26} text-anchor="middle" style="fill:{t.ink};font-weight:650"
		>turns {cw ? 'clockwise' : 'anticlockwise'}</text
	>
	{#if below}
		<line x1={CX} x2={CX} y1={CY + 44} y2="246" stroke="var(--ink2)" stroke-dasharray="7 4 2 4" />
		<rect
			x={CX + leaves * Math.max(min * k, 0) + (leaves < 0 ? -(max - min) * k : 0)}
			y="236"
			width={Math.max(2, (max - min) * k)}
			height="5"
			fill="var(--ok)"
		/>
		<g transform="translate({tip.x} {tip.y}) rotate({-lean})"
			><path d="M0 0l7 12h-14z" fill="var(--ink)" /><rect
				x="-9"
				y="12"
				width="18"
				height="30"
				fill={stop ? 'var(--stop)' : 'var(--steel)'}
			/></g
		>
		<rect x={tip.x - 62} y="262" width="124" height="15" fill="var(--track)" stroke="var(--edge)" />
	{:else}
		<line x1={CX + 44} x2="350" y1={CY} y2={CY} stroke="var(--ink2)" stroke-dasharray="7 4 2 4" />
		<g transform="translate({tip.x} {tip.y})"
			><path d="M0 0l12 7v-14z" fill="var(--ink)" /><rect
				x="12"
				y="-9"
				width="34"
				height="18"
				fill={stop ? 'var(--stop)' : 'var(--steel)'}
			/></g
		>
	{/if}
	{#if offsetMm !== null}<text
			x={below ? tip.x + leaves * 26 : tip.x + 8}
			y={below ? tip.y + 22 : tip.y + (leaves < 0 ? 30 : -18)}
			text-anchor={below && leaves < 0 ? 'end' : 'start'}
			class="off"
			style="fill:{stop ? 'var(--stop)' : 'var(--act)'}"
			>{figure(Math.abs(offsetMm), 'mm', units)} {units === 'mm' ? 'mm' : 'in'}</text
		>{/if}
	{#if below}<text x="180" y="302" text-anchor="middle" class="small"
			>green: {figure(min, 'mm', units)} to {figure(max, 'mm', units)} past centre, to scale</text
		>{/if}
</svg>

<style>
	text {
		font: 500 13px var(--text);
		fill: var(--ink);
	}
	.never {
		fill: var(--stop);
		font-weight: 700;
	}
	.off {
		font: 700 16px var(--mono);
	}
	.small {
		font-size: 12px;
		fill: var(--ink2);
	}
</style>
