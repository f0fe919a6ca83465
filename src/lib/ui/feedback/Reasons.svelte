<script lang="ts">
	import { type Reason, merged } from '$core/calculation/verdict';
	import { useUnits } from '$lib/ui/use-units';
	import VerdictMark from './VerdictMark.svelte';

	interface Props {
		reasons?: readonly Reason[];
		most?: number;
	}
	/** What a result has against it, in words. */
	let { reasons = [], most = 4 }: Props = $props();
	const { told } = useUnits();
	const sorted = $derived(merged(reasons).slice(0, most));
</script>

{#if sorted.length}
	<ul>
		{#each sorted as r, i (i)}<li class={r.severity}>
				<VerdictMark state={r.severity} size={18} /><span
					>{#if r.severity !== 'ok'}<b>{r.severity === 'stop' ? 'Stop.' : 'Caution.'}</b>{/if}
					{told(r.message)}</span
				>
			</li>{/each}
	</ul>
{/if}

<style>
	ul {
		list-style: none;
		padding: 0;
		display: grid;
		gap: var(--s-6);
	}
	li {
		display: grid;
		grid-template-columns: 18px 1fr;
		gap: var(--s-8);
		padding: var(--s-8) var(--s-10);
		font-size: var(--type-label);
		background: var(--well);
		border-left: 3px solid var(--rule);
	}
	.stop {
		background: var(--stop-soft);
		border-color: var(--stop);
	}
	.caution {
		background: var(--caution-soft);
		border-color: var(--caution);
	}
</style>
