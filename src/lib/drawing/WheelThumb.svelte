<script lang="ts">
	import { toneOf } from './polar';

	interface Props {
		family: string | null;
		diameterMm: number;
		newDiameterMm: number;
		boreMm: number;
		label?: string;
	}
	/** A wheel in small: dotted as it was when new, solid as it is today. */
	let { family, diameterMm, newDiameterMm, boreMm, label = '' }: Props = $props();
	const t = $derived(toneOf(family));
	const r = $derived((54 * diameterMm) / newDiameterMm);
</script>

<svg
	viewBox="0 0 118 118"
	width="118"
	height="118"
	role="img"
	aria-label={label || `wheel, ${diameterMm} of ${newDiameterMm} mm`}
>
	<circle cx="59" cy="59" r="56" fill="none" stroke="var(--edge)" stroke-dasharray="2 5" />
	<circle cx="59" cy="59" {r} fill={t.main} stroke={t.edge} />
	<circle cx="59" cy="59" r={Math.max(12, Math.min(r - 8, 25))} fill="var(--flange)" stroke="var(--edge)" />
	<circle
		cx="59"
		cy="59"
		r={Math.max(5, Math.min(16, (54 * boreMm) / newDiameterMm))}
		fill="var(--sheet)"
		stroke="var(--edge)"
	/>
</svg>
