<script lang="ts">
	import type { Snippet } from 'svelte';
	import { resolve } from '$app/paths';

	interface Props {
		title: string;
		lead: string;
		/** What the left side is called to somebody who does not see it. */
		given?: string;
		/** How the two sides share the width, as grid columns. */
		columns: string;
		/** What goes in. */
		left: Snippet;
		/** What comes out. */
		right: Snippet;
		/** What else belongs here, below both. */
		below?: Snippet;
	}
	/** The page of a bench: what goes in beside what comes out. */
	let { title, lead, given = 'What goes in', columns, left, right, below }: Props = $props();
</script>

<p class="back"><a href={resolve('/benches')}>Benches</a></p>
<div class="head">
	<h1>{title}</h1>
	<p class="lead">{lead}</p>
</div>
<div class="cols" style:--columns={columns}>
	<section class="sheet" aria-label={given}>{@render left()}</section>
	<section class="sheet result" aria-label="Result" aria-live="polite">{@render right()}</section>
	{@render below?.()}
</div>

<style>
	.back {
		margin-bottom: var(--s-6);
	}
	.cols {
		--working-most: none;
		display: grid;
		grid-template-columns: var(--columns);
		gap: var(--s-16);
		align-items: start;
	}
	section {
		padding: var(--s-16) var(--s-16);
		display: grid;
		grid-template-columns: minmax(0, 1fr);
		gap: var(--s-12);
		min-width: 0;
	}
	.result {
		position: sticky;
		top: 12px;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: minmax(0, 1fr);
		}
		.result {
			position: static;
		}
	}
</style>
