<script lang="ts">
	import { resolve } from '$app/paths';
	import { goto } from '$app/navigation';
	import type { Snippet } from 'svelte';

	interface Props {
		action: '/find' | '/rack' | '/setups';
		value: string;
		label: string;
		placeholder?: string;
		children?: Snippet;
	}
	/** A search that lives in the address: it works without script, and while typing with it. */
	let { action, value, label, placeholder = '', children }: Props = $props();
	const WAIT_MS = 250;
	let form: HTMLFormElement;
	let timer: ReturnType<typeof setTimeout> | undefined;
	function go() {
		clearTimeout(timer);
		const given = [...new FormData(form)].filter(([, v]) => String(v).trim() !== '') as [string, string][];
		const query = new URLSearchParams(given).toString();
		void goto(resolve(query ? `${action}?${query}` : action), {
			keepFocus: true,
			noScroll: true,
			replaceState: true
		});
	}
	const soon = () => {
		clearTimeout(timer);
		timer = setTimeout(go, WAIT_MS);
	};
</script>

<form
	role="search"
	bind:this={form}
	{action}
	onsubmit={(e) => {
		e.preventDefault();
		go();
	}}
	onchange={go}
>
	<input
		class="plain-input"
		type="search"
		name="q"
		{value}
		{placeholder}
		maxlength="60"
		aria-label={label}
		data-find
		oninput={soon}
		autocomplete="off"
	/>
	{@render children?.()}
	<button class="btn">Find</button>
</form>

<style>
	form {
		display: flex;
		gap: var(--s-10);
		flex-wrap: wrap;
		align-items: center;
		margin-bottom: var(--s-12);
	}
	input {
		flex: 1;
		min-width: 200px;
		max-width: 380px;
	}
</style>
