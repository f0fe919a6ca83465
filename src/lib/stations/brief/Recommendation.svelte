<script lang="ts">
	import { FAMILY_NAMES } from '$core/spec/families';
	import { quantity } from '$core/quantity/format';
	import type { Reason } from '$core/calculation/verdict';
	import { RECOMMEND_STEP_WORDS } from '../words';
	import Reasons from '$lib/ui/Reasons.svelte';

	/** The wheel a job asks for, letter by letter, with the rules that moved it. */
	interface Wish { marking: string; family: string; grit: number; gritMeanUm: number; baseGrade: string | null; grade: string | null; structure: number | null; bond: string; steps: { code: string; gradeShift: number; structureShift: number }[]; alternativeFamilies: string[]; reasons: Reason[] }
	let { wish }: { wish: Wish } = $props();
	const moved = (n: number, less: string, more: string) => (n === 0 ? '' : `${Math.abs(n)} ${n < 0 ? less : more}`);
	const name = (f: string) => FAMILY_NAMES[f as keyof typeof FAMILY_NAMES] ?? f;
</script>

<p class="num big">{wish.marking}</p>
<p class="quiet">{name(wish.family)}, grain about {quantity(wish.gritMeanUm, 'um')}{wish.alternativeFamilies.length ? `; also ${wish.alternativeFamilies.map(name).join(' or ')}` : ''}.</p>
{#if wish.baseGrade}
	<ul aria-label="Rules that moved it">
		<li><span>Usual grade for this work</span><b class="num">{wish.baseGrade}</b></li>
		{#each wish.steps as s (s.code)}<li><span>{RECOMMEND_STEP_WORDS[s.code] ?? s.code}</span><b class="num">{[moved(s.gradeShift, 'softer', 'harder'), moved(s.structureShift, 'denser', 'more open')].filter(Boolean).join(', ')}</b></li>{/each}
		<li class="end"><span>Grade and structure</span><b class="num">{wish.grade} {wish.structure}</b></li>
	</ul>
{/if}
<Reasons reasons={wish.reasons} />
<p class="quiet">A starting point for someone trained, not a release to run.</p>

<style>.big { font-size: 32px; font-weight: 700; line-height: 1.1; } ul { list-style: none; padding: 0; } li { display: flex; justify-content: space-between; gap: 12px; border-bottom: 1px solid var(--rule); padding: 5px 0; font-size: 14px; } .end { font-weight: 650; border-bottom: 0; }</style>
