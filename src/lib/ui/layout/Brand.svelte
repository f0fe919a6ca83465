<script lang="ts">
	import { resolve } from '$app/paths';
</script>

<a href={resolve('/')} class="brand" aria-label="Uncinus, to the floor"
	>Uncinus<svg width="22" height="20" viewBox="0 0 22 20" aria-hidden="true"
		><path
			d="M2 3c0 8 3 13 9 13s9-5 9-11"
			fill="none"
			stroke="var(--spark)"
			stroke-width="3.4"
			stroke-linecap="round"
		/></svg
	></a
>

<style>
	.brand {
		display: inline-flex;
		gap: var(--s-4);
		align-items: baseline;
		font: 750 var(--type-title) var(--text);
		letter-spacing: -0.3px;
		color: var(--ink);
		text-decoration: none;
		min-height: var(--hit);
		align-items: center;
	}
</style>
