<script lang="ts">
	import { figure } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { Point, Section } from '$core/spec/shape-section';
	import { toneOf } from './polar';

	interface Props {
		section: Section;
		family?: string | null;
		units?: System;
		height?: number;
	}
	/** A wheel of any shape cut through its axis, to scale, its dimension letters beside it; what is missing is drawn dashed and asked for. */
	let { section, family = null, units = 'mm', height = 230 }: Props = $props();
	const W = 330;
	const t = $derived(toneOf(family));
	const k = $derived(Math.min((height - 24) / section.diameterMm, 150 / Math.max(section.widthMm, 1)));
	const back = $derived(Math.min(0, ...section.parts.flatMap((p) => p.points.map(([z]) => z))));
	const x0 = $derived(84 - (section.widthMm * k) / 2);
	const x = (z: number) => x0 + (z - back) * k;
	const y = (r: number) => height / 2 - r * k;
	const path = (points: readonly Point[], side: 1 | -1) =>
		`M${points.map(([z, r]) => `${x(z).toFixed(1)} ${y(side * r).toFixed(1)}`).join('L')}Z`;
	const GAP = 21;
	/** Labels stand in a column, in the order of their places, never on top of each other. */
	const column = $derived.by(() => {
		const sorted = [...section.labels].sort((a, b) => b.at[1] - a.at[1]);
		let last = -Infinity;
		const placed = sorted.map((l) => {
			const want = y(l.at[1]) + 4;
			last = Math.max(want, last + GAP);
			return { ...l, ty: last };
		});
		const over = Math.max(0, last - (height - 6));
		return placed.map((l, i) => ({ ...l, ty: Math.max(14 + i * GAP, l.ty - over) }));
	});
	const dashed = $derived(section.missing.length > 0);
</script>

<svg
	viewBox="0 0 {W} {height}"
	width="100%"
	role="img"
	aria-label="{section.name} cut through: {section.labels
		.map((l) => `${l.letter} ${l.valueMm === null ? 'missing' : figure(l.valueMm, 'mm', units)}`)
		.join(', ')}"
>
	{#each [1, -1] as const as side (side)}{#each section.parts as p, i (i)}<path
				d={path(p.points, side)}
				fill={p.kind === 'core' ? 'var(--flange)' : t.main}
				stroke={p.kind === 'core' ? 'var(--edge)' : t.edge}
				stroke-dasharray={dashed ? '5 3' : undefined}
				stroke-width="1.3"
			/>{/each}{/each}
	<line
		x1={x(back) - 12}
		x2={x(back + section.widthMm) + 12}
		y1={height / 2}
		y2={height / 2}
		stroke="var(--ink2)"
		stroke-dasharray="8 3 2 3"
	/>
	{#each column as l, at (at)}
		<path
			d="M{x(l.at[0]).toFixed(1)} {y(l.at[1]).toFixed(1)}L208 {(l.ty - 4).toFixed(1)}"
			stroke={l.valueMm === null ? 'var(--caution)' : 'var(--edge)'}
			fill="none"
		/><circle
			cx={x(l.at[0])}
			cy={y(l.at[1])}
			r="2.2"
			fill={l.valueMm === null ? 'var(--caution)' : 'var(--ink2)'}
		/>
		<text x="214" y={l.ty} class:ask={l.valueMm === null}
			><tspan class="l">{l.letter}</tspan>
			{l.valueMm === null ? 'missing' : figure(l.valueMm, 'mm', units)}</text
		>
	{/each}
</svg>

<style>
	text {
		font: 500 14px var(--mono);
		fill: var(--ink);
	}
	.l {
		font-weight: 700;
	}
	.ask {
		fill: var(--caution);
	}
</style>
