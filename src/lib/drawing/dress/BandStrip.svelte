<script lang="ts">
	import type { Band } from './bands';

	interface Props {
		value: number | null;
		bands: readonly Band[];
		/** What the scale shows, for those who do not see it. */
		label: string;
		/** A place on the scale that stands for itself, such as standing still. */
		at?: number | null;
	}
	/** A one-line scale of named bands with the present value on it. */
	let { value, bands, label, at = null }: Props = $props();
	const W = 320;
	const [lo, hi] = $derived([bands[0]!.from, bands.at(-1)!.to]);
	const x = (v: number) => ((Math.min(hi, Math.max(lo, v)) - lo) / (hi - lo)) * W;
	const inside = $derived(value === null ? null : (bands.find((b) => value <= b.to) ?? bands.at(-1)!));
</script>

<svg
	viewBox="0 0 {W} 48"
	width="100%"
	role="img"
	aria-label="{label}: {value === null ? 'not known' : `${value.toFixed(2)}, ${inside?.name || 'outside'}`}"
>
	{#each bands as b, at (at)}<rect
			x={x(b.from) + 1}
			y="12"
			width={Math.max(0, x(b.to) - x(b.from) - 2)}
			height="18"
			fill={b.fill}
		/>{#if x(b.to) - x(b.from) > 7 * b.name.length - 6}<text
				x={(x(b.from) + x(b.to)) / 2}
				y="45"
				text-anchor="middle"
				class:in={b === inside}>{b.name}</text
			>{/if}{/each}
	{#if at !== null}<line x1={x(at)} x2={x(at)} y1="7" y2="32" stroke="var(--ink2)" />{/if}
	{#if value !== null}<path
			d="M{Math.min(W - 7, Math.max(7, x(value)))} 29l-7 -22h14z"
			fill="var(--act)"
		/>{/if}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.in {
		fill: var(--ink);
		font-weight: 700;
	}
</style>
