<script lang="ts">
	import Simulated from '$lib/ui/layout/Simulated.svelte';
	import { onDestroy, untrack } from 'svelte';
	import { duration, quantity } from '$core/quantity/format';
	import type { SetupFacts } from '$core/facts/setup';
	import { type Run, divisions, fedBy, legAt, passesIn } from '$core/route/stations/dress/run';
	import LevelBars from '$lib/drawing/dress/LevelBars.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { Sensor } from './sensor.svelte';

	interface Props {
		facts: SetupFacts;
		entry: Entry;
		run: Run;
	}
	/** Pass by pass with one large key: what to dial in, which way, what is left, and how it sounded. Kept as it grows, so a reload loses none. */
	let { facts, entry, run }: Props = $props();
	const heard = $derived((entry.typed.heard ?? []) as string[]);
	const n = $derived(heard.length);
	const all = $derived(passesIn(run));
	const leg = $derived(legAt(run, n));
	const left = $derived(Math.max(0, fedBy(run, all) - fedBy(run, n)));
	const timeLeft = $derived(run.timeS * Math.max(0, 1 - n / Math.max(1, all)));
	const um = (v: number) => quantity(v, 'um', facts.units);
	const dial = $derived(leg ? divisions(facts.machine, leg.biteUm) : null);
	const LEAD_UM = 60;
	const sensor = new Sensor(untrack(() => 17 * facts.id + 3));
	onDestroy(() => sensor.off());
	function made(how: string) {
		sensor.pass(n, fedBy(run, n + 1), LEAD_UM);
		entry.set('heard', [...heard, how]);
		entry.set('soundEven', how === 'even');
	}
	function back() {
		entry.set('heard', heard.slice(0, -1));
	}
	const standIn = () =>
		sensor.standIn(
			heard.map((_, i) => ({ depthUm: fedBy(run, i + 1) })),
			LEAD_UM
		);
	function keys(e: KeyboardEvent) {
		const free = !(e.target as HTMLElement).matches('input, textarea, select, button, a, summary');
		if (!free || e.repeat || !leg) return;
		if (e.key !== 'Enter' && e.key !== ' ') return;
		e.preventDefault();
		made('even');
	}
	const WORDS: Record<string, string> = { even: '●', uneven: '◐', nothing: '○' };
</script>

<svelte:window onkeydown={keys} />
<section aria-label="Pass by pass">
	<p class="lab">Pass {Math.min(n + 1, all)} of {all}{leg ? `, ${leg.kind}` : ''}</p>
	<p class="num huge" role="status">
		{#if !leg}all made{:else if leg.biteUm === 0}no feed{:else}{um(leg.biteUm)}
			<span>{dial === null ? 'in' : `${dial.toFixed(1)} divisions in`}</span>{/if}
	</p>
	{#if leg}<p>
			{n % 2 ? '← back across' : '→ across'}, off the edge before you feed. {um(left)} left, about {duration(
				timeLeft
			)}.
		</p>{:else}<p>Withdraw, let the coolant spin out, measure, and book it.</p>{/if}
	<div class="keys">
		<button class="btn big" disabled={!leg} onclick={() => made('even')}
			>Even <kbd aria-hidden="true">Enter</kbd></button
		>
		<button class="btn big" disabled={!leg} onclick={() => made('uneven')}>Uneven</button>
		<button class="btn big" disabled={!leg} onclick={() => made('nothing')}>Nothing heard</button>
		<button class="btn" disabled={n === 0} onclick={back}>One back</button>
	</div>
	{#if n}<p class="marks" aria-label="Heard so far: {heard.join(', ')}">
			{heard
				.slice(-60)
				.map((h) => WORDS[h])
				.join(' ')}
		</p>{/if}
	{#if sensor.levels.length}<LevelBars levels={sensor.levels} even={sensor.even} />
		<p>{sensor.even ? 'The sensor agrees: even.' : 'The sensor hears a low place; go on.'}</p>{/if}
	<div class="keys">
		<Simulated
			><button
				class="btn"
				class:on={sensor.kind === 'stand-in'}
				onclick={() => (sensor.kind === 'stand-in' ? sensor.off() : standIn())}>Sensor stand-in</button
			></Simulated
		><button
			class="btn"
			class:on={sensor.kind === 'microphone'}
			onclick={() => (sensor.kind === 'microphone' ? sensor.off() : void sensor.microphone())}
			>Microphone</button
		>
	</div>
	{#if sensor.trouble}<p class="fault">{sensor.trouble}</p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.huge {
		font-size: var(--type-huge);
		font-weight: 700;
		line-height: 1.05;
	}
	.huge span {
		font: 600 var(--type-head) var(--text);
		color: var(--act);
	}
	.keys {
		display: flex;
		gap: var(--s-6);
		flex-wrap: wrap;
	}
	.big {
		min-height: 60px;
		font-size: var(--type-strong);
	}
	.marks {
		font: 500 var(--type-text) var(--mono);
		color: var(--ink2);
		overflow-wrap: anywhere;
	}
</style>
