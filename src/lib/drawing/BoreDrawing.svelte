<script lang="ts">
	interface Props {
		clearanceUm: number | null;
		seatMm: number;
	}
	/** The bore on its seat seen from the front, the play drawn far too large and said so. */
	let { clearanceUm, seatMm }: Props = $props();
	const R = 84;
	const scale = $derived(
		clearanceUm && clearanceUm > 0
			? Math.max(1, Math.round(((18 / (clearanceUm / 1000)) * ((2 * seatMm) / (2 * R))) / 10) * 10)
			: 1
	);
	const gap = $derived(clearanceUm === null ? 9 : Math.max(-8, Math.min(26, clearanceUm > 0 ? 18 : -6)));
</script>

<svg
	viewBox="0 0 300 210"
	width="100%"
	style="max-width:300px"
	role="img"
	aria-label={clearanceUm === null
		? 'Bore on its seat'
		: `Bore on its seat with ${clearanceUm.toFixed(0)} micrometres of play; the wheel hangs down by half of it`}
>
	<rect width="300" height="192" fill="var(--wheel-fill)" />
	<circle cx="150" cy={96 + gap / 2} r={R} fill="var(--sheet)" stroke="var(--wheel-edge)" stroke-width="2" />
	<circle
		cx="150"
		cy="96"
		r={R - Math.max(0, gap) / 2}
		fill="var(--flange)"
		stroke="var(--steel)"
		stroke-width="2"
	/>
	<path d="M150 88v16M142 96h16" stroke="var(--steel)" /><path
		d="M150 {88 + gap / 2}v16M142 {96 + gap / 2}h16"
		stroke="var(--wheel-edge)"
		stroke-dasharray="3 2"
	/>
	{#if gap < 0}<circle cx="150" cy="96" r={R} fill="none" stroke="var(--stop)" stroke-width="4" />{/if}
	<text x="4" y="206"
		>{clearanceUm && clearanceUm > 0 ? `play drawn ${scale} times too large` : 'seat and bore'}</text
	>
</svg>

<style>
	text {
		font: 500 12.5px var(--text);
		fill: var(--ink2);
	}
</style>
