<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { WheelFacts } from '$core/facts/wheel';
	import { limitRpm } from '$core/spec/limit-rpm';
	import type { Ranked } from '$core/route/stations/select/steps';
	import { naturalRaUm } from '$core/spec/natural-finish';
	import { PARTS, type Part } from '$core/spec/rank-score';
	import { FAMILY_NAMES } from '$core/spec/families';
	import { sizeOf } from '$lib/words';
	import ScoreBar from './ScoreBar.svelte';

	interface Props {
		list: { wheel: WheelFacts; ranked: Ranked }[];
		spindleRpm: number;
		targetRaUm: number;
		units: System;
	}
	/** Two or three wheels side by side; in every line the better one is marked. */
	let { list, spindleRpm, targetRaUm, units }: Props = $props();
	interface Row {
		name: string;
		says: (x: (typeof list)[number]) => string;
		better?: (x: (typeof list)[number]) => number;
	}
	const rows: Row[] = $derived([
		{ name: 'Points', says: (x) => x.ranked.scorePoints.toFixed(0), better: (x) => x.ranked.scorePoints },
		{ name: 'Grain', says: (x) => FAMILY_NAMES[x.wheel.family as keyof typeof FAMILY_NAMES] ?? 'not known' },
		{ name: 'Size', says: (x) => sizeOf(x.wheel) },
		{
			name: 'Wheel left',
			says: (x) => quantity(x.ranked.remainingRadiusMm, 'mm', units),
			better: (x) => x.ranked.remainingRadiusMm
		},
		{
			name: 'Speed',
			says: (x) =>
				`${quantity(x.ranked.surfaceSpeedMps, 'm/s', units)}, ${(100 * (1 - spindleRpm / (limitRpm(x.wheel) ?? spindleRpm))).toFixed(0)} % spare`,
			better: (x) => limitRpm(x.wheel) ?? 0
		},
		{
			name: 'Finish, dressed sharp',
			says: (x) =>
				x.wheel.gritMeanUm === null
					? 'not known'
					: `Ra ${figure(naturalRaUm(x.wheel.gritMeanUm), 'um-Ra', units)}`,
			better: (x) =>
				x.wheel.gritMeanUm === null ? -9 : -Math.abs(Math.log(naturalRaUm(x.wheel.gritMeanUm) / targetRaUm))
		},
		...PARTS.map((p: Part): Row => ({
			name: p,
			says: (x) => `${Math.round(x.ranked.parts[p]! * 100)} %`,
			better: (x) => x.ranked.parts[p]!
		})),
		{ name: 'Place', says: (x) => x.wheel.place }
	]);
	const best = (r: Row) => {
		const values = list.map((x) => r.better?.(x) ?? 0);
		const top = Math.max(...values);
		return r.better && values.some((v) => v < top - 1e-9) ? top : null;
	};
</script>

<table aria-label="Wheels side by side">
	<thead
		><tr
			><th></th>{#each list as x (x.wheel.id)}<th class="num">{x.wheel.number}<br />{x.wheel.canonical}</th
				>{/each}</tr
		></thead
	>
	<tbody
		><tr
			><th scope="row">Score</th>{#each list as x (x.wheel.id)}<td><ScoreBar parts={x.ranked.parts} /></td
				>{/each}</tr
		>
		{#each rows as r (r.name)}{@const top = best(r)}<tr
				><th scope="row">{r.name}</th>{#each list as x (x.wheel.id)}{@const wins =
						top !== null && (r.better?.(x) ?? 0) >= top - 1e-9}<td class="num" class:wins
						>{wins ? '▸ ' : ''}{r.says(x)}</td
					>{/each}</tr
			>{/each}</tbody
	>
</table>

<style>
	th,
	td {
		padding: var(--s-4) var(--s-10);
		font-size: var(--type-label);
		text-align: left;
	}
	tbody th {
		border-bottom: 1px solid var(--rule);
		font-weight: 500;
	}
	thead th {
		font-size: var(--type-label);
		color: var(--ink);
	}
	.wins {
		font-weight: 700;
		color: var(--act);
	}
</style>
