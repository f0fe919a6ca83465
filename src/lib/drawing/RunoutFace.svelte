<script lang="ts">
	import { polar } from './polar';

	interface Props {
		readingsUm: readonly number[];
		turned: 'counter-clockwise' | 'clockwise';
		out: { meanUm: number; eccentricityUm: number; highSpotAngleDeg: number; tirUm: number } | null;
		at: number;
		places: number;
	}
	/** The rim as it was read, far too large and said so: what was measured, its eccentric part, and the high spot. */
	let { readingsUm, turned, out, at, places }: Props = $props();
	const C = 178,
		R = 122,
		MAX = 28;
	const sign = $derived(turned === 'clockwise' ? -1 : 1);
	const angles = $derived(readingsUm.map((_, k) => (sign * k * 360) / readingsUm.length));
	const reach = $derived(Math.max(1e-9, ...readingsUm.map((r) => Math.abs(r - (out?.meanUm ?? 0)))));
	/** Pixels per micrometre; the rim itself is R pixels for half a diameter, so this is how far out of scale it is drawn. */
	const k = $derived(MAX / reach);
	const times = $derived(Number(((k * 1000) / (R / 150)).toPrecision(2)));
	const points = $derived(
		readingsUm.map((r, i) => polar(C, C, R + (r - (out?.meanUm ?? 0)) * k, angles[i]!))
	);
	/** A smooth closed line through the points. */
	const outline = $derived.by(() => {
		const n = points.length;
		if (n < 3) return '';
		let d = `M${points[0]!.join(' ')}`;
		for (let i = 0; i < n; i++) {
			const [p0, p1, p2, p3] = [
				points[(i - 1 + n) % n]!,
				points[i]!,
				points[(i + 1) % n]!,
				points[(i + 2) % n]!
			];
			d += `C${p1[0] + (p2[0] - p0[0]) / 6} ${p1[1] + (p2[1] - p0[1]) / 6} ${p2[0] - (p3[0] - p1[0]) / 6} ${p2[1] - (p3[1] - p1[1]) / 6} ${p2[0]} ${p2[1]}`;
		}
		return `${d}Z`;
	});
	const circle = $derived(out ? polar(C, C, out.eccentricityUm * k, out.highSpotAngleDeg) : null);
	const high = $derived(out ? polar(C, C, R + MAX + 18, out.highSpotAngleDeg) : null);
	const low = $derived(out ? out.highSpotAngleDeg + 180 : 0);
</script>

<svg
	viewBox="0 0 356 366"
	width="100%"
	role="img"
	aria-label={out
		? `Rim: runs out ${out.tirUm.toFixed(0)} micrometres, high at ${out.highSpotAngleDeg.toFixed(0)} degrees, ${out.eccentricityUm.toFixed(0)} off centre`
		: `Rim with ${places} places to read`}
>
	<circle cx={C} cy={C} r={R} fill="var(--wheel-fill)" stroke="var(--wheel-edge)" stroke-dasharray="3 4" />
	{#if outline}<path
			d={outline}
			fill="var(--wheel-edge)"
			fill-opacity="0.3"
			stroke="var(--wheel-ink)"
			stroke-width="2"
		/>{/if}
	{#if out && circle}<circle
			cx={circle[0]}
			cy={circle[1]}
			r={R}
			fill="none"
			stroke="var(--act)"
			stroke-width="1.8"
			stroke-dasharray="7 4"
		/>{/if}
	<circle cx={C} cy={C} r="44" fill="var(--sheet)" stroke="var(--edge)" />
	{#each Array.from({ length: places }, (_, i) => (i * 360) / places) as d (d)}{@const [x, y] = polar(
			C,
			C,
			R - 50,
			d
		)}<text {x} y={y + 4} text-anchor="middle" class="num">{d}</text>{/each}
	{#each points as [x, y], i (i)}<circle cx={x} cy={y} r="4.5" fill="var(--ink)" />{/each}
	{#if at >= 0}{@const [x, y] = polar(C, C, R, (sign * at * 360) / places)}<circle
			cx={x}
			cy={y}
			r="8"
			fill="var(--act)"
		/>{/if}
	{#if out && out.eccentricityUm > 0.5}
		{@const [x1, y1] = polar(C, C, 14, out.highSpotAngleDeg)}{@const [x2, y2] = polar(C, C, 34, low)}{@const [
			x3,
			y3
		] = polar(C, C, 40, low)}
		<line {x1} {y1} {x2} {y2} stroke="var(--act)" stroke-width="5" /><path
			d="M0 -8L7 6H-7z"
			fill="var(--act)"
			transform="translate({x3} {y3}) rotate({low})"
		/>
		{#if high}<text
				x={Math.max(34, Math.min(322, high[0]))}
				y={Math.max(14, high[1] + 4)}
				text-anchor="middle"
				class="high">high, {out.highSpotAngleDeg.toFixed(0)}°</text
			>{/if}
	{/if}
	<path d="M{C} 8l-7 -8h14z" transform="translate(0 16) rotate(0)" fill="var(--ink)" />
	<text x="4" y="360"
		>{points.length
			? `run-out drawn ${times.toLocaleString('en-GB')} times its size`
			: 'reads fill in clockwise from the mark'}</text
	>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
	.num {
		font-family: var(--mono);
		fill: var(--wheel-ink);
	}
	.high {
		font-weight: 700;
		font-size: 14px;
		fill: var(--stop);
		paint-order: stroke;
		stroke: var(--sheet);
		stroke-width: 5px;
		stroke-linejoin: round;
	}
</style>
