<script lang="ts">
	import { figure, quantity, symbolOf } from '$core/quantity/format';
	import { faceStep } from '$core/route/stations/true/steps';
	import TiltDrawing from '$lib/drawing/TiltDrawing.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import OddQuestion from './OddQuestion.svelte';
	import RoundReader from './RoundReader.svelte';
	import { filledOf, placesOf, withPlaces } from './runout-view';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The side face: how the wheel leans, where paper would have to go, and when that is refused. */
	let { desk, ondone }: Props = $props();
	const w = desk.facts.wheel!;
	const entry = withPlaces(
		stepEntry(desk, faceStep, {
			anew: true,
			start: {
				measuringRadiusMm: Math.round(w.diameterMm * 0.42),
				flangeContactDiameterMm: desk.facts.mount?.flangeMm
			}
		}),
		8
	);
	const p = $derived(preview(faceStep, desk.facts, null, { ...entry.result.values, oddKept: true }));
	const out = $derived(p.main);
	const q = (v: number) => quantity(v, 'um', desk.facts.units);
</script>

<div class="cols">
	<TiltDrawing
		tiltUm={out?.wobbleUm ?? null}
		high={out?.highSpotAngleDeg ?? null}
		shim={out && out.tirUm > 50
			? { angle: out.shimAngleDeg, um: out.shimThicknessUm, allowed: out.shimAllowed }
			: null}
		flangeMm={desk.facts.mount?.flangeMm ?? 100}
		wheelMm={w.diameterMm}
	/>
	<RoundReader {entry} key="face" />
	<div class="answer">
		<OddQuestion {entry} />
		<p class="lab">Face runs out</p>
		<p class="num huge">
			{out ? figure(out.tirUm, 'um', desk.facts.units) : '-'}<span
				>&nbsp;{symbolOf('um', desk.facts.units)}, limit {q(50)}</span
			>
		</p>
		{#if out}<p class="quiet">
				{filledOf(entry)} places; leans {out.tiltDeg.toFixed(3)}°, high at {out.highSpotAngleDeg.toFixed(0)}°,
				not flat by {q(out.residualTirUm)}.
			</p>
			{#if out.tirUm > 50}<p>
					{out.shimAllowed
						? `Off, cleaned and fitted again first. Only then ${q(out.shimThicknessUm)} of paper behind the wheel at ${out.shimAngleDeg.toFixed(0)}°.`
						: 'No paper for this. Off, look for dirt or a burr, fit it again.'}
				</p>{/if}{:else}<p class="quiet">{filledOf(entry)} of {placesOf(entry)} read</p>{/if}
		<div class="grid">
			<QuantityField {entry} name="measuringRadiusMm" label="Dial at radius" /><QuantityField
				{entry}
				name="flangeContactDiameterMm"
				label="Contact ring"
			/>
		</div>
		<ChoiceField {entry} name="readFace" />
	</div>
</div>
{#if out}<Reasons reasons={out.reasons} />{/if}
<ActionBar
	label="Book the face"
	onact={async () => {
		if (await desk.record('true', 'face', entry)) ondone();
	}}
	busy={desk.busy}
>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(200px, 260px) auto minmax(0, 1fr);
		gap: var(--s-20);
		margin-top: var(--s-10);
		align-items: start;
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
		font-size: var(--type-text);
		font-weight: 500;
		color: var(--ink2);
	}
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: 0 var(--s-10);
		margin-top: var(--s-8);
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
