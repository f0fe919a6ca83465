<script lang="ts">
	import { snapped } from '$core/form/edit/chain-edit';
	import { endOf, startOf, type Point, type Segment } from '$core/form/profile/segment';
	import type { BoardScale } from '$lib/drawing/form/board-scale';

	interface Props {
		chain: readonly Segment[];
		scale: BoardScale;
		picked: number;
		onhold: (vertex: number) => void;
		onmove: (vertex: number, zMm: number, xMm: number) => void;
		onleave: () => void;
	}
	/** The corners of an outline to be taken hold of: a shortcut, what they snap to are the figures that stand already. */
	let { chain, scale, picked, onhold, onmove, onleave }: Props = $props();
	const vertices = $derived<Point[]>(chain.length ? [startOf(chain[0]!), ...chain.map(endOf)] : []);
	let held = $state<number | null>(null);
	/** Near enough to a figure that stands already, in units of the drawing. */
	const NEAR = 7;
	function at(e: PointerEvent & { currentTarget: SVGElement }): Point | null {
		const svg = e.currentTarget.ownerSVGElement;
		const from = svg?.getScreenCTM()?.inverse();
		if (!svg || !from) return null;
		const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(from);
		return { zMm: scale.zAt(p.x), xMm: scale.xAt(p.y) };
	}
	function take(e: PointerEvent & { currentTarget: SVGElement }, k: number) {
		if (e.button !== 0) return;
		e.currentTarget.setPointerCapture(e.pointerId);
		held = k;
		onhold(k);
	}
	function move(e: PointerEvent & { currentTarget: SVGElement }) {
		if (held === null) return;
		const p = at(e);
		if (!p) return;
		const others = vertices.filter((_, k) => k !== held);
		onmove(
			held,
			snapped(
				p.zMm,
				others.map((v) => v.zMm),
				NEAR / scale.kz
			),
			snapped(
				p.xMm,
				others.map((v) => v.xMm),
				NEAR / scale.kx
			)
		);
	}
	function leave() {
		if (held === null) return;
		held = null;
		onleave();
	}
</script>

<!-- The same is done by keyboard in the list of segments; for who does not see the drawing there is nothing here. -->
<g aria-hidden="true">
	{#each vertices as v, k (k)}<circle
			role="presentation"
			cx={scale.z(v.zMm)}
			cy={scale.x(v.xMm)}
			r={held === k ? 7 : 5}
			class:on={k === picked || k === picked + 1}
			onpointerdown={(e) => take(e, k)}
			onpointermove={move}
			onpointerup={leave}
			onpointercancel={leave}
		/>{/each}
</g>

<style>
	circle {
		fill: var(--sheet);
		stroke: var(--ink2);
		stroke-width: 1.6;
		cursor: grab;
		touch-action: none;
	}
	circle.on {
		stroke: var(--act);
		stroke-width: 2.6;
	}
</style>
