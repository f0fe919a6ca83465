<script lang="ts">
	import { page } from '$app/state';
	import { getContext, type Snippet } from 'svelte';
	import { SecondTap } from './second-tap.svelte';

	interface Props {
		label: string;
		onact: () => void;
		busy?: boolean;
		stop?: boolean;
		disabled?: boolean;
		key?: boolean;
		/** The action leads on to what comes next. */ forward?: boolean;
		/** Everybody may do this, also who may only look. */ anyone?: boolean;
		children?: Snippet;
		aside?: Snippet;
	}
	/** The foot of a bench: one main action, what else can be done, and the way to the working. */
	let {
		label,
		onact,
		busy = false,
		stop = false,
		disabled = false,
		key = true,
		forward = false,
		children,
		anyone = false,
		aside
	}: Props = $props();
	/** Who may only look sees no key that would refuse. */
	const looks = $derived((page.data.user as { role?: string } | undefined)?.role === 'viewer' && !anyone);
	/** Where everything asked here is met, going on is the main action and this one steps back. */
	const met = getContext<(() => boolean) | undefined>('all-met');
	const main = $derived(forward || !met?.());
	const tap = new SecondTap(
		() => label,
		() => busy
	);
	const free = (t: EventTarget | null) =>
		!(t instanceof HTMLElement) || t === document.body || t.tagName === 'MAIN';
</script>

<svelte:window
	onkeydown={(e) => {
		if (!looks && key && main && e.key === 'Enter' && !e.repeat && free(e.target) && !disabled && !busy) {
			e.preventDefault();
			onact();
		}
	}}
/>
<footer>
	{#if looks}<span class="quiet">You may look, not record.</span>{:else}<button
			class="btn"
			class:act={main}
			class:danger={stop}
			onclick={(e) => {
				// What stops never waits.
				if (tap.hears(e, label) || stop) onact();
			}}
			disabled={disabled || busy}
			aria-disabled={tap.waits && !stop ? 'true' : undefined}
			>{label}{#if key && main}<kbd aria-hidden="true">Enter</kbd>{/if}</button
		>
		{@render children?.()}{/if}
	<span class="sp"></span>
	{@render aside?.()}
</footer>

<style>
	footer {
		margin-top: auto;
		position: sticky;
		bottom: 0;
		background: var(--sheet);
		border-top: 1px solid var(--rule);
		padding: var(--s-12) 0 var(--s-16);
		display: flex;
		gap: var(--s-12);
		align-items: center;
		flex-wrap: wrap;
		z-index: 3;
	}
	.sp {
		flex: 1;
	}
	.danger {
		background: var(--stop);
		border-color: var(--stop);
		color: var(--sheet);
	}
	@media (max-width: 900px) {
		footer {
			position: static;
		}
	}
</style>
