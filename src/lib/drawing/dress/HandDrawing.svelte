<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { toneOf } from '../polar';

	interface Props {
		family: string | null;
		lathe: boolean;
		diameterMm: number;
		/** Where the rest stands for the dress, and where it should. */
		restBackMm: number | null;
		restWantedMm: number | null;
		heightMm: number;
		onRest: boolean;
		tool: string;
		stop: boolean;
		units: System;
	}
	/** Seen along the spindle: the wheel comes down on a tool that hooks behind its rest, on centre or just below. */
	let { family, lathe, diameterMm, restBackMm, restWantedMm, heightMm, onRest, tool, stop, units }: Props =
		$props();
	const t = $derived(toneOf(family));
	const [CX, CY, R] = [108, 142, 96];
	const k = $derived(R / (diameterMm / 2));
	const up = $derived(Math.max(-70, Math.min(70, heightMm * k)));
	const x = $derived(CX + Math.sqrt(Math.max(0, R * R - up * up)));
	const y = $derived(CY - up);
	const gap = $derived(Math.min(96, Math.max(6, (restBackMm ?? restWantedMm ?? 30) * k)));
	const wanted = $derived(restWantedMm === null ? null : Math.min(96, restWantedMm * k));
	const mm = (v: number | null) => quantity(v, 'mm', units);
</script>

<svg
	viewBox="0 0 340 300"
	width="100%"
	role="img"
	aria-label="{lathe ? 'Lathe' : 'Bench grinder'}: the wheel comes down on the {tool}, {Math.abs(heightMm) <
	0.05
		? 'on centre'
		: `${mm(Math.abs(heightMm))} ${heightMm > 0 ? 'above' : 'below'} centre`}{lathe
		? ''
		: `; rest ${mm(restBackMm)} from the wheel, ${mm(restWantedMm)} is right`}{stop ? '; stopped' : ''}"
>
	<circle cx={CX} cy={CY} r={R} fill={t.main} stroke={t.edge} stroke-width="1.5" /><circle
		cx={CX}
		cy={CY}
		r="36"
		fill="var(--flange)"
		stroke="var(--edge)"
	/><circle cx={CX} cy={CY} r="9" fill="var(--sheet)" stroke="var(--edge)" />
	<path
		d="M{CX + 30} {CY - 62}A72 72 0 0 1 {CX + 71} {CY + 4}"
		fill="none"
		stroke={t.ink}
		stroke-width="3"
	/><path d="M{CX + 71} {CY + 14}l-7 -13h14z" fill={t.ink} />
	<line x1={CX + 44} x2="334" y1={CY} y2={CY} stroke="var(--ink2)" stroke-dasharray="7 4 2 4" /><text
		x="334"
		y={CY - 14}
		text-anchor="end">centre</text
	>
	{#if lathe}
		<rect x={x + 12} y={y - 9} width="92" height="18" fill={stop ? 'var(--stop)' : 'var(--steel)'} /><path
			d="M{x} {y}l13 -8v16z"
			fill="var(--ink)"
		/>
		<rect x={x + 76} y={y + 9} width="56" height="44" fill="var(--track)" stroke="var(--edge)" /><text
			x={x + 104}
			y={y + 72}
			text-anchor="middle">carriage</text
		>
		<text x="334" y="262" text-anchor="end">drawn along the lathe: parallel to its axis</text>
	{:else}
		{@const rest = x + gap}
		{#if wanted !== null}<line
				x1={x + wanted}
				x2={x + wanted}
				y1={y + 6}
				y2={y + 66}
				stroke="var(--ok)"
				stroke-width="3"
			/>{/if}
		<path
			d="M{rest} {y + 14}h46v58h-14v-44h-32z"
			fill={onRest ? 'var(--track)' : 'var(--stop-soft)'}
			stroke="var(--edge)"
		/>
		<path
			d="M{x} {y - 8}h{gap + 62}v14h-{62 - 4}v12h-8v-12h-{Math.max(2, gap - 4)}z"
			fill={stop ? 'var(--stop)' : 'var(--steel)'}
		/>
		{#if tool.startsWith('star')}<circle cx={x + 9} cy={y} r="11" fill="var(--ink)" /><circle
				cx={x + 9}
				cy={y}
				r="3"
				fill="var(--sheet)"
			/>{:else}<path d="M{x} {y}l9 -7v14z" fill="var(--ink)" />{/if}
		<path d="M{x} {y + 88}v-8h{gap}v8" fill="none" stroke="var(--act)" stroke-width="1.5" /><text
			x={x + gap / 2}
			y={y + 106}
			text-anchor="middle"
			class="v">{mm(restBackMm)}</text
		>
		<path d="M{x + 26} {y - 40}v22" stroke="var(--act)" stroke-width="3" /><path
			d="M{x + 26} {y - 14}l-6 -10h12z"
			fill="var(--act)"
		/><text x={x + 36} y={y - 32}>pull goes into the rest</text>
		<text x="334" y="262" text-anchor="end">green: where the rest should stand</text>
	{/if}
	<text x="4" y="284" class:bad={stop}
		>{stop ? 'Not like this' : 'stand beside the wheel, never in line'}</text
	>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.v {
		font: 700 14px var(--mono);
		fill: var(--act);
	}
	.bad {
		fill: var(--stop);
		font-weight: 700;
	}
</style>
