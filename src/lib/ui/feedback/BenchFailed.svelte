<script lang="ts">
	import { onMount } from 'svelte';
	import { setAside, typedUnder } from '$lib/ui/fields/set-aside';

	interface Props {
		/** How the names of the drafts of this bench begin. */
		prefix: string;
		/** What shows it again. */
		onagain: () => void | Promise<void>;
	}
	/** A bench that cannot be shown: what was typed at it, and the way on without it. */
	let { prefix, onagain }: Props = $props();
	let busy = $state(false);
	let typed = $state<string[]>([]);
	onMount(() => {
		typed = typedUnder(prefix);
	});
	async function without() {
		busy = true;
		await setAside(prefix).catch(() => undefined);
		await onagain();
		busy = false;
	}
</script>

<div role="alert">
	<h1>This bench could not be shown</h1>
	<p>
		The fault is ours, not yours. Nothing that was recorded is touched. What you typed here is set aside when
		you go on{typed.length ? '; it was:' : '.'}
	</p>
	{#if typed.length}<ul>
			{#each typed as t, i (i)}<li class="num">{t}</li>{/each}
		</ul>{/if}
	<p>
		<button class="btn act" disabled={busy} onclick={without}>Show it without what I typed</button>
		<button class="btn" onclick={() => onagain()}>Try once more as it is</button>
	</p>
</div>

<style>
	div {
		display: grid;
		gap: var(--s-12);
	}
	ul {
		max-height: 40vh;
		overflow: auto;
		font-size: var(--type-small);
	}
	p .btn {
		margin-right: var(--s-10);
	}
</style>
