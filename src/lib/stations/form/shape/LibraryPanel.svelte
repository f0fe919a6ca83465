<script lang="ts">
	import { onMount } from 'svelte';
	import { type RawSegment, chainOf } from '$core/form/profile/chain';
	import type { Segment } from '$core/form/profile/segment';
	import { quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { when } from '$lib/words';

	interface Props {
		desk: SetupSession;
		onseen: (segments: Segment[] | null) => void;
		ontake: (segments: RawSegment[], name: string, toleranceUm: number) => void;
	}
	/** Forms this shop has made before, each in its newest version. */
	let { desk, onseen, ontake }: Props = $props();
	interface Entry {
		id: number;
		name: string;
		version: number;
		toleranceUm: number;
		by: string;
		at: string;
	}
	let list = $state.raw<Entry[] | null>(null);
	let trouble = $state('');
	let picked = $state.raw<(Entry & { segments: RawSegment[] }) | null>(null);
	async function ask<T>(path: string): Promise<T | null> {
		try {
			const r = await fetch(path);
			const body = (await r.json()) as T & { error?: { message: string } };
			if (r.ok) return body;
			trouble = body.error?.message ?? 'The library does not answer. Try again.';
		} catch {
			trouble = 'The server does not answer. Try again.';
		}
		return null;
	}
	onMount(async () => {
		list = (await ask<{ forms: Entry[] }>('/api/forms'))?.forms ?? [];
	});
	async function look(id: number) {
		trouble = '';
		picked = await ask<Entry & { segments: RawSegment[] }>(`/api/forms/${id}`);
		onseen(picked ? chainOf(picked.segments) : null);
	}
</script>

<section aria-label="From the library">
	{#if trouble}<p class="fault">{trouble}</p>{/if}
	{#if list === null}<p>Looking …</p>{:else if !list.length}<p>
			No form has been kept yet. The first one is kept when you keep this shape.
		</p>{:else}<ul>
			{#each list as e (e.id)}<li>
					<button
						class="btn"
						class:on={picked?.id === e.id}
						aria-pressed={picked?.id === e.id}
						onclick={() => look(e.id)}>{e.name}</button
					><span
						>version {e.version}, {quantity(e.toleranceUm, 'um', desk.facts.units)}, {e.by}, {when(
							e.at
						)}</span
					>
				</li>{/each}
		</ul>{/if}
	<button
		class="btn act"
		disabled={!picked}
		onclick={() => picked && ontake(picked.segments, picked.name, picked.toleranceUm)}>Take this form</button
	>
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
		justify-items: start;
	}
	ul {
		list-style: none;
		padding: 0;
		margin: 0;
		display: grid;
		gap: var(--s-6);
		max-height: 260px;
		overflow: auto;
		width: 100%;
	}
	li {
		display: flex;
		gap: var(--s-10);
		align-items: center;
		flex-wrap: wrap;
	}
	li span {
		font-size: var(--type-small);
		color: var(--ink2);
	}
</style>
