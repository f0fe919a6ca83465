<script lang="ts">
	import type { Adjustment } from '$core/balance/level-stand';

	interface Props {
		slopeX: number | null;
		slopeY: number | null;
		adjustments: readonly Adjustment[];
		rolls: 'x' | 'y';
		words: string;
	}
	/** The frame from above with its three feet and its slope as arrows uphill; the foot to turn now, which way and how far. */
	let { slopeX, slopeY, adjustments, rolls, words }: Props = $props();
	const FEET = { A: [50, 200], B: [250, 200], C: [150, 40] } as const;
	const now = $derived(adjustments.find((a) => a.direction !== 'none') ?? null);
	const up = (s: number | null) => Math.max(-60, Math.min(60, (s ?? 0) * 90));
	/** As hands turn a screw: in twelfths. */
	const twelfths = $derived(now ? Math.max(1, Math.round(now.turns * 12)) : 0);
	const turned = $derived(
		twelfths % 12 === 0
			? String(twelfths / 12)
			: twelfths % 6 === 0
				? `${twelfths / 6}/2`
				: twelfths % 4 === 0
					? `${twelfths / 4}/3`
					: twelfths % 3 === 0
						? `${twelfths / 3}/4`
						: twelfths % 2 === 0
							? `${twelfths / 2}/6`
							: `${twelfths}/12`
	);
</script>

<svg
	viewBox="0 0 300 250"
	width="100%"
	role="img"
	aria-label="Stand from above, feet A and B in front, C behind. {words}"
>
	<path d="M50 200H250L150 40z" fill="var(--flange)" stroke="var(--edge)" stroke-width="2" />
	{#if rolls === 'y'}<path d="M118 196V66M182 196V66" stroke="var(--steel)" stroke-width="6" />{:else}<path
			d="M84 168H216M108 132H192"
			stroke="var(--steel)"
			stroke-width="6"
		/>{/if}
	{#if slopeX !== null && Math.abs(slopeX) > 1e-6}<path
			d="M150 178h{up(slopeX)}"
			stroke="var(--caution)"
			stroke-width="4"
		/><path d="M{150 + up(slopeX)} 178l{-7 * Math.sign(slopeX)} -6v12z" fill="var(--caution)" /><text
			x={150 + up(slopeX) / 2}
			y="170"
			text-anchor="middle"
			class="num">{Math.abs(slopeX).toFixed(2)}</text
		>{/if}
	{#if slopeY !== null && Math.abs(slopeY) > 1e-6}<path
			d="M150 128v{-up(slopeY)}"
			stroke="var(--caution)"
			stroke-width="4"
		/><path d="M150 {128 - up(slopeY)}l-6 {7 * Math.sign(slopeY)}h12z" fill="var(--caution)" /><text
			x="158"
			y={128 - up(slopeY) / 2}
			class="num">{Math.abs(slopeY).toFixed(2)}</text
		>{/if}
	{#each Object.entries(FEET) as [name, [x, y]] (name)}
		{@const hot = now?.foot === name}
		<circle
			cx={x}
			cy={y}
			r="19"
			fill={hot ? 'var(--act)' : 'var(--sheet)'}
			stroke={hot ? 'var(--act)' : 'var(--edge)'}
			stroke-width="2"
		/><text {x} y={y + 5} text-anchor="middle" class="foot" class:hot>{name}</text>
		{#if hot && now}{@const cw = now.turn === 'clockwise'}<path
				d="M{x - 27} {y}A27 27 0 0 {cw ? 1 : 0} {x + 27} {y}"
				transform={cw ? '' : `rotate(180 ${x} ${y})`}
				fill="none"
				stroke="var(--act)"
				stroke-width="3"
			/><path
				d={cw ? `M${x + 27} ${y + 6}l-6 -10h12z` : `M${x - 27} ${y + 6}l-6 -10h12z`}
				fill="var(--act)"
			/><text {x} y={y + (name === 'C' ? -32 : 42)} text-anchor="middle" class="turn">{turned} turn</text
			>{/if}
	{/each}
	<text x="296" y="14" text-anchor="end">mm/m, arrows uphill</text>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.num {
		font: 600 13px var(--mono);
		fill: var(--ink);
	}
	.foot {
		font: 700 15px var(--text);
		fill: var(--ink);
	}
	.hot {
		fill: var(--on-act);
	}
	.turn {
		font-weight: 700;
		fill: var(--act);
	}
</style>
