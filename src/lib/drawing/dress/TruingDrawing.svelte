<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { toneOf } from '../polar';

	interface Props {
		family: string | null;
		wheelMm: number;
		stockUm: number;
		runoutUm: number;
		layerMm: number;
		layerLeftMm: number | null;
		/** Diameter of the truing wheel now and afterwards; null for a block. */
		truerMm: number | null;
		truerAfterMm: number | null;
		/** Dressed on the face of its rim: width of that rim. */
		rimMm: number | null;
		block: boolean;
		units: System;
	}
	/** The stock as the ring an eccentric rim loses, the layer that is left, and what the truing wheel loses meanwhile. */
	let {
		family,
		wheelMm,
		stockUm,
		runoutUm,
		layerMm,
		layerLeftMm,
		truerMm,
		truerAfterMm,
		rimMm,
		block,
		units
	}: Props = $props();
	const t = $derived(toneOf(family));
	const [CX, CY, R] = [100, 142, 92];
	/** Drawn so that the ring can be seen: how many times too large. */
	const times = $derived(Math.max(1, Math.round(18 / ((Math.max(stockUm, 1) / 1000) * (R / (wheelMm / 2))))));
	const px = $derived((R / (wheelMm / 2)) * times);
	const off = $derived(Math.min(16, (runoutUm / 2000) * px));
	const left = $derived(Math.max(30, R - Math.min(34, (stockUm / 1000) * px)));
	const r = $derived(truerMm === null ? 0 : Math.min(50, Math.max(18, (truerMm / wheelMm) * R)));
	/** Against the rim of a wheel beside it; against the face of a cup before its upper rim. */
	const [tx, ty] = $derived(rimMm === null ? [CX + R + 4 + off + r, CY] : [221 + r, CY - 61]);
	const rAfter = $derived(truerMm && truerAfterMm ? r * (truerAfterMm / truerMm) : r);
	const um = (v: number) => quantity(v, 'um', units);
	const mm = (v: number | null) => quantity(v, 'mm', units);
	const share = $derived(Math.max(0, Math.min(1, (layerLeftMm ?? 0) / layerMm)));
</script>

<svg
	viewBox="0 0 340 300"
	width="100%"
	role="img"
	aria-label="{um(stockUm)} come off at the high place{layerLeftMm === null
		? ''
		: `, ${mm(layerLeftMm)} of ${mm(layerMm)} of the layer are left`}{truerMm && truerAfterMm
		? `; the truing wheel goes from ${mm(truerMm)} to ${mm(truerAfterMm)}`
		: ''}"
>
	{#if rimMm === null}
		<circle cx={CX + off} cy={CY} r={R} fill="var(--caution)" opacity="0.75" />
		<circle cx={CX} cy={CY} r={left} fill={t.main} stroke={t.edge} stroke-width="1.5" />
		<circle cx={CX} cy={CY} r="34" fill="var(--flange)" stroke="var(--edge)" /><circle
			cx={CX}
			cy={CY}
			r="10"
			fill="var(--sheet)"
			stroke="var(--edge)"
		/>
		<text x={CX} y={CY + 58} text-anchor="middle" style="fill:{t.ink}">round when the ring is gone</text>
	{:else}
		<!-- A cup cut through, its axis lying: the rims look towards the truing wheel, what comes off lies on their face. -->
		<path
			d="M30 {CY - 30}h44l52 -44h62v26h-48l-34 48 34 48h48v26h-62l-52 -44h-44z"
			fill="var(--flange)"
			stroke="var(--edge)"
		/>
		<rect x="188" y={CY - 76} width="24" height="30" fill={t.main} stroke={t.edge} /><rect
			x="188"
			y={CY + 46}
			width="24"
			height="30"
			fill={t.main}
			stroke={t.edge}
		/>
		<path d="M212 {CY - 76}h7v30h-7zM212 {CY + 46}h{7 + off / 4}v30h-{7 + off / 4}z" fill="var(--caution)" />
		<text x="4" y={CY + 104}>cup, rim {mm(rimMm)} wide: what comes off is depth of rim</text>
	{/if}
	{#if block}
		<rect x="232" y={CY - 46} width="70" height="92" fill="var(--steel)" /><text
			x="267"
			y={CY + 66}
			text-anchor="middle">soft steel</text
		>
	{:else if truerMm}
		<circle cx={tx} cy={ty} {r} fill="none" stroke="var(--ink2)" stroke-dasharray="2 4" />
		<circle cx={tx} cy={ty} r={rAfter} fill="#b9cbb9" stroke="#6b876d" stroke-width="1.5" /><circle
			cx={tx}
			cy={ty}
			r="8"
			fill="var(--sheet)"
			stroke="var(--edge)"
		/>
		<text x={tx} y={ty + r + 18} text-anchor="middle">truing wheel</text><text
			x={tx}
			y={ty + r + 36}
			text-anchor="middle"
			class="v">{mm(truerAfterMm)}</text
		>
	{/if}
	<text x="4" y="16" class="v">{um(stockUm)}</text><text x="4" y="34"
		>off at the high place{rimMm === null ? `, drawn ${times} times too thick` : ''}</text
	>
	<rect x="4" y="266" width="220" height="10" fill="var(--bar)" /><rect
		x="4"
		y="266"
		width={220 * share}
		height="10"
		fill={share < 0.5 ? 'var(--caution)' : 'var(--steel)'}
	/><text x="4" y="294">layer left {mm(layerLeftMm)} of {mm(layerMm)}</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.v {
		font: 700 15px var(--mono);
		fill: var(--ink);
	}
</style>
