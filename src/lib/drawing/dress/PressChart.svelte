<script lang="ts">
	import { figure, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';

	interface Props {
		forcesN: readonly number[];
		units: System;
	}
	/** Effort press by press against the first: it falls while bond is stripped, and settles when the wheel is open. */
	let { forcesN, units }: Props = $props();
	const [W, H, L, B] = [340, 210, 44, 26];
	const [OPEN, OPENING] = [0.35, 0.8];
	const first = $derived(forcesN[0] ?? 50);
	const top = $derived(Math.max(first, ...forcesN) * 1.12);
	const n = $derived(Math.max(8, forcesN.length));
	const x = (i: number) => L + ((i + 0.5) / n) * (W - L - 6);
	const y = (f: number) => H - B - (f / top) * (H - B - 10);
	const share = $derived(forcesN.length ? forcesN.at(-1)! / first : null);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="{forcesN.length} presses{share === null
		? ''
		: `, the last at ${Math.round(100 * share)} % of the first; open from 35 % on`}"
>
	<rect x={L} y={y(first * OPEN)} width={W - L - 6} height={y(0) - y(first * OPEN)} fill="var(--ok-soft)" />
	<rect
		x={L}
		y={y(first * OPENING)}
		width={W - L - 6}
		height={y(first * OPEN) - y(first * OPENING)}
		fill="var(--act-soft)"
	/>
	<rect x={L} y={y(top)} width={W - L - 6} height={y(first * OPENING) - y(top)} fill="var(--bar)" />
	<text x={W - 12} y={y(first * OPEN) + 16} text-anchor="end">open: it almost falls in</text>
	<text x={W - 12} y={y(first * OPENING) + 16} text-anchor="end">opening</text>
	<text x={W - 12} y={y(top) + 14} text-anchor="end">glazed: it feeds hard</text>
	<polyline
		points={forcesN.map((f, i) => `${x(i)},${y(f)}`).join(' ')}
		fill="none"
		stroke="var(--ink)"
		stroke-width="2"
	/>
	{#each forcesN as f, i (i)}<circle cx={x(i)} cy={y(f)} r="5" fill="var(--act)" />{/each}
	{#each { length: n }, i (i)}<text x={x(i)} y={H - 8} text-anchor="middle" class="m">{i + 1}</text>{/each}
	<text x={L - 6} y={y(first) + 4} text-anchor="end" class="m">{figure(first, 'N', units)}</text><text
		x={L - 6}
		y={y(0)}
		text-anchor="end"
		class="m">0 {symbolOf('N', units)}</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.m {
		font: 500 12px var(--mono);
	}
</style>
