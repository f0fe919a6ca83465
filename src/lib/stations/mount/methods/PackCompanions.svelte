<script lang="ts">
	import { resolve } from '$app/paths';
	import type { Companion } from '$core/facts/wheel';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	interface Props {
		companions: readonly Companion[];
	}
	/** The other wheels held for this pack: each is looked over and rung at the rack before anything is tightened. */
	let { companions }: Props = $props();
	const DONE = [
		['look', 'looked over', 'Look it over'],
		['ring', 'rung', 'Ring it']
	] as const;
</script>

{#if companions.length}
	<h3>Held with it</h3>
	<ul>
		{#each companions as c (c.wheel.id)}<li>
				<a href={resolve(`/rack/${encodeURIComponent(c.wheel.number)}`)}>{c.wheel.number}</a
				>{#each DONE as [what, done, ask] (what)}{@const f = c[what]}<span
						><VerdictMark
							state={f === null ? 'open' : f.verdict === 'stop' ? 'stop' : f.mayProceed ? 'ok' : 'open'}
							size={16}
							label=""
						/>{#if f?.mayProceed}{done}{:else}<a
								href={resolve(`/rack/${encodeURIComponent(c.wheel.number)}/${what}`)}
								>{ask}<span class="sr"> (wheel {c.wheel.number})</span></a
							>{/if}</span
					>{/each}
			</li>{/each}
	</ul>
{/if}

<style>
	h3 {
		margin: var(--s-10) 0 var(--s-2);
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		display: flex;
		gap: var(--s-12);
		align-items: center;
		min-height: var(--hit);
		border-top: 1px solid var(--rule);
		font-size: var(--type-label);
		flex-wrap: wrap;
	}
	li > span {
		display: inline-flex;
		gap: var(--s-4);
		align-items: center;
	}
</style>
