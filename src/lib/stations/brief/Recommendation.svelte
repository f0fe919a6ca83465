<script lang="ts">
	import { useUnits } from '$lib/ui/use-units';
	import { FAMILY_NAMES } from '$core/spec/families';
	import { alternativesOf } from '$core/spec/alternatives';
	import { quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { OutputOf } from '$core/calculation/define';
	import type { contact } from '$core/spec/contact';
	import type { recommend } from '$core/spec/recommend';
	import { RECOMMEND_STEP_WORDS } from '$lib/words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	type Wish = OutputOf<typeof recommend>;
	type Contact = OutputOf<typeof contact>;
	interface Props {
		wish: Wish;
		cut?: Contact | null;
		burnProne?: boolean;
		finish?: number | null;
		units?: System;
		stockMm?: number | null;
	}
	/** The wheel a job asks for, letter by letter, with the rules that moved it, two others, and the contact behind it. */
	let { wish, cut = null, burnProne = false, finish = null, units = 'mm', stockMm = null }: Props = $props();
	const { q } = useUnits();
	const moved = (n: number, less: string, more: string) =>
		n === 0 ? '' : `${Math.abs(n)} ${n < 0 ? less : more}`;
	const name = (f: string) => FAMILY_NAMES[f as keyof typeof FAMILY_NAMES] ?? f;
	const others = $derived(alternativesOf(wish, burnProne));
</script>

<p class="num big">{wish.marking}</p>
<ul aria-label="Letter by letter">
	<li><span>{name(wish.family)} suits this material</span><b class="num">{wish.marking.split(' ')[0]}</b></li>
	<li>
		<span
			>{finish === null ? 'usual grit for this work' : `Ra ${quantity(finish, 'um-Ra', units)} asked`}, grain
			about {q(wish.gritMeanUm, 'um')}</span
		><b class="num">{wish.grit}</b>
	</li>
	{#if wish.baseGrade}
		<li><span>Usual grade for this work</span><b class="num">{wish.baseGrade}</b></li>
		{#each wish.steps as s, at (at)}<li class="step">
				<span>{RECOMMEND_STEP_WORDS[s.code] ?? s.code}</span><b class="num"
					>{[moved(s.gradeShift, 'softer', 'harder'), moved(s.structureShift, 'denser', 'more open')]
						.filter(Boolean)
						.join(', ')}</b
				>
			</li>{/each}
		<li class="end">
			<span>Grade and structure, in {wish.bond}</span><b class="num">{wish.grade} {wish.structure}</b>
		</li>
	{:else}<li class="end">
			<span>Resin bond, diamond for each cubic centimetre</span><b class="num"
				>{wish.bond} C{wish.concentrationC}</b
			>
		</li>{/if}
</ul>
<h3>Or</h3>
<ul aria-label="Two others">
	{#each others as o, at (at)}<li>
			<span><b class="num">{o.marking}</b><br /><small>{o.change}: {o.brings}</small></span>
		</li>{/each}
</ul>
{#if cut}
	<h3>The cut behind it</h3>
	<ul aria-label="Contact">
		<li><span>Arc of contact</span><b class="num">{q(cut.contactLengthMm, 'mm')}</b></li>
		<li>
			<span>Like flat work with a wheel of</span><b class="num">{q(cut.equivalentDiameterMm, 'mm')}</b>
		</li>
		<li><span>Chip shared out</span><b class="num">{q(cut.equivalentChipThicknessUm, 'um')}</b></li>
		<li>
			<span>Removed</span><b class="num">{q(cut.specificRemovalRateMm2PerS, 'mm2/s')}</b>
		</li>
	</ul>
{/if}
<Reasons reasons={[...(wish.reasons ?? []), ...(cut?.reasons ?? [])]} />
<p class="quiet">
	{stockMm ? `${q(stockMm, 'mm')} to come off. ` : ''}{wish.tablesVersion
		? `By the shop's tables, version ${wish.tablesVersion}. `
		: ''}A starting point for someone trained, not a release to run.
</p>

<style>
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		display: flex;
		justify-content: space-between;
		gap: var(--s-12);
		border-bottom: 1px solid var(--rule);
		padding: var(--s-4) 0;
		font-size: var(--type-label);
	}
	.step span {
		padding-left: var(--s-12);
	}
	.end {
		font-weight: 650;
	}
	small {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	h3 {
		margin-top: var(--s-4);
	}
</style>
