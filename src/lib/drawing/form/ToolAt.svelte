<script lang="ts">
	import { type Segment, lengthOf, pointAt } from '$core/form/profile/segment';
	import type { BoardScale } from './board-scale';

	interface Props {
		path: readonly Segment[];
		rho: number;
		stoneDeg: number | null;
		scale: BoardScale;
		/** How far along the path it stands. */
		share?: number;
	}
	/** The tool on its path: its round nose, and the stone behind it as slim as it is. */
	let { path, rho, stoneDeg, scale, share = 0.4 }: Props = $props();
	const at = $derived.by(() => {
		let left = share * path.reduce((l, s) => l + lengthOf(s), 0);
		for (const s of path) {
			const length = lengthOf(s);
			if (left <= length) return pointAt(s, length ? left / length : 0);
			left -= length;
		}
		return pointAt(path.at(-1)!, 1);
	});
	const [z, x] = $derived([scale.z(at.zMm), scale.x(at.xMm)]);
	const [rz, rx] = $derived([Math.max(2, rho * scale.kz), Math.max(2, rho * scale.kx)]);
	/** The flanks leave the nose where they touch it, and open as the stone does, stretched as the drawing is. */
	const half = $derived((((stoneDeg ?? 40) / 2) * Math.PI) / 180);
	const UP = 40;
	const wide = $derived(Math.min(60, rz * Math.cos(half) + UP * Math.tan(half) * (scale.kz / scale.kx)));
</script>

<path
	d="M{z - rz * Math.cos(half)} {x + rx * Math.sin(half)}L{z - wide} {x - UP}H{z + wide}L{z +
		rz * Math.cos(half)} {x + rx * Math.sin(half)}Z"
	fill="var(--steel)"
	opacity="0.85"
/>
<ellipse cx={z} cy={x} rx={rz} ry={rx} fill="var(--ink)" opacity="0.9" />
