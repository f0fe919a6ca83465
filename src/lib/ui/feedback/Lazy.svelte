<script lang="ts" generics="P extends Record<string, unknown>">
	import type { Component } from 'svelte';

	interface Props {
		load: () => Promise<{ default: Component<P> }>;
		/** What the component is given once it is here. */
		given: P;
	}
	/**
	 * A component that is fetched when it is needed. Shown by a condition and not by the promise itself: what throws while a promise is
	 * shown passes by the boundary that would have kept the rest of the page.
	 */
	let { load, given }: Props = $props();
	let Fetched = $state.raw<Component<P> | null>(null);
	$effect(() => {
		let wanted = true;
		Fetched = null;
		void load().then((m) => {
			if (wanted) Fetched = m.default;
		});
		return () => (wanted = false);
	});
</script>

{#if Fetched}<Fetched {...given} />{/if}
