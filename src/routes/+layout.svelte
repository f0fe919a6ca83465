<script lang="ts">
	import { onMount, tick } from 'svelte';
	import '$lib/ui/base.css';
	let { children } = $props();
	/** What was pressed before the page listened is carried out now; `pageListens` is in app.html, for it has to be there first. */
	onMount(() => void tick().then(() => (window as { pageListens?: () => void }).pageListens?.()));
</script>

{@render children()}
