<script lang="ts">
	import { enhance } from '$app/forms';
	import Brand from '$lib/ui/layout/Brand.svelte';
	let { data, form } = $props();
	let busy = $state(false);
</script>

<svelte:head><title>Sign in - Uncinus</title></svelte:head>
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
		<h1>Who is at the grinder?</h1>
		{#if data.last}<p class="quiet">
				The screen was locked after a while without a touch. What was typed is kept.
			</p>{/if}
		<fieldset>
			<legend class="sr">Name</legend>
			{#each data.people as p (p.id)}
				{@const pin = data.pins.find((x) => x.name === p.name)?.pin}
				<!-- undefined, not false: the script must not undo a name picked before it ran --><label class="who"
					><input
						type="radio"
						name="userId"
						value={p.id}
						checked={form?.userId === String(p.id) || (!form && data.last === p.id) || undefined}
					/><span>{p.name}</span><small
						>{p.role}{#if pin}<span class="num">, PIN {pin}</span>{/if}</small
					></label
				>
			{/each}
			{#if form?.field === 'userId' || form?.field === ''}<p class="fault" role="alert">
					{form.message}
				</p>{/if}
		</fieldset>
		<label for="pin">PIN</label>
		<input
			id="pin"
			name="pin"
			class="plain-input num"
			type="password"
			inputmode="numeric"
			autocomplete="off"
			maxlength="12"
			aria-describedby="pin-fault"
		/>
		<p id="pin-fault" class="fault" role="alert">{form?.field === 'pin' ? form.message : ''}</p>
		<button class="btn act" disabled={busy}>Sign in <kbd>Enter</kbd></button>
		{#if data.pins.length}<p class="quiet">
				Demo shop: <i>Brackwater Pump Rebuild</i>. The PINs are shown because these people are made up.
			</p>{/if}
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
		gap: var(--s-12);
	}
	fieldset {
		border: 0;
		padding: 0;
		display: grid;
		gap: var(--s-6);
	}
	.who {
		position: relative;
		display: flex;
		justify-content: space-between;
		align-items: center;
		min-height: var(--hit);
		padding: var(--s-6) var(--s-14);
		border: 1.5px solid var(--rule);
		border-radius: var(--round);
		font-weight: 600;
		cursor: pointer;
	}
	.who small {
		font-weight: 400;
		color: var(--ink2);
	}
	.who:has(:checked) {
		background: var(--act-soft);
		border-color: var(--act);
	}
	.who input {
		position: absolute;
		inset: 0;
		opacity: 0;
		width: 100%;
		height: 100%;
		cursor: pointer;
	}
	.who:focus-within {
		outline: 3px solid var(--act);
		outline-offset: 2px;
	}
	#pin {
		font-size: var(--type-title);
		letter-spacing: 4px;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
		min-height: 0;
	}
</style>
