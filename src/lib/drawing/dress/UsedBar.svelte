<script lang="ts">
	interface Props {
		name: string;
		used: number;
		of: number;
		says: string;
	}
	/** How much of a store one dress uses. */
	let { name, used, of, says }: Props = $props();
	const share = $derived(of > 0 ? Math.min(1, used / of) : 1);
</script>

<div>
	<span>{name}</span><svg viewBox="0 0 110 10" width="110" aria-hidden="true"
		><rect width="110" height="10" fill="var(--bar)" /><rect
			width={110 * share}
			height="10"
			fill={share >= 1 ? 'var(--caution)' : 'var(--act)'}
		/></svg
	><b class="num">{says}</b>
</div>

<style>
	div {
		display: grid;
		grid-template-columns: 44px 110px 1fr;
		gap: var(--s-8);
		align-items: center;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	b {
		color: var(--ink);
	}
</style>
