<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	interface Props {
		leadUm: number;
		activeUm: number;
		depthUm: number;
		tipUm: number | null;
		ridgeUm: number;
	}
	/** Tracks of the diamond across the wheel's face, cut through: lead to scale, depth drawn larger and said so. */
	let { leadUm, activeUm, depthUm, tipUm, ridgeUm }: Props = $props();
	const { q } = useUnits();
	const W = 340,
		H = 112,
		TOP = 30;
	const tracks = 9;
	const sx = $derived((W - 30) / (tracks * leadUm));
	const sy = $derived(Math.min(44 / Math.max(depthUm, 0.1), 40 * sx * 10));
	const times = $derived(Math.max(1, Math.round(sy / sx)));
	const surface = $derived.by(() => {
		const n = 240;
		let d = '';
		for (let i = 0; i <= n; i++) {
			const z = (i / n) * tracks * leadUm;
			let depth = 0;
			for (let t = 0; t <= tracks; t++) {
				const dz = Math.abs(z - t * leadUm);
				const h =
					dz > activeUm / 2
						? 0
						: tipUm === null
							? depthUm
							: depthUm - (tipUm - Math.sqrt(Math.max(0, tipUm * tipUm - dz * dz)));
				depth = Math.max(depth, h);
			}
			d += `${i ? 'L' : 'M'}${(15 + z * sx).toFixed(1)} ${(TOP + depth * sy).toFixed(1)}`;
		}
		return d;
	});
</script>

<svg
	viewBox="0 0 {W} {H}"
	width="100%"
	role="img"
	aria-label="Tracks {q(leadUm, 'um')} apart, {q(activeUm, 'um')} wide, ridge {q(ridgeUm, 'um')}"
>
	<line x1="15" x2={W - 15} y1={TOP} y2={TOP} stroke="var(--edge)" stroke-dasharray="3 4" />
	<path
		d="{surface}L{W - 15} {H - 16}L15 {H - 16}Z"
		fill="var(--wheel-fill)"
		stroke="var(--wheel-ink)"
		stroke-width="1.6"
	/>
	<path d="M{15 + leadUm * sx} 20v-6h{leadUm * sx}v6" fill="none" stroke="var(--act)" /><text
		x={15 + leadUm * sx * 1.5}
		y="11"
		text-anchor="middle"
		class="num">{q(leadUm, 'um')}</text
	>
	<text x="15" y={H - 2}>ridge {q(ridgeUm, 'um')}, depth drawn {times} times too large</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
	.num {
		font: 600 12.5px var(--mono);
		fill: var(--act);
	}
</style>
