<script lang="ts">
	import type { Segment } from '$core/form/profile/segment';
	import { boardScale, drawnChain, stretchWords } from './board-scale';

	interface Props {
		chain: readonly Segment[];
		blankMm: number;
		passes: readonly { kind: string; remainingUm: number }[];
		/** What each flank really gets of a pass. */
		bites: readonly { index: number; state: string }[];
		/** Up to this pass it is made. */
		made: number;
	}
	/** Every pass nested over the section, as much of each as lies below the blank; flanks by what they really get. */
	let { chain, blankMm, passes, bites, made }: Props = $props();
	const uid = $props.id();
	const s = $derived(boardScale(chain, { left: 20, top: 40, width: 600, height: 150 }));
	const lifted = (mm: number) => chain.map((c) => ({ ...c, x0Mm: c.x0Mm - mm, x1Mm: c.x1Mm - mm }));
	/** Not more lines than can be told apart. */
	const MAX = 24;
	const shown = $derived(passes.filter((_, i) => i % Math.max(1, Math.ceil(passes.length / MAX)) === 0));
	const COLOURS: Record<string, string> = {
		dull: 'var(--caution)',
		none: 'var(--stop)',
		'partly-dull': 'var(--caution)'
	};
	const odd = $derived(bites.filter((b) => b.state !== 'even'));
	const now = $derived(passes[Math.min(made, passes.length) - 1] ?? null);
</script>

<svg
	viewBox="0 0 640 250"
	width="100%"
	role="img"
	aria-label="{passes.length} passes nested over the form, {stretchWords(s)}{odd.length
		? `; ${odd.length} flanks get less than they need`
		: ''}"
>
	<defs><clipPath id="{uid}-below"><rect x="0" y={s.x(blankMm)} width="640" height="300" /></clipPath></defs>
	<line
		x1="10"
		x2="630"
		y1={s.x(blankMm)}
		y2={s.x(blankMm)}
		stroke="var(--ink2)"
		stroke-dasharray="7 4 2 4"
	/>
	<g clip-path="url(#{uid}-below)"
		>{#each shown as p, i (i)}<path
				d={drawnChain(lifted(p.remainingUm / 1000), s)}
				fill="none"
				stroke="var(--rule)"
				stroke-width="1"
			/>{/each}{#if now && made > 0}<path
				d={drawnChain(lifted(now.remainingUm / 1000), s)}
				fill="none"
				stroke="var(--act)"
				stroke-width="3"
			/>{/if}</g
	>
	<path d={drawnChain(chain, s)} fill="none" stroke="var(--ink)" stroke-width="2.4" />
	{#each odd as b, at (at)}<path
			d={drawnChain([chain[b.index]!], s)}
			fill="none"
			stroke={COLOURS[b.state]}
			stroke-width="5"
		/>{/each}
	<text x="20" y="240">{stretchWords(s)}{odd.length ? '; amber is rubbed dull, red gets nothing' : ''}</text>
	<text x="620" y={s.x(blankMm) - 6} text-anchor="end">blank</text>
</svg>

<style>
	text {
		font: 500 12px var(--text);
		fill: var(--ink2);
	}
</style>
