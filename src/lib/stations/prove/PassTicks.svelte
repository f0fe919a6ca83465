<script lang="ts">
	import type { TrialPass } from '$core/prove/trial-schedule';
	import { useUnits } from '$lib/ui/use-units';

	interface Props {
		passes: readonly TrialPass[];
		done: number;
		onset: (done: number) => void;
	}
	/** The trial pass by pass, each with its tick; what was ticked is kept over a reload. */
	let { passes, done, onset }: Props = $props();
	const { q } = useUnits();
	const WORDS = { rough: 'rough', finish: 'fine', 'spark-out': 'no feed' } as const;
	/** Long trials show the passes around the next one. */
	const SHOWN = 14;
	const from = $derived(Math.max(0, Math.min(passes.length - SHOWN, done - 4)));
	const next = $derived(passes[done] ?? null);
</script>

<section aria-label="Passes of the trial">
	<p class="now" role="status">
		{next
			? `Pass ${done + 1} of ${passes.length}: ${WORDS[next.kind]}${next.infeedUm ? `, ${q(next.infeedUm, 'um')} in` : ''}`
			: `All ${passes.length} made. Measure.`}
	</p>
	<ol start={from + 1}>
		{#each passes.slice(from, from + SHOWN) as p, i (from + i)}
			{@const n = from + i}
			<li class:done={n < done} class:next={n === done}>
				<label
					><input type="checkbox" checked={n < done} onchange={() => onset(n < done ? n : n + 1)} />
					{WORDS[p.kind]}<span class="num">{p.infeedUm ? q(p.infeedUm, 'um') : '-'}</span><small
						>left behind {q(p.residualUm, 'um')}</small
					></label
				>
			</li>
		{/each}
	</ol>
</section>

<style>
	.now {
		font-weight: 650;
		margin-bottom: var(--s-6);
	}
	ol {
		padding: 0;
		list-style: none;
	}
	label {
		display: grid;
		grid-template-columns: 24px 64px 70px 1fr;
		align-items: center;
		gap: var(--s-6);
		min-height: 34px;
		cursor: pointer;
		border-bottom: 1px solid var(--rule);
	}
	input {
		width: 20px;
		height: 20px;
	}
	small {
		color: var(--ink2);
		font-size: var(--type-fine);
	}
	.done {
		color: var(--ink2);
	}
	.next {
		background: var(--act-soft);
		font-weight: 600;
	}
</style>
