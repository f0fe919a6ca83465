<script lang="ts">
	import type { Method } from '$core/dress/methods';
	import type { SetupFacts } from '$core/facts/setup';
	import { type Ways, dressersFor } from '$core/route/stations/dress/method';
	import { METHOD_WORDS, NEVER, excludedWords } from '$core/route/stations/dress/words';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	interface Props {
		facts: SetupFacts;
		ways: Ways;
		taken: Method | null;
		ontake: (method: Method) => void;
	}
	/** The ways that serve here, best first, each with its dressers; each other one with its reason. */
	let { facts, ways, taken, ontake }: Props = $props();
	/** The machine's own comes first; of many only how many more there are. */
	const FEW = 2;
	const codes = (m: Method): string => {
		const all = dressersFor(facts, m).map((d) => d.code);
		const more = all.length - FEW;
		return all.slice(0, FEW).join(', ') + (more > 0 ? ` +${more}` : '');
	};
</script>

<h3>Serves here, best first</h3>
<div class="list" role="radiogroup" aria-label="Ways that serve here">
	{#each ways.ranked as r (r.method)}<button
			type="button"
			role="radio"
			aria-checked={r.method === taken}
			class:on={r.method === taken}
			onclick={() => ontake(r.method as Method)}
			><b>{METHOD_WORDS[r.method as Method]}</b>
			<span>{codes(r.method as Method)}</span><i><s style="width:{r.score}%"></s></i><em class="num"
				>{r.score}</em
			></button
		>{:else}<p class="fault">
			Nothing this shop has dresses this wheel for that. Each reason says what is missing.
		</p>{/each}
</div>
<h3>Out, and why</h3>
<ul>
	{#each ways.excluded as e (e.method)}<li class:never={NEVER.includes(e.code!)}>
			<VerdictMark state={NEVER.includes(e.code!) ? 'stop' : 'open'} size={16} /><span
				><b>{METHOD_WORDS[e.method as Method]}.</b> {excludedWords(e.code!, facts)}</span
			>
		</li>{/each}
</ul>

<style>
	.list {
		display: grid;
		gap: var(--s-4);
	}
	.list button {
		display: grid;
		grid-template-columns: 1fr auto 70px 30px;
		gap: var(--s-8);
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-4) var(--s-10);
		text-align: left;
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		background: var(--sheet);
		color: var(--ink);
		font: inherit;
		cursor: pointer;
	}
	.list button.on {
		border-color: var(--act);
		background: var(--act-soft);
	}
	.list span {
		white-space: nowrap;
		font: 500 var(--type-small) var(--mono);
		color: var(--ink2);
	}
	.list i {
		height: 8px;
		background: var(--bar);
	}
	.list s {
		display: block;
		height: 8px;
		background: var(--steel);
	}
	.list em {
		font-style: normal;
		text-align: right;
	}
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-4);
		font-size: var(--type-small);
		color: var(--ink2);
	}
	li {
		display: grid;
		grid-template-columns: 18px 1fr;
		gap: var(--s-6);
	}
	.never b {
		color: var(--stop);
	}
</style>
