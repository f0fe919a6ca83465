<script lang="ts">
	import { FACTS, SYMPTOMS, type ShopPoint, pointsHere } from '$core/prove/shop-points';
	import type { Cause, Fact, Symptom } from '$core/prove/trouble-points';
	import { CAUSE_WORDS, FACT_WORDS, SYMPTOM_WORDS } from '$lib/stations/prove/trouble-words';

	interface Props {
		own: readonly ShopPoint[];
		/** Somebody may weigh it otherwise. */
		onpick: ((of: Symptom | Fact, cause: Cause | null, points: number) => void) | null;
	}
	/** Every sign with the causes it speaks for and against, the heaviest first; what is the shop's own is marked. */
	let { own, onpick }: Props = $props();
	const GROUPS = [
		{ name: 'What is seen or heard brings causes in', of: SYMPTOMS, words: SYMPTOM_WORDS },
		{ name: 'What is known speaks for or against them', of: FACTS, words: FACT_WORDS }
	] as const;
	const signed = (n: number) => (n > 0 ? `+${n}` : String(n).replace('-', '−'));
	const isOwn = (of: string, cause: string) => own.some((p) => p.of === of && p.cause === cause);
	const heaviest = (of: Symptom | Fact) => pointsHere(of, own).sort((a, b) => b[1] - a[1]);
	const wordsOf = (of: Symptom | Fact) => ({ ...SYMPTOM_WORDS, ...FACT_WORDS })[of];
</script>

{#each GROUPS as g (g.name)}
	<h2>{g.name}</h2>
	<table aria-label={g.name}>
		<tbody
			>{#each g.of as of (of)}<tr
					><th scope="row">{wordsOf(of)}</th><td
						>{#each heaviest(of) as [cause, points] (cause)}<button
								type="button"
								class:own={isOwn(of, cause)}
								disabled={!onpick}
								onclick={() => onpick?.(of, cause, points)}
								>{CAUSE_WORDS[cause]} <b class="num">{signed(points)}</b></button
							>{/each}{#if onpick}<button
								type="button"
								class="more"
								aria-label="Another cause for {wordsOf(of)}"
								onclick={() => onpick(of, null, 1)}>+</button
							>{/if}</td
					></tr
				>{/each}</tbody
		>
	</table>
{/each}

<style>
	h2 {
		font-size: var(--type-text);
		margin-top: var(--s-8);
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	tr {
		border-top: 1px solid var(--rule);
	}
	th {
		text-align: left;
		font-weight: 600;
		font-size: var(--type-label);
		width: 240px;
		padding: var(--s-6) var(--s-12) var(--s-6) 0;
		vertical-align: top;
	}
	td {
		padding: var(--s-4) 0;
		display: flex;
		flex-wrap: wrap;
		gap: var(--s-4);
	}
	button {
		border: 1px solid var(--rule);
		background: none;
		color: var(--ink);
		font: inherit;
		font-size: var(--type-small);
		min-height: 34px;
		padding: 0 var(--s-10);
		border-radius: 3px;
	}
	button:not(:disabled) {
		cursor: pointer;
	}
	.own {
		border: 2px solid var(--act);
		font-weight: 600;
	}
	.more {
		min-width: 34px;
		color: var(--ink2);
	}
</style>
