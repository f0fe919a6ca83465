<script lang="ts">
	import { invalidateAll } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { Sender } from '$lib/ui/feedback/sender.svelte';
	import VerdictMark from '$lib/ui/feedback/VerdictMark.svelte';

	interface Props {
		way: Record<'machines' | 'mounts' | 'dressers' | 'wheels' | 'setups', number>;
		/** The machine that was entered first, which the mount and the dresser belong to. */
		machine: string | null;
		lead: boolean;
	}
	/** From an empty shop to its first setup: what comes first, what for, and how far it is. Each step can be left for later. */
	let { way, machine, lead }: Props = $props();
	const sender = new Sender();
	const of = $derived(machine ? `&machine=${encodeURIComponent(machine)}` : '');
	const steps = $derived([
		{
			done: way.machines,
			name: 'A machine',
			why: 'Spindle speed, seat and the largest wheel under its guard.',
			href: '/shop/machines/new?from=way' as const,
			act: 'Enter a machine'
		},
		{
			done: way.mounts,
			name: 'What the wheel sits on',
			why: 'Flange, arbor, quill or hub of that machine.',
			href: `/shop/mounts/new?from=way${of}` as const,
			act: 'Enter a mount'
		},
		{
			done: way.dressers,
			name: 'A dresser',
			why: 'Diamond, cluster, roll or stick; leave it out where nothing is dressed.',
			href: `/shop/dressers/new?from=way${of}` as const,
			act: 'Enter a dresser'
		},
		{
			done: way.wheels,
			name: 'First wheels',
			why: 'As they are marked and measured: one by one, or a list.',
			href: '/rack/new' as const,
			act: 'Receive a wheel'
		},
		{
			done: way.setups,
			name: 'The first setup',
			why: 'Tell the job; from there every step is asked for in turn.',
			href: '/setups/new' as const,
			act: 'Start a setup'
		}
	]);
	const next = $derived(steps.findIndex((s) => !s.done));
	const inList = (i: number) => i === 3;
	async function skip() {
		if (!('fault' in (await sender.send('/api/the-shop', { wayShown: true })))) await invalidateAll();
	}
</script>

<section class="sheet" aria-labelledby="way">
	<header>
		<h2 id="way">From an empty shop to the first setup</h2>
		{#if lead}<button class="btn" onclick={skip} disabled={sender.busy}>Not now, hide this</button>{/if}
	</header>
	<ol>
		{#each steps as s, i (s.name)}<li class:now={i === next}>
				<VerdictMark state={s.done ? 'ok' : i === next ? 'now' : 'open'} label={s.done ? 'done' : 'open'} />
				<div><strong>{s.name}</strong><span class="quiet">{s.why}</span></div>
				<span class="go">
					<a class="btn" class:act={i === next} href={resolve(s.href)}>{s.act}</a>
					{#if inList(i)}<a class="btn" href={resolve('/rack/import')}>Take in a list</a>{/if}
				</span>
			</li>{/each}
	</ol>
</section>

<style>
	section {
		padding: var(--s-14) var(--s-16);
		margin-bottom: var(--s-20);
	}
	header {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: var(--s-12);
		flex-wrap: wrap;
	}
	h2 {
		font-size: var(--type-title);
	}
	ol {
		list-style: none;
		padding: 0;
		margin: var(--s-10) 0 0;
	}
	li {
		display: grid;
		grid-template-columns: 24px minmax(0, 1fr) auto;
		gap: var(--s-12);
		align-items: center;
		padding: var(--s-8) 0;
		border-top: 1px solid var(--rule);
	}
	li div {
		display: grid;
	}
	.now strong {
		font-size: var(--type-head);
	}
	.go {
		display: flex;
		gap: var(--s-8);
		flex-wrap: wrap;
		justify-content: end;
	}
	@media (max-width: 640px) {
		li {
			grid-template-columns: 24px minmax(0, 1fr);
		}
		.go {
			grid-column: 2;
			justify-content: start;
		}
	}
</style>
