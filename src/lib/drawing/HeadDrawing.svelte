<script lang="ts">
	import { polar } from './polar';

	interface Props {
		mass1: number;
		mass2: number;
		mmPerS: number | null;
	}
	/** A balancing head from the front: its two driven masses on their ring. */
	let { mass1, mass2, mmPerS }: Props = $props();
	const C = 75;
	const [a, b] = $derived([polar(C, C, 48, mass1), polar(C, C, 48, mass2)]);
</script>

<svg
	viewBox="0 0 150 150"
	width="100%"
	role="img"
	aria-label="Balancing head, masses at {mass1.toFixed(0)} and {mass2.toFixed(0)} degrees{mmPerS === null
		? ''
		: `, ${mmPerS.toFixed(2)} millimetres a second`}"
>
	<circle cx={C} cy={C} r="68" fill="var(--flange)" stroke="var(--edge)" /><circle
		cx={C}
		cy={C}
		r="48"
		fill="none"
		stroke="var(--track)"
		stroke-width="18"
	/><circle cx={C} cy={C} r="14" fill="var(--steel)" />
	<circle cx={a[0]} cy={a[1]} r="12" fill="var(--act)" /><circle
		cx={b[0]}
		cy={b[1]}
		r="12"
		fill="var(--act)"
	/><path d="M{C} 6l-5 -6h10z" fill="var(--ink)" />
</svg>
