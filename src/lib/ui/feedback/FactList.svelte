<script lang="ts">
	interface Props {
		/** What it is, and its value; what has none is left out. */
		facts: readonly (readonly [what: string, value: string] | null | false)[];
	}
	/** Facts beside a decisive number, one a line. */
	let { facts }: Props = $props();
	const shown = $derived(facts.filter((f) => f !== null && f !== false));
</script>

<dl>
	{#each shown as [what, value], at (at)}<dt>{what}</dt>
		<dd>{value}</dd>{/each}
</dl>

<style>
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px var(--s-16);
		margin: 0;
		font-size: var(--type-small);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		margin: 0;
		font: 600 var(--type-label) var(--mono);
	}
</style>
