<script lang="ts">
	import type { Snippet } from 'svelte';
	import { mirrored } from '$core/form/mirror';
	import { type Segment, flankDeg, tangentsOf } from '$core/form/profile/segment';
	import type { Left } from '$core/form/profile/unreached';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { toneOf } from '../polar';
	import ToolAt from './ToolAt.svelte';
	import { type BoardScale, boardScale, drawnChain, stretchWords } from './board-scale';

	interface Props {
		chain: readonly Segment[];
		/** Path of the middle of the tool, and the radius of its nose. */
		path?: readonly Segment[];
		rho?: number;
		/** Angle of the stone between its flanks. */
		stoneDeg?: number | null;
		/** Places that the tool leaves, and how much may be left. */
		left?: readonly Left[];
		mayLeaveUm?: number;
		/** Flanks steeper than this are not reached. */
		steepestDeg?: number | null;
		/** It is fed straight in: what stands steeper than this gets too little of a bite. */
		dullFromDeg?: number | null;
		/** Depth at which the abrasive ends. */
		stockMm?: number | null;
		family?: string | null;
		/** A stretch of the path, or of the face, that is being looked at. */
		lit?: Segment | null;
		/** How far along its path the tool stands. */
		toolShare?: number;
		/** What is drawn beneath: the part, or the roll that is its mirror too. */
		beneath?: string;
		/** What lies over the face, to take hold of it. */
		handles?: Snippet<[BoardScale]>;
		/** Kept while something is held: a scale that runs away cannot be aimed at. */
		frozen?: BoardScale | null;
		units: System;
	}
	/** The wheel's face cut through, and the part that belongs to it beneath: the tool on its path, what it leaves and cannot reach where it is. */
	let {
		chain,
		path = [],
		rho = 0,
		stoneDeg = null,
		left = [],
		mayLeaveUm = 1,
		steepestDeg = null,
		dullFromDeg = null,
		stockMm = null,
		family = null,
		lit = null,
		toolShare = 0.4,
		beneath = 'part',
		handles,
		frozen = null,
		units
	}: Props = $props();
	const [LEFT, WIDE, TOP, DEEP, BODY] = [54, 570, 52, 104, 26];
	const uid = $props.id();
	const t = $derived(toneOf(family));
	const s = $derived(frozen ?? boardScale(chain, { left: LEFT, top: TOP, width: WIDE, height: DEEP }));
	const face = $derived(drawnChain(chain, s));
	const floor = $derived(s.x(s.xMax) + BODY);
	const part = $derived(mirrored(chain));
	const PART_TOP = $derived(floor + 24);
	const p = $derived(boardScale(part, { left: LEFT, top: PART_TOP, width: WIDE, height: DEEP * 0.4 }));
	const bottom = $derived(p.x(p.xMax) + 14);
	const q = (mm: number) => fineQuantity(mm, 'mm', units);
	const missed = $derived(left.filter((l) => 1000 * l.mm > mayLeaveUm + 1e-9));
	const worst = $derived(missed.reduce<Left | null>((a, b) => (a && a.mm >= b.mm ? a : b), null));
	const steep = $derived(
		steepestDeg === null
			? []
			: chain.filter((c) => Math.max(...tangentsOf(c).map(flankDeg)) > steepestDeg + 1e-9)
	);
	const dull = $derived(
		dullFromDeg === null
			? []
			: chain.filter((c) => c.kind === 'line' && flankDeg(tangentsOf(c)[0]) > dullFromDeg)
	);
	const beyond = $derived(stockMm !== null && s.xMax > stockMm + 1e-9);
	const said = $derived(
		[
			`Face ${q(s.zMax - s.zMin)} wide, ${q(s.xMax - s.xMin)} deep`,
			...(worst ? [`the tool leaves ${quantity(1000 * worst.mm, 'um', units)} at ${q(worst.zMm)}`] : []),
			...(dull.length ? [`${dull.length} walls get next to nothing of a bite straight in`] : []),
			...(steep.length ? [`${steep.length} flanks are too steep for the stone`] : []),
			...(beyond ? [`it goes deeper than the abrasive at ${q(stockMm!)}`] : []),
			stretchWords(s)
		].join('; ')
	);
	const worstAt = $derived(worst ? Math.max(LEFT + 70, Math.min(LEFT + WIDE - 96, s.z(worst.zMm))) : 0);
