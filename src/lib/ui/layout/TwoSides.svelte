<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		one: Snippet;
		other: Snippet;
		/** Which side is narrow; the other takes what is left. */
		narrow?: 'left' | 'right' | 'neither';
	}
	/** Two sides of a sheet, one beneath the other where there is no room beside. */
	let { one, other, narrow = 'right' }: Props = $props();
</script>

<div class="sides {narrow}">
	<div>{@render one()}</div>
	<div>{@render other()}</div>
</div>

<style>
	.sides {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
		gap: var(--s-24);
		align-items: start;
		margin-bottom: var(--s-10);
	}
	.right {
		grid-template-columns: minmax(0, 1fr) minmax(0, 320px);
	}
	.left {
		grid-template-columns: 290px minmax(0, 1fr);
	}
	.sides > div {
		display: grid;
		gap: var(--s-8);
		align-content: start;
		min-width: 0;
	}
	@media (max-width: 1000px) {
		.sides {
			grid-template-columns: minmax(0, 1fr);
		}
	}
</style>
