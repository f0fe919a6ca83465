<script lang="ts">
	import type { Suspect } from '$core/prove/troubleshoot';
	import type { Fact, Symptom } from '$core/prove/trouble-points';
	import { CAUSE_WORDS, FACT_WORDS, SYMPTOM_WORDS } from './trouble-words';

	interface Props {
		causes: readonly Suspect[];
	}
	/** Likely causes, each with its share and the points that led there. */
	let { causes }: Props = $props();
	const SHOWN = 6;
	const said = (code: Symptom | Fact) => ({ ...FACT_WORDS, ...SYMPTOM_WORDS })[code];
	const signed = (n: number) => (n > 0 ? `+${n}` : String(n));
</script>

<ol aria-label="Likely causes">
	{#each causes.slice(0, SHOWN) as c (c.code)}<li>
			<p><b>{CAUSE_WORDS[c.code]}</b><span class="num">{Math.round(100 * c.share)} %</span></p>
			<i style:width="{100 * c.share}%"></i>
			<small>{c.because.map((b) => `${said(b.code)} ${signed(b.points)}`).join(', ')}</small>
		</li>{/each}
</ol>
{#if causes.length > SHOWN}<p class="quiet">and {causes.length - SHOWN} less likely</p>{/if}

<style>
	ol {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-8);
	}
	p {
		display: flex;
		justify-content: space-between;
		gap: var(--s-8);
	}
	i {
		display: block;
		height: 8px;
		background: var(--act);
	}
	small {
		color: var(--ink2);
		font-size: var(--type-fine);
	}
</style>
