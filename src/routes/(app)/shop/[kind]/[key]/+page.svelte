<script lang="ts">
	import { resolve } from '$app/paths';
	import { choice } from '$core/calculation/field';
	import { goto } from '$app/navigation';
	import { page } from '$app/state';
	import type { Field } from '$core/calculation/fields';
	import { DRESSERS } from '$core/shop/dresser';
	import { SHOP_KINDS } from '$core/shop/kinds';
	import OneTimePin from '$lib/features/people/OneTimePin.svelte';
	import RetireThing from '$lib/features/shop/RetireThing.svelte';
	import InertiaSwing from '$lib/features/shop/InertiaSwing.svelte';
	import DresserLog from '$lib/features/shop/DresserLog.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	let { data } = $props();
	const kind = SHOP_KINDS.find((k) => k.id === data.kindId)!;
	const found = data.found as Record<string, unknown> | null;
	const name = found ? String(found[kind.key]) : null;
	const linked: Field[] =
		kind.id === 'machines'
			? [
					choice(
						'mount',
						'On its spindle',
						data.mounts.map((m) => m.code),
						{ label: 'Mount' }
					),
					choice(
						'dresser',
						'At its table',
						data.dressers.map((d) => d.code),
						{ label: 'Dresser' }
					)
				]
			: [];
	// What the shop has none of is not asked for.
	const fields = [...kind.fields, ...linked.filter((f) => f.kind === 'choice' && f.choices.length > 0)];
	const entry = new Entry({
		fields,
		key: `shop-${kind.id}-${page.params.key}`.slice(0, 80),
		draft: data.draft,
		system: data.shop.units,
		start: { ...(found ?? {}), mount: data.mount, dresser: data.dresser }
	});
	/** Only what this kind of thing needs is asked for. */
	const asked = $derived(kind.asked ? kind.asked(entry.typed) : fields);
	const DRESSER_WORDS = Object.fromEntries(Object.entries(DRESSERS).map(([k, d]) => [k, d.words]));
	/** Codes of mounts and dressers stand as they are. */
	const WORDS = Object.fromEntries([...data.mounts, ...data.dressers].map(({ code }) => [code, code]));
	const sender = new Sender();
	/** Somebody who was just added, with the PIN that is told once. */
	let made = $state<{ name: string; pin: string } | null>(null);
	async function save() {
		const told = await sender.submitEntry(`/api/shop/${kind.id}`, entry, {
			of: name,
			machine: page.url.searchParams.get('machine')
		});
		if (typeof told?.oneTimePin === 'string') made = { name: String(told.key), pin: told.oneTimePin };
		else if (told) await goto(resolve(page.url.searchParams.get('from') === 'way' ? '/' : '/shop'));
	}
</script>

<svelte:head><title>{name ?? `New ${kind.one}`} - Uncinus</title></svelte:head>
<main class="page">
	<p><a href={resolve('/shop')}>Shop</a></p>
	<h1>{name ? `${kind.one.charAt(0).toUpperCase()}${kind.one.slice(1)} ${name}` : `New ${kind.one}`}</h1>
	{#if data.lockedOut}<p class="fault">Locked out until its incident plan is finished.</p>{/if}
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<fieldset class="sheet" disabled={!data.lead || made !== null}>
		<legend class="sr">What is kept</legend>
		<div class="grid">
			{#each asked as field (field.name)}<FieldInput
					{entry}
					{field}
					words={kind.id === 'dressers' ? DRESSER_WORDS : WORDS}
				/>{/each}
		</div>
		{#if kind.id === 'mounts' && data.lead}<InertiaSwing mount={entry} />{/if}
		{#if data.lead}<ActionBar label="Keep it" onact={save} busy={sender.busy}
				><span class="quiet">Records already made keep the values they were made with.</span></ActionBar
			>{/if}
	</fieldset>
	{#if made}<OneTimePin name={made.name} made={made.pin} />
	{:else if kind.id === 'people' && name && data.lead}<OneTimePin {name} />{/if}
	{#if name && data.lead && kind.id !== 'people'}<RetireThing
			kind={kind.id}
			one={kind.one}
			of={name}
			retired={found?.retired === true}
		/>{/if}
	{#if data.log}<DresserLog code={name!} log={data.log} mayWrite={data.mayWrite} />{/if}
</main>

<style>
	fieldset {
		padding: var(--s-16) var(--s-16) 0;
		margin-top: var(--s-12);
		min-width: 0;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
		gap: var(--s-8) var(--s-20);
		padding-bottom: var(--s-16);
	}
	h1 {
		margin-top: var(--s-6);
	}
</style>
