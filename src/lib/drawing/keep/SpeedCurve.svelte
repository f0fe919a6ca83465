<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		rows: readonly { diameterMm: number; speedRpm: number; speedMps: number }[];
		targetMps: number;
		heldToMm: number;
		nowMm: number;
	}
	/** Rim speed over diameter, from today to scrap: held as long as the spindle may turn faster, then falling. */
	let { rows, targetMps, heldToMm, nowMm }: Props = $props();
	const { q, f } = useUnits();
	const [W, H, LEFT, TOP] = [320, 178, 44, 14];
	const least = $derived(rows.at(-1)?.diameterMm ?? 1);
	const top = $derived(1.15 * Math.max(targetMps || 0, ...rows.map((r) => r.speedMps)));
	const x = (mm: number) => LEFT + ((nowMm - mm) / Math.max(1e-9, nowMm - least)) * (W - LEFT - 12);
	const y = (mps: number) => TOP + (1 - mps / top) * (H - TOP - 34);
	const held = $derived(heldToMm > least && heldToMm < nowMm);
	const path = $derived.by(() => {
		const at = rows.map((r) => [r.diameterMm, r.speedMps] as const);
		if (held) at.push([heldToMm, targetMps]);
		return at
			.sort((a, b) => b[0] - a[0])
			.map(([mm, mps], i) => `${i ? 'L' : 'M'}${x(mm)} ${y(mps)}`)
			.join('');
	});
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Rim speed from {q(nowMm, 'mm')} today to {q(least, 'mm')} scrap: {rows
		.map((r) => q(r.speedMps, 'm/s'))
		.join(', ')}{held ? `; held down to ${q(heldToMm, 'mm')}` : ''}"
>
	<path d="M{LEFT} {TOP}V{H - 34}H{W - 12}" fill="none" stroke="var(--ink2)" />
	<path d="M{LEFT} {y(targetMps)}H{W - 12}" stroke="var(--ok)" stroke-dasharray="5 4" />
	<text x={W - 14} y={y(targetMps) - 5} text-anchor="end">wanted {q(targetMps, 'm/s')}</text>
	<path d={path} fill="none" stroke="var(--act)" stroke-width="2.5" />
	{#if held}<circle cx={x(heldToMm)} cy={y(targetMps)} r="4" fill="var(--act)" />
		<text x={x(heldToMm)} y={y(targetMps) + 18} text-anchor="middle">held to {f(heldToMm, 'mm')}</text>{/if}
	<text x={LEFT} y={H - 14}>{f(nowMm, 'mm')} today</text>
	<text x={W - 12} y={H - 14} text-anchor="end">{f(least, 'mm')} scrap</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
