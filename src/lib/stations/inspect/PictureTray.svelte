<script lang="ts">
	import { resolve } from '$app/paths';
	import Camera from '@lucide/svelte/icons/camera';
	import { onMount } from 'svelte';
	import { asWhom } from '$lib/ui/fields/user-scoped-key';

	interface Props {
		place: string;
	}
	/** Pictures taken for one look: kept on the server at once, recorded with the look, taken back until then. */
	let { place }: Props = $props();
	const MAX_BYTES = 20 * 1024 * 1024;
	let pictures = $state<{ id: number; width: number; height: number }[]>([]);
	let busy = $state(0);
	let trouble = $state('');
	let taking = $state<HTMLInputElement | null>(null);
	let loading = $state<HTMLInputElement | null>(null);

	async function load() {
		try {
			const r = await fetch(`/api/pictures?for=${encodeURIComponent(place)}`);
			if (r.ok) pictures = ((await r.json()) as { pictures: typeof pictures }).pictures;
		} catch {
			/* they are shown when the server answers again */
		}
	}
	onMount(() => {
		void load();
		for (const input of [taking, loading]) if (input?.files?.length) void put(input);
	});
	async function send(file: File): Promise<void> {
		const name = file.name.replace(/[\p{C}]/gu, '').slice(0, 40);
		if (file.size > MAX_BYTES) {
			trouble = `${name} has ${Math.round(file.size / 1048576)} MB. Up to 20 MB can be taken; make it smaller.`;
			return;
		}
		busy++;
		try {
			const r = await fetch(`/api/pictures?for=${encodeURIComponent(place)}`, {
				method: 'POST',
				headers: asWhom({ 'content-type': 'application/octet-stream' }),
				body: file
			});
			const said = (await r.json().catch(() => null)) as { id?: number; error?: { message: string } } | null;
			if (!r.ok) trouble = `${name}: ${said?.error?.message ?? 'It could not be kept. Try again.'}`;
		} catch {
			trouble = `${name}: the server does not answer. Try again in a moment.`;
		} finally {
			busy--;
		}
	}
	async function put(input: HTMLInputElement | null) {
		const files = [...(input?.files ?? [])];
		trouble = '';
		for (const f of files) await send(f);
		if (input) input.value = '';
		await load();
	}
	async function drop(id: number) {
		trouble = '';
		try {
			const r = await fetch(`/api/pictures/${id}`, { method: 'DELETE', headers: asWhom() });
			if (!r.ok)
				trouble =
					((await r.json().catch(() => null)) as { error?: { message: string } } | null)?.error?.message ??
					'It could not be taken back.';
		} catch {
			trouble = 'The server does not answer. Try again in a moment.';
		}
		await load();
	}
</script>

<div class="tray" aria-label="Pictures" role="group">
	<button class="btn" onclick={() => taking?.click()}><Camera size={16} />Take a picture</button><button
		class="btn"
		onclick={() => loading?.click()}>Load one</button
	>
	<input
		bind:this={taking}
		type="file"
		accept="image/*"
		capture="environment"
		class="sr"
		aria-label="Take a picture of the wheel"
		tabindex="-1"
		onchange={() => put(taking)}
	/>
	<input
		bind:this={loading}
		type="file"
		accept="image/*"
		multiple
		class="sr"
		aria-label="Pictures of the wheel"
		tabindex="-1"
		onchange={() => put(loading)}
	/>
	{#each pictures as p, i (p.id)}<figure>
			<a href={resolve(`/api/pictures/${p.id}`)} target="_blank"
				><img src="/api/pictures/{p.id}?small" alt="Picture {i + 1} of the wheel" /></a
			><button class="link" onclick={() => drop(p.id)} aria-label="Take back picture {i + 1}"
				>Take back</button
			>
		</figure>{/each}
	{#if busy}<span class="quiet" role="status">Keeping it</span>{/if}
</div>
{#if trouble}<p class="fault" role="alert">{trouble}</p>{/if}

<style>
	.tray {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		align-items: center;
	}
	figure {
		display: grid;
		justify-items: center;
	}
	img {
		height: 58px;
		width: auto;
		display: block;
		border: 1px solid var(--rule);
	}
</style>
