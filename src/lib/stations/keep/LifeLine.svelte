<script lang="ts">
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import WheelLife from '$lib/drawing/keep/WheelLife.svelte';
	import { dayWords } from '$lib/words';
	import { lifeOf } from './life';

	interface Props {
		desk: SetupSession;
		onbook?: () => void;
	}
	/** The wheel from new to scrap on one line, with when it ends, by when the next is ordered, and what a part costs. */
	let { desk, onbook }: Props = $props();
	const facts = $derived(desk.facts);
	const w = $derived(facts.wheel!);
	const life = $derived(lifeOf(facts, desk.book));
	const late = $derived(life.orderBy !== null && life.orderBy <= facts.today);
</script>

<div class="head">
	<h2>The wheel from new to scrap</h2>
	{#if life.forecast}<p class:late>
			Order by <b>{dayWords(life.forecast.orderBy)}</b>; last dress <b>{dayWords(life.forecast.lastDate)}</b>
		</p>
		{#if life.forecast.costPerPart > 0}<p>
				A part costs <b class="num">{life.forecast.costPerPart.toFixed(2)}</b>
			</p>{/if}
	{:else if onbook}<button class="link" onclick={onbook}>Say how many parts a day: then when it ends</button
		>{/if}
</div>
<WheelLife
	events={life.events}
	newMm={w.newDiameterMm}
	nowMm={w.diameterMm}
	minMm={w.minDiameterMm}
	today={facts.today}
	endDate={life.endDate}
	orderBy={life.orderBy}
	band={life.band}
/>
{#if life.fault}<p class="fault">The book cannot be read as a trend: {life.fault.message}</p>{/if}

<style>
	.head {
		display: flex;
		gap: var(--s-4) var(--s-20);
		align-items: baseline;
		flex-wrap: wrap;
	}
	h2 {
		font-size: var(--type-text);
		flex: 1;
	}
	p {
		font-size: var(--type-small);
	}
	.late {
		color: var(--caution);
		font-weight: 650;
	}
	.fault {
		color: var(--stop);
	}
</style>
