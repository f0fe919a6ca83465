<script lang="ts">
	interface Props {
		overhangMm: number;
		quillMm: number;
		wheelMm: number;
		widthMm: number;
		deflectionUm: number | null;
		ratio: number | null;
		words: string;
	}
	/** A quill with its wheel, to scale, and the way it bends, exaggerated; the speed against the speed at which it whirls. */
	let { overhangMm, quillMm, wheelMm, widthMm, deflectionUm, ratio, words }: Props = $props();
	const W = 300,
		H = 150,
		X0 = 26;
	const s = $derived(
		Math.min((W - X0 - 20) / (overhangMm + widthMm / 2), (H - 50) / Math.max(wheelMm, quillMm))
	);
	const y = H / 2 - 8;
	const bend = $derived(deflectionUm === null ? 0 : Math.min(34, 4 + deflectionUm * 1.2));
	const end = $derived(X0 + overhangMm * s);
	const curve = $derived(`M${X0} ${y}Q${X0 + overhangMm * s * 0.6} ${y} ${end} ${y + bend}`);
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label="Quill with its wheel, to scale. {words}">
	<rect x="0" y={y - 34} width={X0} height="68" fill="var(--steel)" />
	<rect
		x={X0}
		y={y - (quillMm * s) / 2}
		width={overhangMm * s}
		height={quillMm * s}
		fill="var(--flange)"
		stroke="var(--edge)"
	/>
	<rect
		x={end - (widthMm * s) / 2}
		y={y - (wheelMm * s) / 2}
		width={widthMm * s}
		height={wheelMm * s}
		fill="var(--wheel-fill)"
		stroke="var(--wheel-edge)"
	/>
	{#if deflectionUm !== null}<path
			d={curve}
			fill="none"
			stroke="var(--act)"
			stroke-width="2.5"
			stroke-dasharray="6 4"
		/>{/if}
	{#if ratio !== null}
		<rect x="10" y={H - 18} width={W - 20} height="9" fill="var(--bar)" /><rect
			x={10 + (W - 20) * 0.7}
			y={H - 18}
			width={(W - 20) * 0.15}
			height="9"
			fill="var(--caution-soft)"
		/><rect x={10 + (W - 20) * 0.85} y={H - 18} width={(W - 20) * 0.15} height="9" fill="var(--stop-soft)" />
		<path
			d="M{10 + (W - 20) * Math.min(1, ratio)} {H - 18}l-6 -9h12z"
			fill={ratio >= 0.85 ? 'var(--stop)' : 'var(--act)'}
		/>
	{/if}
</svg>
