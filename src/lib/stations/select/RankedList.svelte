<script lang="ts">
	import { figure } from '$core/quantity/format';
	import type { WheelFacts } from '$core/facts/wheel';
	import type { Ranked } from '$core/route/stations/select/steps';
	import type { System } from '$core/quantity/parse';
	import ScoreBar from './ScoreBar.svelte';
	import ScoreKey from './ScoreKey.svelte';

	interface Props {
		ranked: readonly Ranked[];
		byNumber: ReadonlyMap<string, WheelFacts>;
		current: string | null;
		marked: readonly string[];
		units: System;
		onpick: (id: string) => void;
		onmark: (id: string) => void;
	}
	/** Wheels that may go on, best first, with what their points are made of; picked by pointer or arrows, marked by M. */
	let { ranked, byNumber, current, marked, units, onpick, onmark }: Props = $props();
	const SHOWN = 30;
	const mm = (v: number) => figure(v, 'mm', units);
	function arrows(e: KeyboardEvent) {
		const i = ranked.findIndex((r) => r.id === current);
		if (e.key === 'm' && current) {
			e.preventDefault();
			onmark(current);
			return;
		}
		const step = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
		if (!step || !ranked[i + step]) return;
		e.preventDefault();
		const { id } = ranked[i + step]!;
		onpick(id);
		document.getElementById(`w-${id}`)?.focus();
	}
</script>

<ScoreKey />
<div
	class="list"
	role="radiogroup"
	aria-label="Wheels that may go on, best first"
	tabindex="-1"
	onkeydown={arrows}
>
	{#each ranked.slice(0, SHOWN) as r (r.id)}
		{@const w = byNumber.get(r.id)!}
		<button
			id="w-{r.id}"
			role="radio"
			aria-checked={r.id === current}
			tabindex={r.id === current ? 0 : -1}
			class:on={r.id === current}
			onclick={() => onpick(r.id)}
			ondblclick={() => onmark(r.id)}
		>
			<span class="num no"
				>{r.id}{#if marked.includes(r.id)}<em> marked</em>{/if}</span
			><span class="num mark">{w.canonical}</span>
			<span
				><ScoreBar parts={r.parts} /><span class="quiet"
					>{mm(w.diameterMm)} of {mm(w.newDiameterMm)}, scrap at {mm(w.minDiameterMm)}, {w.place}</span
				></span
			>
			<span class="num pts">{r.scorePoints.toFixed(0)}</span>
		</button>
	{/each}
</div>

<style>
	.list {
		border-top: 2px solid var(--ink);
		max-height: 232px;
		overflow: auto;
		flex-shrink: 0;
	}
	.list button {
		display: grid;
		grid-template-columns: 60px 170px 1fr 56px;
		gap: var(--s-10);
		align-items: center;
		width: 100%;
		min-height: 52px;
		padding: var(--s-6) var(--s-10);
		border: 0;
		border-bottom: 1px solid var(--rule);
		border-left: 4px solid transparent;
		background: none;
		color: var(--ink);
		text-align: left;
		font: inherit;
		cursor: pointer;
	}
	em {
		display: block;
		font: 600 var(--type-fine) var(--text);
		color: var(--act);
	}
	.list .on {
		background: var(--act-soft);
		border-left-color: var(--act);
	}
	.no {
		color: var(--ink2);
		font-weight: 600;
	}
	.mark {
		font-weight: 650;
		font-size: var(--type-text);
		overflow-wrap: anywhere;
	}
	.pts {
		font-size: var(--type-title);
		font-weight: 700;
		text-align: right;
	}
	@media (max-width: 900px) {
		.list button {
			grid-template-columns: 52px 1fr 50px;
		}
		.list button > :nth-child(3) {
			grid-column: 1 / -1;
			grid-row: 2;
		}
	}
</style>
