<script lang="ts">
	interface Props {
		points: readonly (readonly [number, number])[];
		/** The fitted curve, null while nothing was fitted. */
		fit: { tauS: number; c: number } | null;
		/** Spark out for so long, s. */
		enoughS: number | null;
		show: (v: number) => string;
	}
	/** What was read while it sparked out, the curve through it, and how long it takes to be over. */
	let { points, fit, enoughS, show }: Props = $props();
	const [W, H, L, R, T, B] = [300, 170, 8, 10, 22, 26];
	const lastS = $derived(Math.max(1e-6, ...points.map(([t]) => t), enoughS ?? 0) * 1.08);
	/** Where the curve ends: the mean of what the exponential leaves over. */
	const end = $derived(
		fit && points.length
			? points.reduce((s, [t, y]) => s + y - fit.c * Math.exp(-t / fit.tauS), 0) / points.length
			: null
	);
	const all = $derived([...points.map(([, y]) => y), ...(end === null ? [] : [end, end + fit!.c])]);
	const [low, high] = $derived([Math.min(...all), Math.max(...all)]);
	const x = (t: number) => L + ((W - L - R) * t) / lastS;
	const y = (v: number) => T + ((H - T - B) * (high - v)) / (high - low || 1);
	const curve = $derived(
		fit && end !== null
			? Array.from({ length: 61 }, (_, i) => {
					const t = (lastS * i) / 60;
					return `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${y(end + fit.c * Math.exp(-t / fit.tauS)).toFixed(1)}`;
				}).join('')
			: ''
	);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="{points.length} readings while it sparks out{fit
		? `; what is bent away falls to a third in ${fit.tauS.toFixed(1)} s`
		: ''}"
>
	<path d="M{L} {H - B}H{W - R}" stroke="var(--edge)" />
	{#if end !== null}<path d="M{L} {y(end)}H{W - R}" stroke="var(--ink2)" stroke-dasharray="4 4" />{/if}
	{#if curve}<path d={curve} fill="none" stroke="var(--act)" stroke-width="2.5" />{/if}
	{#if enoughS !== null}<path d="M{x(enoughS)} {T - 6}V{H - B}" stroke="var(--ok)" stroke-width="2" /><text
			x={Math.min(W - R - 2, Math.max(40, x(enoughS)))}
			y={T - 9}
			text-anchor={x(enoughS) > W / 2 ? 'end' : 'middle'}
			fill="var(--ok)">{enoughS.toFixed(1)} s is enough</text
		>{/if}
	{#each points as [t, v], i (i)}<circle cx={x(t)} cy={y(v)} r="4.5" fill="var(--ink)" />{/each}
	{#if points.length}<text x={L} y={H - 8} fill="var(--ink2)">0 s</text><text
			x={W - R}
			y={H - 8}
			text-anchor="end"
			fill="var(--ink2)">{lastS.toFixed(0)} s, {show(high - low)} in all</text
		>{/if}
</svg>

<style>
	/* On a tablet it leaves the fields in sight. */
	svg {
		max-width: 420px;
	}
	text {
		font: 500 12.5px var(--text);
	}
</style>
