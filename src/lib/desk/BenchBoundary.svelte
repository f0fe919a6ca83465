<script lang="ts">
	import type { Snippet } from 'svelte';
	import { invalidateAll } from '$app/navigation';
	import BenchFailed from '$lib/ui/feedback/BenchFailed.svelte';

	interface Props {
		/** How the names of the drafts of this bench begin. */
		prefix: string;
		children: Snippet;
	}
	/** A bench that throws takes only itself away, and can be shown again without what was typed. */
	let { prefix, children }: Props = $props();
</script>

<svelte:boundary onerror={(e) => reportError(e)}>
	{@render children()}
	{#snippet failed(_error, reset)}
		<BenchFailed
			{prefix}
			onagain={async () => {
				await invalidateAll();
				reset();
			}}
		/>
	{/snippet}
</svelte:boundary>
