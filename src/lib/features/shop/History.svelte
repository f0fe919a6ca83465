<script lang="ts">
	import { when } from '$lib/words';

	interface Version {
		name: string;
		text: string;
		/** What was otherwise than shipped, a line each. */
		lines?: readonly string[];
		by: string;
		at: Date;
	}
	interface Props {
		versions: readonly Version[];
	}
	/** Every change of figures of the shop, newest first, with its reason and who made it. */
	let { versions }: Props = $props();
</script>

<section class="sheet" aria-label="History">
	<h2>History</h2>
	<ul>
		{#each versions as v (v.name)}<li>
				<b>{v.name}</b><span
					>{v.text}{#each v.lines ?? [] as line, at (at)}<small>{line}</small>{/each}</span
				><span class="quiet">{v.by}, {when(v.at)}</span>
			</li>{:else}<li>Never changed.</li>{/each}
	</ul>
</section>

<style>
	section {
		min-width: 0;
		padding: var(--s-12) var(--s-16) var(--s-14);
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: var(--s-10);
	}
	ul {
		list-style: none;
		padding: 0;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 160px) minmax(0, 1fr) auto;
		gap: var(--s-14);
		padding: var(--s-6) 0;
		border-top: 1px solid var(--rule);
		font-size: var(--type-label);
	}
	small {
		display: block;
		color: var(--ink2);
	}
</style>
