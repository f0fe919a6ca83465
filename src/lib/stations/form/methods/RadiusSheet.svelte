<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import { type Feature, featureWords } from '$core/route/stations/form/features';
	import type { Form } from '$core/route/stations/form/made';
	import { radiusSettingFor, radiusStep, swingOf } from '$core/route/stations/form/radius';
	import { findingsOf } from '$core/route/result';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import FixtureConstant from '$lib/drawing/form/FixtureConstant.svelte';
	import SwingDrawing from '$lib/drawing/form/SwingDrawing.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import FixtureSheet from './FixtureSheet.svelte';
	import SwingFacts from './SwingFacts.svelte';
	import { settingEntry } from './setting-entry';

	interface Props {
		desk: SetupSession;
		form: Form;
		feature: Feature;
		ondone: () => void;
	}
	/** One arc by blocks: the stack from the constant or the gauge, where the swing is stopped, and what the coupon takes back into it. */
	let { desk, form, feature, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = untrack(() =>
		settingEntry(desk, radiusStep, form, feature, {
			method: form.dresser?.faceToCentreMm ? 'engraved-constant' : 'height-gauge',
			constantMm: form.dresser?.faceToCentreMm ?? form.dresser?.baseToCentreMm ?? undefined,
			trayCode: desk.facts.trays[0]?.code
		})
	);
	const v = $derived(entry.result.values);
	const gauge = $derived(v.method === 'height-gauge');
	const kept = $derived((gauge ? form.dresser?.baseToCentreMm : form.dresser?.faceToCentreMm) ?? null);
	/** The other way of setting has the other constant: what was filled in for the one is not left for the other. */
	let filledFor = untrack(() => entry.at('method'));
	$effect(() => {
		if (entry.at('method') === filledFor) return;
		filledFor = entry.at('method');
		untrack(() => entry.fillOne('constantMm', kept ?? undefined));
	});
	const arc = $derived(form.chain[feature.index]!);
	const swing = $derived(arc.kind === 'arc' ? swingOf(arc) : { fromDeg: 0, toDeg: 0 });
	const convex = $derived(feature.side === 'convex');
	const p = $derived(preview(radiusStep, facts, entry));
	/** What the swing says of itself, before any block is chosen for it. */
	const swung = $derived(
		arc.kind === 'arc'
			? attempt(() => radiusSettingFor(facts, form, arc, v).output)
			: { output: null, fault: null }
	);
	const out = $derived(swung.output);
	const targetMm = $derived(out ? (out.correctedStackMm ?? out.stackMm) : null);
	const means = $derived(
		out && out.correctedStackMm !== null
			? 'corrected by the coupon'
			: convex
				? 'constant less the radius'
				: 'constant and the radius'
	);
	const stopped = $derived(out?.verdict === 'stop');
	const ADVANCED = ['axisOffsetUm', 'envelope', 'slide', 'grit', 'clearanceMm'];
	const later = radiusStep.fields.filter((x) => ADVANCED.includes(x.name));
	const q = (mm: number | null) => fineQuantity(mm, 'mm', facts.units);
	const deg = (d: number) => `${Number(d.toFixed(2))}°`;
</script>

<FixtureSheet
	{desk}
	step={radiusStep}
	{entry}
	{p}
	what="{featureWords(feature, q)}: height of the stack"
	{targetMm}
	figure={targetMm === null ? '-' : q(targetMm)}
	{means}
	{stopped}
	fault={swung.fault ?? (v.blocksMm?.length ? p.fault : null)}
	reasons={p.result ? findingsOf(p.result) : (out?.reasons ?? [])}
	last="turnedByHand"
	{ondone}
>
	{#snippet drawing()}<SwingDrawing
			radiusMm={feature.radiusMm ?? 0}
			{convex}
			fromDeg={swing.fromDeg}
			toDeg={swing.toDeg}
			stopFromDeg={v.stopFromDeg ?? null}
			stopToDeg={v.stopToDeg ?? null}
			stackMm={targetMm}
			bad={stopped}
			units={facts.units}
		/>{/snippet}
	{#snippet fields()}
		{#if out}<SwingFacts {out} units={facts.units} />{/if}
		<div class="grid">
			<ChoiceField
				{entry}
				name="method"
				label="Set with"
				words={{ 'engraved-constant': 'stack of blocks', 'height-gauge': 'height gauge' }}
			/>
			<QuantityField
				{entry}
				name="constantMm"
				label={gauge ? 'Base to centre' : 'Face to centre'}
				note={kept === null ? '' : `kept: ${q(kept)}`}
			/>
			<FixtureConstant {gauge} mm={v.constantMm ?? kept} units={facts.units} />
			<QuantityField {entry} name="stopFromDeg" note="swing begins at {deg(swing.fromDeg)}" />
			<QuantityField {entry} name="stopToDeg" note="swing ends at {deg(swing.toDeg)}" />
			<QuantityField {entry} name="measuredRadiusMm" />
		</div>
		<details open={later.some((x) => entry.faultAt(x.name))}>
			<summary>Tip beside the axis, room of the head, slide at the stop, grit</summary>
			{#each later as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
		</details>
	{/snippet}
	{#snippet beside()}{#if form.dresser?.tipRadiusUm}<span class="quiet"
				>tip {quantity(form.dresser.tipRadiusUm, 'um', facts.units)}</span
			>{/if}{/snippet}
</FixtureSheet>

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
		align-items: start;
	}
	summary {
		cursor: pointer;
		min-height: 30px;
		font-size: var(--type-small);
		font-weight: 600;
	}
</style>
