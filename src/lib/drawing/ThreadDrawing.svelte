<script lang="ts">
	import { arcPath, polar } from './polar';

	interface Props {
		rotation: 'cw' | 'ccw';
		tightens: boolean;
		hand: string;
	}
	/** Facing the nut: which way the spindle turns, which way drag urges the nut, and whether that tightens it. */
	let { rotation, tightens, hand }: Props = $props();
	const cw = $derived(rotation === 'cw');
	const tip = (r: number, deg: number, clockwise: boolean) => {
		const [x, y] = polar(120, 120, r, deg);
		return `translate(${x} ${y}) rotate(${clockwise ? deg + 90 : deg - 90})`;
	};
</script>

<svg
	viewBox="0 0 240 240"
	width="100%"
	role="img"
	aria-label="Facing the nut: spindle turns {cw ? 'clockwise' : 'anticlockwise'}, drag urges the nut {cw
		? 'anticlockwise'
		: 'clockwise'}, which {tightens ? 'tightens' : 'loosens'} a {hand}-hand thread"
>
	<circle cx="120" cy="120" r="112" fill="var(--wheel-fill)" stroke="var(--wheel-edge)" /><circle
		cx="120"
		cy="120"
		r="70"
		fill="var(--flange)"
		stroke="var(--edge)"
	/>
	<path
		d="M120 84l31 18v36l-31 18l-31-18v-36z"
		fill="var(--track)"
		stroke="var(--steel)"
		stroke-width="2"
	/><circle cx="120" cy="120" r="17" fill="var(--sheet)" stroke="var(--steel)" stroke-width="2" />
	<path
		d={arcPath(120, 120, 92, cw ? -60 : 60, cw ? 40 : -40)}
		fill="none"
		stroke="var(--wheel-ink)"
		stroke-width="4"
	/><path d="M0 -11L8 6H-8z" fill="var(--wheel-ink)" transform={tip(92, cw ? 44 : -44, cw)} />
	<path
		d={arcPath(120, 120, 54, cw ? 60 : -60, cw ? -30 : 30)}
		fill="none"
		stroke={tightens ? 'var(--ok)' : 'var(--stop)'}
		stroke-width="4"
	/><path
		d="M0 -9L7 6H-7z"
		fill={tightens ? 'var(--ok)' : 'var(--stop)'}
		transform={tip(54, cw ? -34 : 34, !cw)}
	/>
	<text x="120" y="216" text-anchor="middle" fill="var(--wheel-ink)">spindle turns</text><text
		class="small"
		x="120"
		y="174"
		text-anchor="middle"
		fill={tightens ? 'var(--ok)' : 'var(--stop)'}>{tightens ? 'drag tightens' : 'drag loosens'}</text
	>
</svg>

<style>
	text {
		font: 600 13px var(--text);
	}
	.small {
		font-size: 12px;
	}
</style>
