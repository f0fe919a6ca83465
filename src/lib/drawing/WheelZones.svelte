<script lang="ts">
	import Face from './Face.svelte';
	import { polar } from './polar';

	/** The face of a wheel by zones; a click says where something was seen. Radii in mm. */
	interface Mark {
		angleDeg: number | null;
		radiusMm: number | null;
		zone: string;
		bad: boolean;
		label: string;
	}
	interface Props {
		diameterMm: number;
		boreMm: number;
		flangeMm: number;
		marks: readonly Mark[];
		onpick?: (angleDeg: number, radiusMm: number) => void;
	}
	let { diameterMm, boreMm, flangeMm, marks, onpick }: Props = $props();
	const R = 184;
	const px = (mm: number) => (R * mm) / (diameterMm / 2);
	const placed = $derived(marks.filter((m) => m.angleDeg !== null));
	const middle: Record<string, number> = $derived({
		rim: diameterMm / 2 - 0.03 * diameterMm,
		face: (diameterMm / 2 + flangeMm / 2) / 2,
		flange: (flangeMm + boreMm) / 4,
		bore: boreMm / 2
	});
	function pick(e: MouseEvent) {
		const svg = (e.currentTarget as Element).querySelector('svg')!.getBoundingClientRect();
		const [x, y] = [
			((e.clientX - svg.left) / svg.width) * 400 - 200,
			((e.clientY - svg.top) / svg.height) * 400 - 200
		];
		const r = Math.hypot(x, y);
		if (r <= R + 6 && r >= px(boreMm / 2) * 0.7)
			onpick?.(
				Math.round(((Math.atan2(x, -y) * 180) / Math.PI + 360) % 360) % 360,
				Math.min(diameterMm / 2, (r * diameterMm) / (2 * R))
			);
	}
	const words = $derived(
		`Wheel face. ${placed.length ? placed.map((m) => `${m.label} at ${m.angleDeg} degrees on the ${m.zone}`).join('; ') : 'Nothing noted'}`
	);
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<div onclick={pick} style={onpick ? 'cursor: crosshair' : ''}>
	<Face label={words} size={400} bore={px(boreMm / 2)} flange={0} numbers={false}>
		{#snippet over(c)}
			<circle
				cx={c}
				cy={c}
				r={R * 0.92}
				fill="none"
				stroke="var(--wheel-edge)"
				stroke-dasharray="3 4"
			/><circle
				cx={c}
				cy={c}
				r={px(flangeMm / 2)}
				fill="none"
				stroke="var(--wheel-edge)"
				stroke-dasharray="3 4"
			/>
			<text x={c} y={c - px((flangeMm + boreMm) / 4) + 4} text-anchor="middle">under the flange</text><text
				x={c}
				y={c - px(middle.face!) + 4}
				text-anchor="middle">face</text
			>
			{#each placed as m, at (at)}
				{@const [x, y] = polar(c, c, px(m.radiusMm ?? middle[m.zone] ?? 0), m.angleDeg!)}
				{#if m.bad}<rect
						x={x - 11}
						y={y - 11}
						width="22"
						height="22"
						fill="var(--stop)"
						stroke="var(--sheet)"
					/>{:else}<circle cx={x} cy={y} r="11" fill="var(--caution)" stroke="var(--sheet)" />{/if}
				<text {x} y={y + 5} text-anchor="middle" class="n">{m.label}</text>
			{/each}
		{/snippet}
	</Face>
</div>

<style>
	text {
		font: 500 17px var(--text);
		fill: var(--wheel-ink);
		pointer-events: none;
	}
	.n {
		font: 700 15px var(--text);
		fill: var(--sheet);
	}
</style>
