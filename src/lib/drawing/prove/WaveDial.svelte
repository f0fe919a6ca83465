<script lang="ts">
	import { DAMPS, FEEDS } from '$core/prove/chatter-speed';
	import { polar } from '../polar';

	interface Props {
		/** What is left over of a wave on each thing that turns. */
		needles: readonly { name: string; fraction: number }[];
	}
	/** Where the next turn meets the waves of the one before: half of the dial feeds them, a quarter of a wave damps most. */
	let { needles }: Props = $props();
	const [W, H, CX, CY, R] = [300, 216, 150, 112, 74];
	const at = (fraction: number, r: number) => polar(CX, CY, r, 360 * fraction);
	const [fx, fy] = at(FEEDS, R);
	const [zx, zy] = at(0, R);
	const [quietX, quietY] = at(DAMPS, R);
	const words = $derived(
		needles.map((n) => `${n.name} ${n.fraction.toFixed(2)} of a wave left over`).join(', ')
	);
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label="Waves met by the next turn: {words}">
	<circle cx={CX} cy={CY} r={R} fill="var(--ok-soft)" stroke="var(--edge)" />
	<path d="M{fx} {fy}A{R} {R} 0 0 1 {zx} {zy}Z" fill="var(--stop-soft)" stroke="var(--edge)" />
	{#each [0.25, 0.5, 0.75, 1] as tick (tick)}
		{@const [x1, y1] = at(tick, R - 5)}
		{@const [x2, y2] = at(tick, R + 5)}
		<path d="M{x1} {y1}L{x2} {y2}" stroke="var(--ink2)" stroke-width="1.5" />
	{/each}
	<text x={CX + R + 10} y={CY + 5} fill="var(--ok)">dies out</text>
	<text x={CX - R - 10} y={CY + 5} text-anchor="end" fill="var(--stop)">feeds itself</text>
	<text x={CX} y={CY - R - 12} text-anchor="middle" fill="var(--ink2)">whole waves</text>
	<text x={CX} y={CY + R + 22} text-anchor="middle" fill="var(--ink2)">half a wave over</text>
	{#each needles as n, i (n.name)}
		{@const [x, y] = at(n.fraction, R)}
		{@const [tx, ty] = at(n.fraction, R - 24 - 22 * i)}
		<path
			d="M{CX} {CY}L{x} {y}"
			stroke={i ? 'var(--ink)' : 'var(--act)'}
			stroke-width="3"
			stroke-dasharray={i ? '5 4' : undefined}
		/>
		<circle cx={x} cy={y} r="6" fill={i ? 'var(--ink)' : 'var(--act)'} />
		<text x={tx} y={ty - 6} text-anchor="middle" class="name" fill={i ? 'var(--ink)' : 'var(--act)'}
			>{n.name}</text
		>
	{/each}
	<circle cx={quietX} cy={quietY} r="9" fill="none" stroke="var(--ok)" stroke-width="2.5" />
</svg>

<style>
	/* On a tablet it leaves the fields in sight. */
	svg {
		max-width: 420px;
	}
	text {
		font: 500 12.5px var(--text);
	}
	.name {
		font-weight: 700;
	}
</style>
