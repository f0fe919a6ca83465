<script lang="ts">
	import type { System } from '$core/quantity/parse';
	import LazyWorking from './LazyWorking.svelte';

	interface Computed {
		calculation: string;
		input: Readonly<Record<string, unknown>>;
		output: object;
	}
	interface Props {
		computed: readonly Computed[];
		system: System;
	}
	/** The working of what is on the bench now, before it is recorded. */
	let { computed, system }: Props = $props();
	let open = $state(false);
</script>

{#if computed.length}
	<button class="link" aria-expanded={open} onclick={() => (open = !open)}
		>{open ? 'Hide the working' : 'Show the working'}</button
	>
	{#if open}<div class="all">
			{#each computed as c, at (at)}<LazyWorking
					id={c.calculation}
					input={c.input}
					output={c.output}
					version=""
					{system}
				/>{/each}
		</div>{/if}
{/if}

<style>
	.link {
		justify-self: start;
	}
	.all {
		flex-basis: 100%;
		display: grid;
		gap: var(--s-10);
		order: 9;
		max-height: var(--working-most, 46vh);
		overflow: auto;
	}
</style>
