<script lang="ts">
	import { colourOf } from '$lib/ui/colour';
	import { onMount } from 'svelte';
	import { Chart, Legend, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
	import type { RingPicture } from '$core/inspect/ring/picture';

	interface Props {
		picture: RingPicture;
		odd: readonly number[];
		kind: 'notes' | 'decay';
		expectedHz?: number | null;
		twins?: [number, number] | null;
		height?: number;
	}
	/** The notes of the taps around the main one, or how each dies away. Taps that stand out are dashed and red. */
	let { picture, odd, kind, expectedHz = null, twins = null, height = 130 }: Props = $props();
	Chart.register(LineController, LinearScale, LineElement, PointElement, Legend);
	let canvas: HTMLCanvasElement;
	let chart: Chart | null = null;

	function datasets() {
		const [ok, stop, ink, act] = [colourOf('--ok'), colourOf('--stop'), colourOf('--ink'), colourOf('--act')];
		const lines = picture.taps.map((t, i) => {
			const bad = odd.includes(i + 1);
			const data =
				kind === 'notes'
					? t.notes.map((p) => ({ x: p.hz, y: 10 ** (p.db / 20) }))
					: t.decay.map((p) => ({ x: 1000 * p.s, y: p.db }));
			return {
				label: `tap ${i + 1}`,
				data,
				borderColor: bad ? stop : ok,
				borderWidth: bad ? 2 : 1.5,
				borderDash: bad ? [5, 3] : [],
				pointRadius: 0,
				order: bad ? 0 : 1
			};
		});
		const mark = (hz: number, color: string, dash: number[]) => ({
			label: '',
			data: [
				{ x: hz, y: 0 },
				{ x: hz, y: 1.06 }
			],
			borderColor: color,
			borderWidth: 1.5,
			borderDash: dash,
			pointRadius: 0,
			order: 3
		});
		return kind === 'decay'
			? lines
			: [
					...lines,
					...(twins ?? []).map((hz) => mark(hz, ink, [])),
					...(expectedHz ? [mark(expectedHz, act, [2, 3])] : [])
				];
	}
	const range = () => {
		const all = picture.taps.flatMap((t) =>
			kind === 'notes' ? t.notes.map((p) => p.hz) : t.decay.map((p) => 1000 * p.s)
		);
		const step = kind === 'notes' ? 20 : 100;
		return all.length
			? {
					min: kind === 'notes' ? Math.floor(Math.min(...all) / step) * step : 0,
					max: Math.ceil(Math.max(...all) / step) * step
				}
			: { min: 0, max: step };
	};
	const axis = (title: string, more: object) => ({
		type: 'linear' as const,
		grid: { color: colourOf('--rule') },
		ticks: {
			color: colourOf('--ink2'),
			maxTicksLimit: 6,
			maxRotation: 0,
			callback: (v: string | number, i: number, all: unknown[]) =>
				i === all.length - 1 ? `${v} ${title}` : String(v)
		},
		...more
	});
	onMount(() => {
		chart = new Chart(canvas, {
			type: 'line',
			data: { datasets: datasets() },
			options: {
				animation: false,
				maintainAspectRatio: false,
				parsing: false,
				normalized: true,
				events: [],
				plugins: { legend: { display: false } },
				scales: {
					x: axis(kind === 'notes' ? 'Hz' : 'ms', range()),
					y: kind === 'notes' ? { display: false, min: 0, max: 1.08 } : axis('dB', { min: -60, max: 0 })
				}
			}
		});
		return () => chart?.destroy();
	});
	$effect(() => {
		void [picture, odd, expectedHz, twins];
		if (chart) {
			chart.data.datasets = datasets();
			Object.assign(chart.options.scales!.x!, range());
			chart.update('none');
		}
	});
	const said = $derived(
		kind === 'notes'
			? `Notes of ${picture.taps.length} taps${twins ? `, two of them at ${twins[0].toFixed(0)} and ${twins[1].toFixed(0)} hertz` : ''}${expectedHz ? `; ${expectedHz.toFixed(0)} hertz expected` : ''}`
			: `How ${picture.taps.length} taps die away`
	);
</script>

<div
	style="height: {height}px"
	role="img"
	aria-label="{said}{odd.length ? `; standing out: taps ${odd.join(', ')}` : ''}"
>
	<canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>

<style>
	div {
		position: relative;
		background: var(--well);
	}
</style>
