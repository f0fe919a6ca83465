<script lang="ts">
	import { tryOrNull } from '$core/calculation/attempt';
	import { diagnoseFinish } from '$core/spec/diagnose-finish';
	import { F_GRITS, DEFAULT_STOCK } from '$core/spec/grit-tables';
	import { figure, quantity, symbolOf } from '$core/quantity/format';
	import type { System } from '$core/quantity/parse';
	import type { Unit } from '$core/calculation/fields';
	import { useUnits } from '$lib/ui/use-units';
	import FinishChart from './FinishChart.svelte';
	import { DIAGNOSIS } from './finish-words';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';

	/** Wrong grit or wrong dress: the verdict in words, the move on the chart, and what each combination costs. */
	interface Dress {
		targetRaUm: number;
		gritNumber: number;
		dressDepthUm: number;
		leadUm: number;
		tipRadiusUm: number | null;
		flatWidthUm: number;
		/** On the trial cut, if it was measured: it counts first. */
		measuredRaUm?: number | null;
	}
	interface Props {
		dress: Dress;
		rpm?: number | null;
		/** Where it is not the page's own. */
		units?: System;
	}
	let { dress, rpm = null, units }: Props = $props();
	const page = useUnits();
	const system = $derived(units ?? page.system());
	const q = (value: number, unit: Unit) => quantity(value, unit, system);
	/** A figure that cannot be (a slip while it is typed) says nothing; its own field says what is wrong with it. */
	const measured = $derived(
		dress.measuredRaUm && dress.measuredRaUm > 0 && dress.measuredRaUm <= 1000 ? dress.measuredRaUm : null
	);
	const out = $derived(diagnoseFinish.run({ ...dress, measuredRaUm: measured }));
	const words = $derived(DIAGNOSIS[out.diagnosis]!);
	const grainOf = (n: number) => F_GRITS.get(n)!;
	const stays = $derived(['right-grit-dressed-sharp', 'finer-as-measured'].includes(out.diagnosis));
	/** What to set, in one line. */
	const move = $derived.by(() => {
		const lead = out.recommendedLeadUm;
		const traverse = rpm ? `, traverse ${q((lead * rpm) / 1000, 'mm/min')}` : '';
		return `F${out.recommendedGrit}, ${q(Math.round(out.recommendedDepthUm), 'um')} deep, ${q(Math.round(lead), 'um')} a turn${traverse}`;
	});
	/** What was measured belongs to this wheel as it is dressed now. */
	const here = (g: number, present: boolean) => g === dress.gritNumber && present;
	/** The four combinations of wheel and dress, for this job. */
	const rows = $derived(
		(
			[
				[dress.gritNumber, true],
				[out.recommendedGrit, true],
				[dress.gritNumber, false],
				[out.recommendedGrit, false]
			] as const
		)
			.filter(([g, present], i, all) => all.findIndex(([h, q]) => h === g && q === present) === i)
			.map(([gritNumber, present]) => {
				const d = present
					? dress
					: {
							...dress,
							measuredRaUm: null,
							dressDepthUm: out.recommendedDepthUm,
							leadUm: out.recommendedLeadUm
						};
				return tryOrNull(() => ({
					gritNumber,
					present,
					...diagnoseFinish.run({
						...d,
						measuredRaUm: here(gritNumber, present) ? measured : null,
						gritNumber
					})
				}));
			})
			.filter((r) => r !== null)
	);
</script>

<div class="said">
	<p class="title" class:good={stays}>{words.title}</p>
	<p>{words.costs} <b>{words.doThis}</b></p>
</div>
{#if !stays}<p class="move num">{move}</p>{/if}
<FinishChart
	targetRaUm={dress.targetRaUm}
	now={{ grainUm: out.grainUm, raUm: measured ?? out.raAsDressedUm }}
	aim={stays ? null : { grainUm: grainOf(out.recommendedGrit), raUm: out.recommendedRaUm }}
	stocked={DEFAULT_STOCK}
	{system}
/>
<div class="scroll">
	<table aria-label="Wheel and dress together">
		<thead
			><tr
				><th>Grit</th><th>Dress</th><th class="r">overlap</th><th class="r"
					>Ra about, {symbolOf('um-Ra', system)}</th
				><th class="r">heat</th><th>comes out</th></tr
			></thead
		>
		<tbody
			>{#each rows as r (`${r.gritNumber}${r.present}`)}<tr
					class:here={r.gritNumber === dress.gritNumber && r.present}
					><td class="num">F{r.gritNumber}</td><td>{r.present ? 'as now' : 'as advised'}</td><td class="num r"
						>{r.overlapRatio.toFixed(1)}</td
					><td class="num r">{figure(r.raAsDressedUm, 'um-Ra', system)}</td><td class="num r"
						>{r.heatIndex.toFixed(1)}</td
					><td>{DIAGNOSIS[r.diagnosis]!.title.toLowerCase()}</td></tr
				>{/each}</tbody
		>
	</table>
</div>
<p class="quiet">
	Heat ranks only: F60 dressed at overlap 4 and {q(20, 'um')} is 1. Ra as dressed is a trend, good to a third.
</p>
<Reasons reasons={out.reasons.filter((r) => r.code !== out.diagnosis)} />

<style>
	.scroll {
		overflow-x: auto;
	}
	.title {
		font: 700 var(--type-figure)/1.15 var(--text);
		color: var(--stop);
	}
	.title.good {
		color: var(--ok);
	}
	.move {
		font-size: var(--type-title);
		font-weight: 700;
		color: var(--act);
		max-width: none;
	}
	.said {
		display: grid;
		gap: var(--s-4);
	}
	th,
	td {
		padding: var(--s-4) var(--s-8);
		font-size: var(--type-small);
	}
	.r {
		text-align: right;
	}
	.here {
		background: var(--stop-soft);
	}
</style>
