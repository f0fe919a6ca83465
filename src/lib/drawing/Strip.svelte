<script lang="ts">
	import type { Verdict } from '$core/calculation/verdict';

	interface Props {
		value: number | null;
		limit: number;
		max?: number;
		label: string;
		unit?: string;
		show: (v: number) => string;
		good?: 'below' | 'above';
		other?: number | null;
		otherLabel?: string;
		/** As it was found: a drawing never judges. Plain where nothing was. */
		state?: Verdict | null;
	}
	/** A one-line scale with its limit and the present value; the good side is shaded. */
	let {
		value,
		limit,
		max,
		label,
		unit = '',
		show,
		good = 'below',
		other = null,
		otherLabel = '',
		state = null
	}: Props = $props();
	const W = 300;
	const top = $derived(max ?? Math.max(limit * 1.4, (value ?? 0) * 1.12, (other ?? 0) * 1.12, 1e-9));
	const x = (v: number) => Math.max(0, Math.min(W, (v / top) * W));
	const colour = $derived(
		state === 'stop' ? 'var(--stop)' : state === 'caution' ? 'var(--caution)' : 'var(--act)'
	);
	const tx = $derived(value === null ? 0 : Math.max(26, Math.min(W - 26, x(value))));
</script>

<svg
	viewBox="0 0 {W} 54"
	width="100%"
	role="img"
	aria-label="{label}: {value === null ? 'not known' : `${show(value)} ${unit}`}, limit {show(limit)} {unit}"
>
	<rect y="19" width={W} height="14" fill="var(--bar)" />
	<rect
		y="19"
		x={good === 'below' ? 0 : x(limit)}
		width={good === 'below' ? x(limit) : W - x(limit)}
		height="14"
		fill="var(--ok-soft)"
	/>
	<line x1={x(limit)} x2={x(limit)} y1="13" y2="38" stroke="var(--ink)" stroke-width="2" />
	<text
		x={Math.max(20, Math.min(W - 20, x(limit)))}
		y="51"
		text-anchor="middle"
		class="num"
		fill="var(--ink2)">{show(limit)}</text
	>
	{#if other !== null}<path
			d="M{x(other)} 33l-6 9h12z"
			fill="var(--stop)"
		/>{#if Math.abs(x(other) - x(limit)) > 40}<text
				x={Math.min(W - 22, x(other))}
				y="53"
				text-anchor="middle"
				class="num"
				fill="var(--stop)">{otherLabel || show(other)}</text
			>{/if}{/if}
	{#if value !== null}<path d="M{x(value)} 19l-6 -9h12z" fill={colour} /><text
			x={tx + (tx < W / 2 ? 10 : -10)}
			y="11"
			text-anchor={tx < W / 2 ? 'start' : 'end'}
			class="num b"
			fill={colour}>{show(value)} {unit}</text
		>{/if}
</svg>

<style>
	text {
		font: 500 12.5px var(--mono);
	}
	.b {
		font-weight: 700;
		font-size: 13.5px;
	}
</style>
