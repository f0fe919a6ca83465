<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	interface Props {
		flats: readonly { removedCm3: number; flatWidthUm: number }[];
		slope: number | null;
		limitUm: number;
	}
	/** The flat of a stone against the wheel it has cut away: readings, the line through them, and where it is worn out. */
	let { flats, slope, limitUm }: Props = $props();
	const { q } = useUnits();
	const [W, H, L, B] = [420, 220, 44, 28];
	const n = $derived(Math.max(1, flats.length));
	const [mx, my] = $derived([
		flats.reduce((s, f) => s + f.removedCm3, 0) / n,
		flats.reduce((s, f) => s + f.flatWidthUm, 0) / n
	]);
	const end = $derived(
		slope && slope > 0 ? mx + (limitUm - my) / slope : Math.max(10, ...flats.map((f) => 1.3 * f.removedCm3))
	);
	const top = $derived(Math.max(limitUm * 1.15, ...flats.map((f) => f.flatWidthUm)));
	const x = (v: number) => L + (v / Math.max(1e-9, end * 1.05)) * (W - L - 10);
	const y = (v: number) => H - B - (v / top) * (H - B - 10);
	const at = (v: number) => my + (slope ?? 0) * (v - mx);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="{flats.length} flats measured{flats.length
		? `, the last ${q(flats.at(-1)!.flatWidthUm, 'um')}`
		: ''}; worn out at {q(limitUm, 'um')}{slope ? `, reached after ${end.toFixed(0)} cm³` : ''}"
>
	<line x1={L} x2={W - 10} y1={y(limitUm)} y2={y(limitUm)} stroke="var(--stop)" stroke-dasharray="5 4" /><text
		x={W - 10}
		y={y(limitUm) - 6}
		text-anchor="end">worn out, {q(limitUm, 'um')}</text
	>
	<path d="M{L} 10V{H - B}H{W - 10}" fill="none" stroke="var(--edge)" />
	{#if slope}<line
			x1={x(0)}
			y1={y(Math.max(0, at(0)))}
			x2={x(end)}
			y2={y(at(end))}
			stroke="var(--act)"
			stroke-width="1.5"
		/>{/if}
	{#each flats as f, i (i)}<circle
			cx={x(f.removedCm3)}
			cy={y(f.flatWidthUm)}
			r="5"
			fill="var(--act)"
		/>{/each}
	<text x={L - 6} y={y(0)} text-anchor="end">0</text><text x={W - 10} y={H - 8} text-anchor="end"
		>wheel cut away, cm³</text
	>
	{#if !flats.length}<text x={W / 2} y={H / 2} text-anchor="middle">no flat measured yet</text>{/if}
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
</style>
