<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		beforeMm: number | null;
		newMm: number | null;
		touchMm: number | null;
		/** What a touch may differ by, on the dial. */
		limitMm: number;
		/** The touch is where a wrong sign would put it. */
		reversed: boolean;
		units: System;
	}
	/** The dial as a line: zero before, where it goes, and where the touch found it. */
	let { beforeMm, newMm, touchMm, limitMm, reversed, units }: Props = $props();
	const moved = $derived(beforeMm !== null && newMm !== null ? newMm - beforeMm : 0);
	const span = $derived(Math.max(Math.abs(moved) * 1.6, limitMm * 3, 0.01));
	const x = (mm: number) => 170 + Math.max(-150, Math.min(150, (130 * (mm - (beforeMm ?? 0))) / span));
	const q = (v: number | null) => quantity(v, 'mm', units);
</script>

<svg
	viewBox="0 0 340 150"
	width="100%"
	role="img"
	aria-label="Zero before {q(beforeMm)}, now {q(newMm)}{touchMm === null
		? ', not touched yet'
		: `, touched at ${q(touchMm)}${reversed ? ', on the wrong side' : ''}`}"
>
	<line x1="10" x2="330" y1="84" y2="84" stroke="var(--ink2)" stroke-width="1.5" />
	{#if beforeMm !== null}
		<line x1={x(beforeMm)} x2={x(beforeMm)} y1="62" y2="106" stroke="var(--ink3)" stroke-width="2" />
		<text x={x(beforeMm)} y="124" text-anchor="middle">before {q(beforeMm)}</text>
	{/if}
	{#if newMm !== null && beforeMm !== null}
		<rect
			x={x(newMm - limitMm)}
			y="66"
			width={Math.max(4, x(newMm + limitMm) - x(newMm - limitMm))}
			height="36"
			fill="var(--ok-soft)"
		/>
		<line x1={x(newMm)} x2={x(newMm)} y1="56" y2="112" stroke="var(--act)" stroke-width="4" />
		<path
			d="M{x(beforeMm)} 46H{x(newMm)}m{-Math.sign(moved) * 8} -5l{Math.sign(moved) * 8} 5l{-Math.sign(moved) *
				8} 5"
			fill="none"
			stroke="var(--act)"
			stroke-width="2.5"
		/>
		<text x={(x(beforeMm) + x(newMm)) / 2} y="36" text-anchor="middle" class="b">{q(moved)}</text>
	{/if}
	{#if touchMm !== null && beforeMm !== null}<circle
			cx={x(touchMm)}
			cy="84"
			r="8"
			fill={reversed ? 'var(--stop)' : 'var(--ink)'}
		/><text x={x(touchMm)} y="144" text-anchor="middle" class:reversed>touched</text>{/if}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.b {
		font: 700 14px var(--mono);
		fill: var(--ink);
	}
	.reversed {
		fill: var(--stop);
	}
</style>
