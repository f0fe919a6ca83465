<script lang="ts">
	interface Props {
		tiltUm: number | null;
		high: number | null;
		shim: { angle: number; um: number; allowed: boolean } | null;
		flangeMm: number;
		wheelMm: number;
	}
	/** The wheel from the side between its flanges, its lean far too large and said so; where paper would go, struck out when it is refused. */
	let { tiltUm, high, shim, flangeMm, wheelMm }: Props = $props();
	const W = 260,
		H = 300,
		cx = 130,
		cy = 146;
	const lean = $derived(tiltUm === null ? 0 : Math.min(14, 2 + tiltUm / 8));
	/** The high spot of the front leans to the front, drawn on the right: up when it is in the upper half. */
	const up = $derived(high === null || high <= 90 || high >= 270);
	const r = 120;
	const f = $derived((r * flangeMm) / wheelMm);
	const shimUp = $derived(shim ? shim.angle <= 90 || shim.angle >= 270 : false);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label={tiltUm === null
		? 'Wheel from the side'
		: `Wheel from the side, leaning ${tiltUm.toFixed(0)} micrometres, drawn far too large${shim ? `; paper at ${shim.angle.toFixed(0)} degrees ${shim.allowed ? 'with care' : 'refused'}` : ''}`}
>
	<rect x="0" y={cy - 16} width="70" height="32" fill="var(--steel)" /><rect
		x="70"
		y={cy - f}
		width="26"
		height={2 * f}
		fill="var(--flange)"
		stroke="var(--edge)"
	/><rect x="164" y={cy - f} width="22" height={2 * f} fill="var(--flange)" stroke="var(--edge)" />
	<line x1="0" x2={W} y1={cy} y2={cy} stroke="var(--edge)" stroke-dasharray="8 4 2 4" />
	<g transform="rotate({up ? lean : -lean} {cx} {cy})"
		><rect
			x={cx - 26}
			y={cy - r}
			width="52"
			height={2 * r}
			fill="var(--wheel-fill)"
			stroke="var(--wheel-edge)"
			stroke-width="1.5"
			fill-opacity="0.9"
		/></g
	>
	{#if shim}{@const y = cy + (shimUp ? -f + 5 : f - 5)}<circle
			cx="99"
			cy={y}
			r="9"
			fill="none"
			stroke={shim.allowed ? 'var(--caution)' : 'var(--stop)'}
			stroke-width="3"
		/>{#if !shim.allowed}<path d="M93 {y + 6}l12 -12" stroke="var(--stop)" stroke-width="3" />{/if}<text
			x="84"
			y={y + (shimUp ? -14 : 24)}
			text-anchor="end"
			style:fill={shim.allowed ? 'var(--caution)' : 'var(--stop)'}>{shim.allowed ? 'paper' : 'no paper'}</text
		>{/if}
	<text x="4" y={H - 4}>{tiltUm === null ? 'back' : 'lean drawn far too large'}</text><text
		x={W - 4}
		y="16"
		text-anchor="end">front</text
	>
</svg>

<style>
	text {
		font: 600 12.5px var(--text);
		fill: var(--ink2);
	}
</style>
