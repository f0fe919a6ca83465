<script module lang="ts">
	import { mulberry32 } from '$core/numeric/random';
	import { polar, toneOf } from './polar';

	const CX = -210,
		CY = 0,
		R = 352;
	/** The grain of the rim as two outlines, dark and glinting; the same on every page, so drawn once. */
	const [GRAIN, GLINT] = (() => {
		const rng = mulberry32(7);
		const paths = ['', ''];
		for (let i = 0; i < 460; i++) {
			const [x, y] = polar(CX, CY, R - 3 - rng() * 150, rng() * 180);
			const q = 1.2 + rng() * 2.2;
			const which = rng() > 0.5 ? 0 : 1;
			if (x > 0)
				paths[which] +=
					`M${x.toFixed(0)} ${(y - q).toFixed(0)}l${q.toFixed(1)} ${(q * 0.8).toFixed(1)}l${(-q * 0.7).toFixed(1)} ${q.toFixed(1)}l${(-q).toFixed(1)} ${(-q * 0.9).toFixed(1)}z`;
		}
		return paths as [string, string];
	})();
</script>

<script lang="ts">
	interface Props {
		family: string | null;
		share?: number;
		known?: boolean;
	}
	/** The wheel of this setup looming in from the left edge, with its grain; decoration behind the rim's links. */
	let { family, share = 1, known = true }: Props = $props();
	const t = $derived(toneOf(family));
	/** Dotted: as it was when new. Drawn no further out than the labels leave room for. */
	const dotted = $derived(Math.min(R + 30, Math.max(R + 8, R / share)));
</script>

<svg viewBox="0 -400 250 800" width="250" height="800" aria-hidden="true">
	<circle cx={CX} cy={CY} r={dotted} fill="none" stroke="var(--edge)" stroke-dasharray="2 5" opacity="0.8" />
	<circle cx={CX} cy={CY} r={R} fill={t.main} stroke={t.edge} stroke-width="1.5" opacity={known ? 1 : 0.5} />
	<circle cx={CX} cy={CY} r={R - 60} fill={t.light} opacity="0.5" />
	{#if known}<path d={GRAIN} fill={t.grain} opacity="0.75" /><path
			d={GLINT}
			fill={t.glint}
			opacity="0.75"
		/>{/if}
	<circle cx={CX} cy={CY} r="212" fill="var(--flange)" stroke={t.edge} />
</svg>
