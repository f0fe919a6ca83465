<script lang="ts">
	import type { Belief } from './belief';
	import { polar } from './polar';

	interface Props {
		belief: Belief;
		c: number;
		r: number;
	}
	/** The unbalance as a point from the middle, its uncertainty as an ellipse, the tolerance as a circle: inside it, it is good. */
	let { belief, c, r }: Props = $props();
	const id = $props.id();
	const far = $derived(
		Math.max(
			belief.allowedGmm * 1.5,
			belief.unbalanceGmm + Math.min(belief.majorGmm, belief.unbalanceGmm + belief.allowedGmm * 3)
		) * 1.05
	);
	const s = $derived(r / far);
	const at = $derived(polar(c, c, belief.unbalanceGmm * s, belief.heavyAngleDeg));
</script>

<clipPath {id}><circle cx={c} cy={c} {r} /></clipPath>
<g clip-path="url(#{id})">
	<circle
		cx={c}
		cy={c}
		r={belief.allowedGmm * s}
		fill="var(--ok-soft)"
		stroke="var(--ok)"
		stroke-width="1.5"
	/>
	<g transform="translate({at[0]} {at[1]}) rotate({belief.majorAngleDeg - 90})"
		><ellipse
			rx={Math.min(3 * r, belief.majorGmm * s)}
			ry={Math.max(1.5, belief.minorGmm * s)}
			fill="var(--stop)"
			fill-opacity="0.16"
			stroke="var(--stop)"
			stroke-dasharray="4 3"
		/></g
	>
	<line x1={c} y1={c} x2={at[0]} y2={at[1]} stroke="var(--stop)" stroke-width="2.5" /><circle
		cx={at[0]}
		cy={at[1]}
		r="5"
		fill="var(--stop)"
	/>
</g>
<circle cx={c} cy={c} r="2.5" fill="var(--ink)" />
