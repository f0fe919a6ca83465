<script lang="ts">
	import Lazy from '$lib/ui/feedback/Lazy.svelte';
	import { holds, lineOf } from '$core/route/decision';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { METHOD_WORDS } from '$core/route/stations/dress/words';
	import { dresserWords } from '$core/shop/dresser';
	import { quantity } from '$core/quantity/format';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { type Part, Parts } from '$lib/desk/parts.svelte';
	import { RUN_WORDS } from '$core/route/stations/dress/run-words';
	import { partsAfter, partsBefore } from './parts';
	import MethodPart from './MethodPart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** Dressing: why and with what first, then the bench of that way, the run itself, and what must follow it. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const chosen = $derived(chosenMethod(facts, Evidence.of(facts)));
	const d = $derived(chosen?.dresser ?? null);
	/** Of a small point nothing is pressed against an effort: a sheet whose lines nobody asks for is left out. */
	const before = $derived(
		(chosen ? partsBefore(chosen.method) : []).filter(
			(p) => !p.lines.includes('opened') || lineOf(desk.decision, 'dress', 'opened') !== null
		)
	);
	const after = $derived(chosen ? partsAfter(chosen.method, chosen.followUp) : []);
	const words = $derived(RUN_WORDS[chosen?.method ?? 'single-point']);
	const released = $derived(facts.state === 'released');
	const packLines = $derived(facts.companions.map((c) => `sound-${c.wheel.number}`));
	const parts = new Parts<string>(
		desk,
		'dress',
		(): Part[] => [
			{ id: 'method', title: 'Why and with what', lines: ['method'] },
			...before,
			...(!chosen
				? []
				: released
					? [{ id: 'again', title: 'Dress again', lines: ['sound'] }]
					: [{ id: 'done', title: words.title, lines: ['sound', ...packLines] }]),
			...after,
			...(chosen && facts.companions.length
				? [{ id: 'pack', title: 'Measure the pack', lines: ['pack'] }]
				: []),
			...(chosen
				? [
						{ id: 'cuts', title: 'Trial cuts', lines: [], aside: true },
						{
							id: 'dresser',
							title: 'Set the dresser',
							lines: ['register', 'side', 'calibrate', 'zero'],
							aside: true
						}
					]
				: [])
		],
		// A released wheel comes back to be dressed again as it was: that is the sheet it opens with, until what follows is due.
		() => {
			const all = (list: readonly Part[]) =>
				holds(
					desk.decision,
					'dress',
					list.flatMap((p) => p.lines)
				);
			const due = holds(desk.decision, 'dress', ['sound']) && !all(after);
			return released && all(before) && !due ? 'again' : null;
		}
	);
	/** After each dress the sheets begin anew: the next wheel of a pack, the next time round. */
	const round = $derived(
		facts.records.findLast((r) => r.station === 'dress' && ROUNDS.includes(r.step))?.id ?? 0
	);
	const ROUNDS = ['done', 'again'];
	const sheet = $derived([...before, ...after].find((p) => p.id === parts.open) ?? null);
	const size = $derived.by(() => {
		if (!d) return '';
		if (d.tipRadiusUm) return `, tip radius ${quantity(d.tipRadiusUm, 'um', facts.units)}`;
		return d.bodyDiameterMm ? `, ${quantity(d.bodyDiameterMm, 'mm', facts.units)} across` : '';
	});
	const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<header>
	<h1>Dress</h1>
	{#each parts.all.filter((p) => p.aside) as p (p.id)}<button
			class="link"
			aria-pressed={parts.open === p.id}
			onclick={() => parts.choose(p.id)}>{p.title}</button
		>{/each}
</header>
<p class="lead">
	{#if chosen}{capital(
			d ? `${dresserWords(d.kind)} ${d.code}${size}` : METHOD_WORDS[chosen.method]
		)}{d?.flatWidthUm ? `, flat ${quantity(d.flatWidthUm, 'um', facts.units)}` : ''}.{:else}Say first what is
		seen, heard or felt. The way to dress follows from it.{/if}
</p>
<PartTabs {parts} of="dressing" />
{#key `${parts.open}-${round}`}
	{#if parts.open === 'method'}<MethodPart {desk} ondone={parts.onward} />
	{:else if parts.open === 'done'}<Lazy
			load={() => import('./DonePart.svelte')}
			given={{ desk, even: words.even, ondone: parts.onward }}
		/>
	{:else if parts.open === 'again'}<Lazy
			load={() => import('./AgainPart.svelte')}
			given={{ desk, even: words.even, ondone: parts.onward }}
		/>
	{:else if parts.open === 'pack'}<Lazy
			load={() => import('./PackAgainPart.svelte')}
			given={{ desk, ondone: parts.onward }}
		/>
	{:else if parts.open === 'cuts'}<Lazy load={() => import('./CutsPart.svelte')} given={{ desk }} />
	{:else if parts.open === 'dresser'}<Lazy load={() => import('./DresserPart.svelte')} given={{ desk }} />
	{:else if sheet}<Lazy load={sheet.load} given={{ desk, ondone: parts.onward }} />{/if}
{/key}

<style>
	header {
		display: flex;
		gap: var(--s-16);
		align-items: baseline;
	}
	h1 {
		flex: 1;
	}
	.link[aria-pressed='true'] {
		color: var(--ink);
		text-decoration: none;
	}
</style>
