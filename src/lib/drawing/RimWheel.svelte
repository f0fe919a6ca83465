<script lang="ts">
	import { mulberry32 } from '$core/numeric/random';
	import { polar, toneOf } from './polar';

	/** The wheel of this setup looming in from the left edge, with its grain; decoration behind the rim's links. */
	let { family, share = 1, known = true }: { family: string | null; share?: number; known?: boolean } = $props();
	const CX = -210, CY = 0, R = 352;
	const t = $derived(toneOf(family));
	const grains = (() => {
		const rng = mulberry32(7);
		return Array.from({ length: 460 }, () => ({ a: rng() * 180, r: R - 3 - rng() * 150, q: 1.2 + rng() * 2.2, glint: rng() > 0.5 }))
			.map((g) => { const [x, y] = polar(CX, CY, g.r, g.a); return { ...g, x, y }; }).filter((g) => g.x > 0);
	})();
	/** Dotted: as it was when new. Drawn no further out than the labels leave room for. */
	const dotted = $derived(Math.min(R + 30, Math.max(R + 8, R / share)));
</script>

<svg viewBox="0 -400 250 800" width="250" height="800" aria-hidden="true">
	<circle cx={CX} cy={CY} r={dotted} fill="none" stroke="var(--edge)" stroke-dasharray="2 5" opacity="0.8" />
	<circle cx={CX} cy={CY} r={R} fill={t.main} stroke={t.edge} stroke-width="1.5" opacity={known ? 1 : 0.5} />
	<circle cx={CX} cy={CY} r={R - 60} fill={t.light} opacity="0.5" />
	{#if known}{#each grains as g, i (i)}<path d="M{g.x.toFixed(1)} {(g.y - g.q).toFixed(1)}l{g.q.toFixed(1)} {(g.q * 0.8).toFixed(1)}l{(-g.q * 0.7).toFixed(1)} {g.q.toFixed(1)}l{(-g.q).toFixed(1)} {(-g.q * 0.9).toFixed(1)}z" fill={g.glint ? t.grain : t.glint} opacity="0.75" />{/each}{/if}
	<circle cx={CX} cy={CY} r="212" fill="var(--flange)" stroke={t.edge} />
</svg>
