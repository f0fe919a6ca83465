<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	interface Props {
		offsetMm: number | null;
		workMm: number | null;
		wheelMm: number;
		inside: boolean;
		covered: boolean | null;
		words: string;
	}
	/** Work and wheel seen along the lathe: the wheel's axis against the centre line, its height drawn ten times; the covered ways. */
	let { offsetMm, workMm, wheelMm, inside, covered, words }: Props = $props();
	const { q } = useUnits();
	const W = 264,
		H = 220,
		cy = 92;
	const work = $derived(workMm ?? 40);
	const s = $derived(inside ? 150 / Math.max(work, wheelMm) : 200 / (work + wheelMm));
	const rw = $derived((work * s) / 2);
	const rg = $derived((wheelMm * s) / 2);
	const x0 = $derived(inside ? 110 : 16 + rw);
	const dy = $derived(Math.max(-46, Math.min(46, -10 * (offsetMm ?? 0))));
	const x1 = $derived(inside ? x0 + rw - rg : x0 + rw + rg);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Work and wheel seen along the lathe, height drawn ten times. {words}"
>
	<circle
		cx={x0}
		{cy}
		r={rw}
		fill="var(--flange)"
		stroke="var(--edge)"
		stroke-width="1.5"
	/>{#if inside}<circle cx={x0} {cy} r={Math.max(4, rw - 12)} fill="var(--paper)" stroke="var(--edge)" />{/if}
	<circle
		cx={x1}
		cy={cy + dy}
		r={rg}
		fill="var(--wheel-fill)"
		stroke="var(--wheel-edge)"
		stroke-width="1.5"
		opacity="0.92"
	/><circle cx={x1} cy={cy + dy} r="5" fill="var(--steel)" />
	<line x1="4" x2={W - 4} y1={cy} y2={cy} stroke="var(--ink2)" stroke-dasharray="6 4" /><text x="6" y={cy - 5}
		>centre</text
	>
	{#if offsetMm}<path d="M{x1} {cy}v{dy}" stroke="var(--act)" stroke-width="3" /><text
			x={Math.min(W - 70, x1 + 8)}
			y={cy + dy / 2 + 4}
			class="n">{offsetMm > 0 ? '+' : ''}{q(offsetMm, 'mm')}</text
		>{/if}
	<path d="M10 {H - 24}h{W - 20}v14h-{W - 20}z" fill="var(--steel)" />{#if covered}<path
			d="M4 {H - 18}q30 -22 64 -10t64 -4t64 4t64 -6"
			fill="none"
			stroke="var(--ok)"
			stroke-width="7"
		/>{/if}
	<text x={W / 2} y={H - 34} text-anchor="middle" style:fill={covered === false ? 'var(--stop)' : ''}
		>{covered ? 'ways covered' : covered === false ? 'ways bare: grit eats them' : 'ways: covered?'}</text
	>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.n {
		font: 700 14px var(--mono);
		fill: var(--act);
	}
</style>