</script>

<svg viewBox="0 0 640 {bottom + 4}" width="100%" role="img" aria-label={said}>
	<defs
		><pattern id="{uid}-grain" width="14" height="14" patternUnits="userSpaceOnUse"
			><rect width="14" height="14" fill={t.main} /><path
				d="M2 4l3 1-1 3zM9 10l3-1 0 3z"
				fill={t.grain}
			/></pattern
		><clipPath id="{uid}-sheet"><rect x="0" y="36" width="640" height={floor} /></clipPath></defs
	>
	<path d="M{LEFT} 34v-14M{LEFT + WIDE} 34v-14M{LEFT} 27h{WIDE}" stroke="var(--ink2)" fill="none" />
	<rect x={LEFT + WIDE / 2 - 42} y="17" width="84" height="20" fill="var(--sheet)" />
	<text x={LEFT + WIDE / 2} y="32" text-anchor="middle" class="dim">{q(s.zMax - s.zMin)}</text>
	{#if s.xMax - s.xMin > 1e-6}<path
			d="M34 {s.x(s.xMin)}h14M34 {s.x(s.xMax)}h14M41 {s.x(s.xMin)}V{s.x(s.xMax)}"
			stroke="var(--ink2)"
			fill="none"
		/><text
			x="24"
			y={(s.x(s.xMin) + s.x(s.xMax)) / 2}
			text-anchor="middle"
			transform="rotate(-90 24 {(s.x(s.xMin) + s.x(s.xMax)) / 2})"
			class="dim">{q(s.xMax - s.xMin)}</text
		>{/if}
	<path d="{face}L{LEFT + WIDE} {floor}L{LEFT} {floor}Z" fill="url(#{uid}-grain)" />
	{#if stockMm !== null && s.x(stockMm) < floor}<rect
			x={LEFT}
			y={s.x(stockMm)}
			width={WIDE}
			height={floor - s.x(stockMm)}
			fill={beyond ? 'var(--stop-soft)' : 'var(--track)'}
		/><text x={LEFT + WIDE - 6} y={floor - 6} text-anchor="end" class:bad={beyond}
			>no abrasive below {q(stockMm)}</text
		>{/if}
	<path d={face} fill="none" stroke="var(--ink)" stroke-width="2.2" />
	{#each dull as c, i (i)}<path
			d={drawnChain([c], s)}
			fill="none"
			stroke="var(--caution)"
			stroke-width="5"
		/>{/each}
	{#each steep as c, i (i)}<path
			d={drawnChain([c], s)}
			fill="none"
			stroke="var(--stop)"
			stroke-width="5"
		/>{/each}
	{#if path.length}<path
			clip-path="url(#{uid}-sheet)"
			d={drawnChain(path, s)}
			fill="none"
			stroke="var(--act)"
			stroke-width="1.6"
			stroke-dasharray="7 5"
		/><ToolAt {path} {rho} {stoneDeg} scale={s} share={toolShare} />{/if}
	{#if lit}<path d={drawnChain([lit], s)} fill="none" stroke="var(--act)" stroke-width="6" />{/if}
	{#each missed as m, i (i)}<circle cx={s.z(m.zMm)} cy={s.x(m.xMm)} r="6" fill="var(--caution)" />{/each}
	{#if worst}<rect
			x={worstAt - 66}
			y={floor - 27}
			width="160"
			height="22"
			fill="var(--sheet)"
			stroke="var(--caution)"
		/><text x={worstAt + 14} y={floor - 12} text-anchor="middle" class="b"
			>tool leaves {quantity(1000 * worst.mm, 'um', units)}</text
		>{/if}
	<text x={LEFT + 6} y={floor + 15}>wheel, {stretchWords(s)}</text>
	<path
		d="{drawnChain(part, p)}L{LEFT + WIDE} {bottom}L{LEFT} {bottom}Z"
		fill="var(--track)"
		stroke="var(--edge)"
	/>
	<text x={LEFT + 6} y={bottom - 5}>{beneath}</text>
	<!-- Last, so that nothing lies over what is to be taken hold of. -->
	{@render handles?.(s)}
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.dim {
		font: 600 13px var(--mono);
		fill: var(--ink);
	}
	.b {
		font-weight: 650;
		fill: var(--ink);
	}
	.bad {
		fill: var(--stop);
		font-weight: 700;
	}
</style>
