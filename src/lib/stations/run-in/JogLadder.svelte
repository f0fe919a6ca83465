<script lang="ts">
	interface Props {
		jogs: { number: number; targetRpm: number; powerOnS: number; coastS: number }[];
		runRpm: number;
		/** Measured on this machine; the wheel alone, without mount and rotor, tells nothing of it. */
		coastS: number | null;
	}
	/** Up in nudges: how long the motor is on each time and what speed that reaches. */
	let { jogs, runRpm, coastS }: Props = $props();
	const W = 330,
		H = 150,
		B = 122;
	const x = (i: number) => 10 + ((W - 90) * i) / jogs.length;
	const y = (rpm: number) => B - (rpm / runRpm) * 104;
	const path = $derived(
		`M10 ${B}${jogs.map((j, i) => `L${x(i + 0.62)} ${y(j.targetRpm)}L${x(i + 1)} ${y(j.targetRpm * (j.coastS ? 0.97 : 1))}`).join('')}L${W - 20} ${y(runRpm)}`
	);
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="{jogs.length} nudges of {jogs[0]?.powerOnS.toFixed(1)} seconds up to {runRpm} rpm"
>
	<line x1="10" x2={W - 10} y1={B} y2={B} stroke="var(--edge)" /><line
		x1="10"
		x2={W - 10}
		y1={y(runRpm)}
		y2={y(runRpm)}
		stroke="var(--rule)"
		stroke-dasharray="4 4"
	/>
	<path d={path} fill="none" stroke="var(--act)" stroke-width="3" />
	{#each jogs as j, i (j.number)}<text x={x(i + 0.62)} y={y(j.targetRpm) - 7} text-anchor="middle" class="num"
			>{j.targetRpm.toFixed(0)}</text
		><text x={x(i + 0.34)} y={B + 14} text-anchor="middle"
			>on {j.powerOnS < 10 ? j.powerOnS.toFixed(1) : j.powerOnS.toFixed(0)} s</text
		>{/each}
	<text x={W - 8} y={H - 2} text-anchor="end"
		>{coastS === null ? '' : `stood after ${coastS.toFixed(0)} s when measured; `}wait until it stands</text
	>
</svg>

<style>
	text {
		font: 500 var(--type-fine) var(--text);
		fill: var(--ink2);
	}
	.num {
		font: 600 var(--type-fine) var(--mono);
		fill: var(--ink);
	}
</style>
