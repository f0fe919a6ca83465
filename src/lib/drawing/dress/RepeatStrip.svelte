<script lang="ts">
	interface Props {
		/** Turns of the roll a turn of the wheel, and the fraction it lies in, if any. */
		ratio: number;
		near: string | null;
	}
	/** Where the same points of roll and wheel meet again: the simple fractions around the ratio, with the ratio on them. */
	let { ratio, near }: Props = $props();
	const W = 340;
	const [lo, hi] = $derived([Math.max(0, ratio - 0.45), ratio + 0.45]);
	const x = (v: number) => 4 + ((v - lo) / (hi - lo)) * (W - 8);
	/** The same widths as the warning itself: two hundredths over the turns of the wheel. */
	const fractions = $derived(
		[1, 2, 3, 4].flatMap((q) =>
			Array.from({ length: Math.ceil(hi * q) + 1 }, (_, p) => ({ p, q, at: p / q, half: 0.02 / q })).filter(
				(f) => f.p > 0 && f.at > lo && f.at < hi && gcd(f.p, f.q) === 1
			)
		)
	);
	const gcd = (a: number, b: number): number => (b ? gcd(b, a % b) : a);
	/** Names are set from the simplest on, where there is room. */
	const named = $derived(
		fractions.filter((f, i) => fractions.slice(0, i).every((g) => Math.abs(x(g.at) - x(f.at)) > 24))
	);
</script>

<svg
	viewBox="0 0 {W} 50"
	width="100%"
	role="img"
	aria-label="{ratio.toFixed(3)} turns of the roll a turn of the wheel: {near
		? `too near ${near}, the same points meet again`
		: 'nothing repeats within four turns'}"
>
	<rect x="4" y="16" width={W - 8} height="12" fill="var(--bar)" />
	{#each fractions as f (`${f.p}/${f.q}`)}<rect
			x={x(f.at - f.half)}
			y="16"
			width={Math.max(3, x(f.at + f.half) - x(f.at - f.half))}
			height="12"
			fill="var(--caution)"
			opacity="0.55"
		/>{/each}
	{#each named as f (`${f.p}/${f.q}`)}<text x={x(f.at)} y="44" text-anchor="middle"
			>{f.q === 1 ? f.p : `${f.p}/${f.q}`}</text
		>{/each}
	<path d="M{x(ratio)} 26l-6 -20h12z" fill={near ? 'var(--caution)' : 'var(--act)'} />
</svg>

<style>
	text {
		font: 500 12px var(--mono);
		fill: var(--ink2);
	}
</style>
