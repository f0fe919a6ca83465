<script lang="ts">
	import { onMount } from 'svelte';
	import { sayWhose } from '$lib/features/people/one-person';
	import DoorSheet from '$lib/features/people/DoorSheet.svelte';
	import PinInput from '$lib/features/people/PinInput.svelte';
	let { data, form } = $props();
	// Nobody is signed in any more: every other window of this browser hears of it.
	onMount(() => sayWhose(0));
	const picked = (id: number) =>
		form?.userId === String(id) ||
		(!form && data.last === id) ||
		// undefined, not false: the script must not undo a name picked before it ran
		undefined;
</script>

<svelte:head><title>Sign in - Uncinus</title></svelte:head>
<DoorSheet title="Who is at the grinder?" action="Sign in">
	<p class="shop">{data.shop}</p>
	{#if data.last}<p class="quiet">
			The screen was locked after a while without a touch. What was typed is kept.
		</p>{/if}
	<fieldset>
		<legend class="sr">Name</legend>
		{#each data.people as p (p.id)}
			{@const pin = data.pins.find((x) => x.name === p.name)?.pin}
			<label class="who"
				><input type="radio" name="userId" value={p.id} checked={picked(p.id)} /><span>{p.name}</span><small
					>{p.role}{#if pin}<span class="num">, PIN {pin}</span>{/if}</small
				></label
			>
		{/each}
		{#if form?.field === 'userId' || form?.field === ''}<p class="fault" role="alert">{form.message}</p>{/if}
	</fieldset>
	<PinInput
		name="pin"
		label="PIN"
		fault={form?.field === 'pin' ? form.message : ''}
		autocomplete="off"
		wide
	/>
	{#snippet foot()}{#if data.pins.length}<p class="quiet">
				A demo shop. The PINs are shown because these people are made up.
			</p>{/if}{/snippet}
</DoorSheet>

<style>
	.shop {
		font-weight: 650;
		color: var(--ink2);
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
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-label);
		min-height: 0;
	}
</style>
