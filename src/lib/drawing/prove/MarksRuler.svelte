<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		pitchMm: number;
		frequencyHz: number;
		sources: readonly { words: string; frequencyHz: number; likely: boolean }[];
	}
	/** Ten marks under a scale, and beneath them a line of frequencies with everything that hums. */
	let { pitchMm, frequencyHz, sources }: Props = $props();
	const { q } = useUnits();
	const [W, L] = [420, 12];
	const span = $derived(10 * pitchMm);
	const x = (mm: number) => L + (mm / span) * (W - 2 * L);
	/** Round steps along the scale. */
	const step = $derived(10 ** Math.floor(Math.log10(span / 4)));
	const every = $derived([1, 2, 5, 10].map((k) => k * step).find((s) => span / s <= 11)!);
	const most = $derived(1.15 * Math.max(frequencyHz, ...sources.map((s) => s.frequencyHz)));
	const fx = (hz: number) => L + (hz / most) * (W - 2 * L);
</script>

<svg
	viewBox="0 0 {W} 138"
	width="100%"
	role="img"
	aria-label="Marks {q(pitchMm, 'mm')} apart, {frequencyHz.toFixed(1)} hertz. {sources
		.map((s) => `${s.words} ${s.frequencyHz.toFixed(1)} hertz${s.likely ? ', likely' : ''}`)
		.join('; ')}"
>
	{#each { length: 11 }, i (i)}<rect
			x={x(i * pitchMm) - 2}
			y="6"
			width="4"
			height="26"
			fill="var(--ink2)"
		/>{/each}
	<path d="M{L} 36H{W - L}" stroke="var(--ink)" />
	{#each { length: Math.floor(span / every) + 1 }, i (i)}<path
			d="M{x(i * every)} 36v7"
			stroke="var(--ink)"
		/><text x={x(i * every)} y="56" text-anchor="middle">{q(i * every, 'mm').split(' ')[0]}</text>{/each}
	<path d="M{L} 108H{W - L}" stroke="var(--edge)" />
	{#each sources as s, i (i)}<path
			d="M{fx(s.frequencyHz)} 108v-{s.likely ? 26 : 12}"
			stroke={s.likely ? 'var(--act)' : 'var(--ink2)'}
			stroke-width={s.likely ? 3 : 1.5}
		/>{/each}
	<path d="M{fx(frequencyHz)} 110l6 10h-12z" fill="var(--stop)" />
	<text x={Math.max(40, Math.min(W - 40, fx(frequencyHz)))} y="134" text-anchor="middle" class="b"
		>{frequencyHz.toFixed(1)} Hz</text
	>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.b {
		font: 700 13px var(--mono);
		fill: var(--stop);
	}
</style>
