<script lang="ts">
	import { colourOf } from '$lib/ui/colour';
	import { onMount } from 'svelte';
	import {
		Chart,
		Filler,
		LineController,
		LineElement,
		LogarithmicScale,
		PointElement,
		ScatterController,
		Tooltip
	} from 'chart.js';
	import { FINISH_BAND, naturalRaUm } from '$core/spec/natural-finish';
	import { inSystem, quantity, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import { F_GRITS } from '$core/spec/grit-tables';

	interface Props {
		targetRaUm: number;
		now: { grainUm: number; raUm: number } | null;
		aim: { grainUm: number; raUm: number } | null;
		stocked: readonly number[];
		system: System;
	}
	/** Ra against grain on log axes: the natural finish with its band, what is asked, where the wheel stands as dressed, and the move to make. */
	let { targetRaUm, now, aim, stocked, system }: Props = $props();
	Chart.register(
		LineController,
		ScatterController,
		LogarithmicScale,
		LineElement,
		PointElement,
		Filler,
		Tooltip
	);
	let canvas: HTMLCanvasElement;
	let chart: Chart | null = null;
	const LOW = 20,
		HIGH = 800;
	const grains = Array.from({ length: 41 }, (_, i) => LOW * (HIGH / LOW) ** (i / 40));

	/** Values drawn in the system that is read. */
	const at = (grainUm: number, raUm: number) => ({
		x: inSystem(grainUm, 'um', system),
		y: inSystem(raUm, 'um-Ra', system)
	});
	const line = (f: (d: number) => number) => grains.map((x) => at(x, f(x)));
	/** Round figures of each system along the axes. */
	const TICKS = {
		mm: { grain: [20, 50, 100, 200, 400, 800], ra: [0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2] },
		inch: { grain: [0.001, 0.002, 0.004, 0.008, 0.016, 0.03], ra: [2, 4, 8, 16, 32, 63, 125] }
	};
	function datasets() {
		const [act, ink, ok, stop, edge] = [
			colourOf('--act'),
			colourOf('--ink'),
			colourOf('--ok-soft', 0.6),
			colourOf('--stop'),
			colourOf('--edge')
		];
		return [
			{
				type: 'line' as const,
				label: 'upper',
				data: line((d) => naturalRaUm(d) * (1 + FINISH_BAND)),
				borderWidth: 0,
				pointRadius: 0,
				fill: '+1',
				backgroundColor: ok,
				order: 9
			},
			{
				type: 'line' as const,
				label: 'lower',
				data: line((d) => naturalRaUm(d) * (1 - FINISH_BAND)),
				borderWidth: 0,
				pointRadius: 0,
				order: 9
			},
			{
				type: 'line' as const,
				label: 'dressed sharp',
				data: line(naturalRaUm),
				borderColor: edge,
				borderWidth: 2,
				pointRadius: 0,
				order: 8
			},
			{
				type: 'line' as const,
				label: 'asked',
				data: [at(LOW, targetRaUm), at(HIGH, targetRaUm)],
				borderColor: ink,
				borderWidth: 2,
				borderDash: [6, 4],
				pointRadius: 0,
				order: 7
			},
			{
				type: 'scatter' as const,
				label: 'stocked grits',
				data: stocked.map((n) => at(F_GRITS.get(n)!, naturalRaUm(F_GRITS.get(n)!))),
				backgroundColor: edge,
				pointRadius: 3.5,
				order: 6
			},
			...(now && aim
				? [
						{
							type: 'line' as const,
							label: 'the move',
							data: [at(now.grainUm, now.raUm), at(aim.grainUm, aim.raUm)],
							borderColor: act,
							borderWidth: 3,
							pointRadius: 0,
							order: 3
						}
					]
				: []),
			...(now
				? [
						{
							type: 'scatter' as const,
							label: 'now, as dressed',
							data: [at(now.grainUm, now.raUm)],
							backgroundColor: stop,
							pointRadius: 8,
							pointStyle: 'rectRot' as const,
							order: 1
						}
					]
				: []),
			...(aim
				? [
						{
							type: 'scatter' as const,
							label: 'go here',
							data: [at(aim.grainUm, aim.raUm)],
							backgroundColor: act,
							pointRadius: 8,
							order: 2
						}
					]
				: [])
		];
	}
	const axis = (title: string, min: number, max: number, ticks: number[]) => ({
		type: 'logarithmic' as const,
		min,
		max,
		title: { display: true, text: title, color: colourOf('--ink2') },
		grid: { color: colourOf('--rule') },
		ticks: { color: colourOf('--ink2'), callback: (v: string | number) => String(v) },
		afterBuildTicks: (a: { ticks: { value: number }[] }) => {
			a.ticks = ticks.map((value) => ({ value }));
		}
	});
	const scales = () => ({
		x: axis(`grain, ${symbolOf('um', system)}`, at(LOW, 1).x, at(HIGH, 1).x, TICKS[system].grain),
		y: axis(`Ra, ${symbolOf('um-Ra', system)}`, at(LOW, 0.05).y, at(HIGH, 4).y, TICKS[system].ra)
	});
	onMount(() => {
		chart = new Chart(canvas, {
			data: { datasets: datasets() },
			options: {
				animation: false,
				maintainAspectRatio: false,
				plugins: {
					tooltip: {
						callbacks: {
							label: (c) =>
								`${c.dataset.label}: grain ${Number(c.parsed.x).toPrecision(3)} ${symbolOf('um', system)}, Ra ${Number(c.parsed.y).toPrecision(2)} ${symbolOf('um-Ra', system)}`
						}
					}
				},
				scales: scales()
			}
		});
		return () => chart?.destroy();
	});
	$effect(() => {
		void [targetRaUm, now, aim, stocked, system];
		if (chart) {
			chart.data.datasets = datasets();
			chart.options.scales = scales();
			chart.update('none');
		}
	});
	const ra = (um: number) => quantity(um, 'um-Ra', system);
	const said = $derived(
		`Ra ${ra(targetRaUm)} asked. ${now ? `Now grain ${quantity(now.grainUm, 'um', system)} gives about Ra ${ra(now.raUm)} as dressed. ` : ''}${aim ? `Go to grain ${quantity(aim.grainUm, 'um', system)}, about Ra ${ra(aim.raUm)}.` : ''}`
	);
</script>

<figure>
	<div class="box" role="img" aria-label="Ra against grain. {said}">
		<canvas bind:this={canvas} aria-hidden="true"></canvas>
	</div>
	<figcaption>
		<i class="band"></i>dressed sharp, ± 30 % <i class="dash"></i>asked <i class="dot"></i>stocked
		<i class="now"></i>now <i class="go"></i>go here
	</figcaption>
</figure>

<style>
	.box {
		height: 268px;
		position: relative;
	}
	figcaption {
		font-size: var(--type-small);
		color: var(--ink2);
		display: flex;
		gap: var(--s-6);
		align-items: center;
		flex-wrap: wrap;
	}
	i {
		width: 13px;
		height: 10px;
		display: inline-block;
		margin-left: var(--s-10);
	}
	.band {
		background: var(--ok-soft);
	}
	.dash {
		height: 0;
		border-top: 2px dashed var(--ink);
	}
	.dot {
		width: 8px;
		height: 8px;
		border-radius: 50%;
		background: var(--edge);
	}
	.now {
		width: 10px;
		transform: rotate(45deg);
		background: var(--stop);
	}
	.go {
		width: 11px;
		height: 11px;
		border-radius: 50%;
		background: var(--act);
	}
</style>
