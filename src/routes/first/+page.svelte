<script lang="ts">
	import { enhance } from '$app/forms';
	import Brand from '$lib/ui/layout/Brand.svelte';
	let { form } = $props();
	let busy = $state(false);
	const fields = [
		['code', 'Code from the window of the server', 'text', 'one-time-code'],
		['name', 'Your name', 'text', 'name'],
		['pin', 'A PIN of six digits or more', 'password', 'new-password'],
		['again', 'The PIN once more', 'password', 'new-password']
	] as const;
</script>

<svelte:head><title>First start - Uncinus</title></svelte:head>
<main>
	<Brand />
	<form
		class="sheet"
		method="POST"
		use:enhance={() => {
			busy = true;
			return async ({ update }) => {
				await update({ reset: false });
				busy = false;
			};
		}}
	>
		<h1>This shop has nobody yet</h1>
		<p class="quiet">
			You become its first lead: you add the others, the machines and the wheels. The code was printed where
			the server was started; it serves once.
		</p>
		{#each fields as [name, label, type, autocomplete] (name)}
			<label for={name}>{label}</label>
			<input
				id={name}
				{name}
				{type}
				{autocomplete}
				class="plain-input"
				class:num={name !== 'name'}
				inputmode={name === 'name' ? undefined : 'numeric'}
				value={name === 'name' ? (form?.name ?? '') : ''}
				maxlength={name === 'name' ? 60 : 12}
				aria-describedby="{name}-fault"
			/>
			<p id="{name}-fault" class="fault" role="alert">{form?.field === name ? form.message : ''}</p>
		{/each}
		{#if form && !form.field}<p class="fault" role="alert">{form.message}</p>{/if}
		<button class="btn act" disabled={busy}>Open the shop <kbd>Enter</kbd></button>
	</form>
</main>

<style>
	main {
		max-width: 460px;
		margin: 9vh auto;
		padding: var(--s-16);
		display: grid;
		gap: var(--s-14);
	}
	form {
		padding: var(--s-20) var(--s-24);
		display: grid;
		gap: var(--s-6);
	}
	button {
		margin-top: var(--s-8);
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
		min-height: 0;
	}
</style>
