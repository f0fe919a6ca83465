<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { resolve } from '$app/paths';
	import { colourOf } from '$lib/ui/colour';
	import { onMount } from 'svelte';
	import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
	import type { PastRing, WheelFacts } from '$core/facts/wheel';
	import { noteAt } from '$core/route/wheel-ring';
	import { when } from '$lib/words';

	interface Props {
		past: readonly PastRing[];
		wheel: WheelFacts;
	}
	/** The rings of a wheel over its life: the note in per cent of its first, carried over to the same size, and how long it rang. */
	let { past, wheel }: Props = $props();
	const { f, sign } = useUnits();
	Chart.register(LineController, LinearScale, LineElement, PointElement);
	let canvas = $state<HTMLCanvasElement | null>(null);
	const rung = $derived(past.filter((p) => p.frequencyHz !== null));
	const first = $derived(rung.find((p) => p.baseline) ?? null);
	const atSize = (d: number) => noteAt(wheel, 40, d) ?? 1;
	const points = $derived(
		rung.map((p) => ({
			...p,
			pct: first
				? (100 * p.frequencyHz! * atSize(first.diameterMm)) / (first.frequencyHz! * atSize(p.diameterMm)) -
					100
				: 0
		}))
	);
	onMount(() => {
		if (!canvas) return;
		const days = (p: PastRing) => (p.atMs - points[0]!.atMs) / 86_400_000;
		const band = (y: number, color: string) => ({
			data: [
				{ x: 0, y },
				{ x: Math.max(1, days(points.at(-1)!)), y }
			],
			borderColor: color,
			borderWidth: 1.5,
			borderDash: [5, 4],
			pointRadius: 0
		});
		const chart = new Chart(canvas, {
			type: 'line',
			data: {
				datasets: [
					{
						data: points.map((p) => ({ x: days(p), y: p.pct })),
						borderColor: colourOf('--act'),
						backgroundColor: points.map((p) =>
							colourOf(p.ring === 'dull' ? '--stop' : p.ring === 'clear' ? '--ok' : '--caution')
						),
						pointStyle: points.map((p) =>
							p.ring === 'dull' ? 'rectRot' : p.ring === 'clear' ? 'circle' : 'triangle'
						),
						pointRadius: 6,
						borderWidth: 2
					},
					band(-2, colourOf('--caution')),
					band(-5, colourOf('--stop'))
				]
			},
			options: {
				animation: false,
				maintainAspectRatio: false,
				parsing: false,
				normalized: true,
				events: [],
				plugins: { legend: { display: false } },
				scales: {
					x: {
						type: 'linear',
						title: { display: true, text: 'days since the first ring', color: colourOf('--ink2') },
						grid: { color: colourOf('--rule') },
						ticks: { color: colourOf('--ink2') }
					},
					y: {
						suggestedMin: -6,
						suggestedMax: 2,
						title: { display: true, text: 'note, %', color: colourOf('--ink2') },
						grid: { color: colourOf('--rule') },
						ticks: { color: colourOf('--ink2') }
					}
				}
			}
		});
		return () => chart.destroy();
	});
	const said = $derived(
		points
			.map(
				(p) =>
					`${when(p.atMs)}: ${p.frequencyHz!.toFixed(0)} hertz, ${p.ring}${p.simulated ? ', simulated' : ''}`
			)
			.join('; ')
	);
</script>

{#if points.length}
	{#if first && points.length > 1}<div class="box" role="img" aria-label="Note over the wheel's life. {said}">
			<canvas bind:this={canvas} aria-hidden="true"></canvas>
		</div>{/if}
	<table aria-label="Rings of this wheel">
		<thead
			><tr
				><th>When</th><th class="r">⌀, {sign('mm')}</th><th class="r">Note, Hz</th><th class="r">Q</th><th
					class="r">Against the first</th
				><th>Recording</th><th><span class="sr">File</span></th></tr
			></thead
		>
		<tbody
			>{#each [...points].reverse() as p (p.id)}<tr
					><td>{when(p.atMs)}{p.baseline ? ', first' : ''}{p.simulated ? ', simulated' : ''}</td><td
						class="num r">{f(p.diameterMm, 'mm')}</td
					><td class="num r">{p.frequencyHz!.toFixed(0)}</td><td class="num r">{p.q?.toFixed(0) ?? ''}</td><td
						class="num r">{first && !p.baseline ? `${p.pct > 0 ? '+' : ''}${p.pct.toFixed(1)} %` : ''}</td
					><td>{p.ring === 'unusable-recording' ? 'not to be judged' : p.ring}</td><td
						><a href={resolve(`/api/recordings/${p.id}`)} download>WAV</a></td
					></tr
				>{/each}</tbody
		>
	</table>
	<p class="quiet">
		A smaller wheel sings higher: earlier notes are carried over to the same size before they are compared.
	</p>
{/if}

<style>
	.box {
		height: 150px;
		position: relative;
		background: var(--well);
	}
	td,
	th {
		padding: var(--s-4) var(--s-8);
		font-size: var(--type-small);
	}
	.r {
		text-align: right;
	}
</style>
