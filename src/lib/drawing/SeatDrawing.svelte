<script lang="ts">
	import { polar } from './polar';

	interface Props {
		clearanceUm: number;
		nowUm: number | null;
		nowAngle: number;
		move: { um: number; angle: number } | null;
		words: string;
	}
	/** The bore on its seat, the play far too large and said so: where the wheel sits, and where the push takes it. */
	let { clearanceUm, nowUm, nowAngle, move, words }: Props = $props();
	const C = 130,
		SEAT = 62,
		PLAY = 30;
	const s = $derived(clearanceUm > 0 ? PLAY / (clearanceUm / 2) : 0);
	const now = $derived(polar(C, C, (nowUm ?? 0) * s, nowAngle));
	const to = $derived.by(() => {
		if (!move) return null;
		const [dx, dy] = polar(0, 0, Math.min(2 * PLAY, move.um * s), move.angle);
		return [now[0] + dx, now[1] + dy] as const;
	});
	const times = $derived(clearanceUm > 0 ? Math.round((PLAY * 1000) / (clearanceUm / 2) / 1.5) : 0);
</script>

<svg viewBox="0 0 260 262" role="img" aria-label="Bore on its seat, play drawn far too large. {words}">
	<circle cx={now[0]} cy={now[1]} r="98" fill="var(--wheel-fill)" /><circle
		cx={now[0]}
		cy={now[1]}
		r={SEAT + PLAY}
		fill="var(--sheet)"
		stroke="var(--wheel-edge)"
		stroke-width="2"
	/>
	{#if to}<circle
			cx={to[0]}
			cy={to[1]}
			r={SEAT + PLAY}
			fill="none"
			stroke="var(--act)"
			stroke-width="2"
			stroke-dasharray="6 4"
		/>{/if}
	<circle cx={C} cy={C} r={SEAT} fill="var(--flange)" stroke="var(--edge)" stroke-width="2" /><circle
		cx={C}
		cy={C}
		r="3"
		fill="var(--ink)"
	/>
	{#if move && move.um > 0}{@const [x1, y1] = polar(C, C, 22, move.angle + 180)}{@const [x2, y2] = polar(
			C,
			C,
			26,
			move.angle
		)}{@const [x3, y3] = polar(C, C, 34, move.angle)}<line
			{x1}
			{y1}
			{x2}
			{y2}
			stroke="var(--act)"
			stroke-width="6"
		/><path d="M0 -9L8 6H-8z" fill="var(--act)" transform="translate({x3} {y3}) rotate({move.angle})" />{/if}
	<path d="M{C} 4l-6 -4h12z" transform="translate(0 4)" fill="var(--ink)" />
</svg>
<p>
	{times ? `Play drawn about ${times.toLocaleString('en-GB')} times its size` : 'Enter the play'}{nowUm ===
		null && clearanceUm
		? '; where the seat is, is not known'
		: ''}.
</p>

<style>
	svg {
		width: 100%;
		max-height: 250px;
	}
	p {
		font-size: 12.5px;
		color: var(--ink2);
	}
</style>
