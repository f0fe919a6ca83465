<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import type { PackPosition } from '$core/mount/pack-layout';

	/** A stack on its arbor, cut through and to scale from the shoulder, above its axis where everything happens; the measured rims dashed over the planned ones. */
	interface Part {
		kind: string;
		diameterMm: number | null;
		boreMm: number;
		label: string;
		measured: { back: number; front: number } | null;
		bad: boolean;
	}
	interface Props {
		positions: readonly PackPosition[];
		parts: readonly Part[];
		seatMm: number;
		seatLengthMm: number;
		threadEndMm: number;
		nutMm: number;
	}
	let { positions, parts, seatMm, seatLengthMm, threadEndMm, nutMm }: Props = $props();
	const { f, q } = useUnits();
	const W = 400,
		H = 236,
		X0 = 36,
		mid = 162,
		TOP = 10;
	const id = $props.id();
	const long = $derived(
		Math.max(threadEndMm, ...positions.map((p) => Math.max(p.frontMm, p.rimFrontMm ?? 0))) + 4
	);
	const tall = $derived(Math.max(seatMm * 1.6, ...parts.map((p) => p.diameterMm ?? 0)));
	const s = $derived(
		Math.min((W - X0 - 14) / long, (2 * (mid - TOP)) / tall, (H - 26 - mid) / (seatMm * 0.6))
	);
	const x = (mm: number) => X0 + mm * s;
	const stack = $derived(positions.at(-1)?.frontMm ?? 0);
	const words = $derived(
		positions
			.map((p, i) => `${parts[i]!.label} from ${f(p.backMm, 'mm')} to ${q(p.frontMm, 'mm')}`)
			.join(', ')
	);
</script>

<svg viewBox="0 0 {W} {H}" width="100%" role="img" aria-label="Stack from the shoulder: {words || 'empty'}">
	<clipPath {id}><rect width={W} height={mid + seatMm * s * 0.6} /></clipPath>
	<g clip-path="url(#{id})">
		<rect x="6" y={mid - seatMm * s} width={X0 - 6} height={2 * seatMm * s} fill="var(--steel)" /><rect
			x={X0}
			y={mid - (seatMm * s) / 2}
			width={seatLengthMm * s}
			height={seatMm * s}
			fill="var(--flange)"
			stroke="var(--edge)"
		/><rect
			x={x(seatLengthMm)}
			y={mid - seatMm * s * 0.42}
			width={Math.max(0, (threadEndMm - seatLengthMm) * s)}
			height={seatMm * s * 0.84}
			fill="var(--bar)"
			stroke="var(--edge)"
			stroke-dasharray="2 2"
		/>
		{#each positions as p, i (i)}
			{@const part = parts[i]!}
			{#if p.kind === 'wheel'}
				<rect
					x={x(p.backMm)}
					y={mid - Math.min(part.diameterMm ?? 0, seatMm * 1.7) * s * 0.5}
					width={(p.frontMm - p.backMm) * s}
					height={Math.min(part.diameterMm ?? 0, seatMm * 1.7) * s}
					fill="var(--flange)"
					stroke="var(--edge)"
				/>
				{@const r = ((part.diameterMm ?? 0) * s) / 2}{@const inner = (seatMm * 1.7 * s) / 2}<rect
					x={x(p.rimBackMm!)}
					y={mid - r}
					width={(p.rimFrontMm! - p.rimBackMm!) * s}
					height={Math.max(2, r - inner)}
					fill="var(--wheel-fill)"
					stroke={part.bad ? 'var(--stop)' : 'var(--wheel-edge)'}
					stroke-width={part.bad ? 2.5 : 1}
				/>
				{#if part.measured}<rect
						x={x(part.measured.back)}
						y={mid - r}
						width={(part.measured.front - part.measured.back) * s}
						height={Math.max(2, r - inner)}
						fill="none"
						stroke="var(--act)"
						stroke-width="2"
						stroke-dasharray="4 3"
					/>{/if}
			{:else}<rect
					x={x(p.backMm)}
					y={mid - seatMm * s * 0.85}
					width={(p.frontMm - p.backMm) * s}
					height={seatMm * s * 1.7}
					fill={p.kind === 'washer' ? 'var(--edge)' : 'var(--sheet)'}
					stroke={part.bad ? 'var(--stop)' : 'var(--edge)'}
				/>{/if}
			<text x={x((p.backMm + p.frontMm) / 2)} y={mid - 4} text-anchor="middle" class="k">{i + 1}</text>
		{/each}
		{#if positions.length}<rect
				x={x(stack)}
				y={mid - seatMm * s * 0.75}
				width={nutMm * s}
				height={seatMm * s * 1.5}
				fill="var(--steel)"
			/>{/if}
	</g>
	<line
		x1="2"
		x2={x(threadEndMm) + 14}
		y1={mid}
		y2={mid}
		stroke="var(--ink2)"
		stroke-dasharray="12 3 3 3"
		opacity="0.6"
	/>
	{#if positions.length}<text x={x(stack)} y={H - 4} text-anchor="middle">{stack.toFixed(1)}</text>{/if}
	<text x={X0} y={H - 4} text-anchor="middle">0</text><line
		x1={X0}
		x2={X0}
		y1="6"
		y2={H - 18}
		stroke="var(--ink)"
		stroke-dasharray="3 3"
	/>
</svg>

<style>
	text {
		font: 600 12px var(--mono);
		fill: var(--ink2);
	}
	.k {
		font: 700 13px var(--text);
		fill: var(--ink);
	}
</style>
