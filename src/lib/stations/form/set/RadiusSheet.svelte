<script lang="ts">
	import { untrack } from 'svelte';
	import { attempt } from '$core/calculation/attempt';
	import type { Feature } from '$core/route/stations/form/features';
	import { featureWords } from '$core/route/stations/form/features';
	import type { Form } from '$core/route/stations/form/made';
	import { radiusSettingFor, radiusStep, swingOf } from '$core/route/stations/form/radius';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import { findingsOf } from '$core/route/step';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import SwingDrawing from '$lib/drawing/form/SwingDrawing.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import BlockPicker from './BlockPicker.svelte';
	import SwingFacts from './SwingFacts.svelte';
	import { settingEntry } from './setting-entry';

	interface Props {
		desk: Desk;
		form: Form;
		feature: Feature;
		ondone: () => void;
	}
	/** One arc by blocks: the stack from the constant or the gauge, where the swing is stopped, and what the coupon takes back into it. */
	let { desk, form, feature, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const entry = untrack(() =>
		settingEntry(desk, radiusStep, form, feature, {
			method: form.dresser?.hMm ? 'engraved-constant' : 'height-gauge',
			constantMm: form.dresser?.hMm ?? undefined,
			trayCode: desk.facts.trays[0]?.code
		})
	);
	$effect(() => entry.switchTo(f.units));
	const v = $derived(entry.result.values);
	const arc = $derived(form.chain[feature.index]!);
	const swing = $derived(arc.kind === 'arc' ? swingOf(arc) : { fromDeg: 0, toDeg: 0 });
	const convex = $derived(feature.side === 'convex');
	const radiusMm = $derived(feature.radiusMm ?? 0);
	const p = $derived(preview(radiusStep, f, entry));
	/** The stack, before any block is chosen for it. */
	const plainMm = $derived(
		typeof v.constantMm === 'number' ? v.constantMm + (convex ? -radiusMm : radiusMm) : null
	);
	const correctedMm = $derived(
		plainMm !== null && typeof v.measuredRadiusMm === 'number'
			? plainMm + (convex ? 1 : -1) * (v.measuredRadiusMm - radiusMm)
			: null
	);
	const targetMm = $derived(correctedMm ?? plainMm);
	/** What the swing says of itself, before any block is chosen for it. */
	const swung = $derived(
		arc.kind === 'arc'
			? attempt(() => radiusSettingFor(f, form, arc, v).output)
			: { output: null, fault: null }
	);
	const stopped = $derived(swung.output?.verdict === 'stop');
	const fault = $derived(swung.fault ?? (v.blocksMm?.length ? p.fault : null));
	const ADVANCED = ['axisOffsetUm', 'envelope', 'slide', 'grit', 'clearanceMm'];
	const fields = radiusStep.fields.filter((x) => ADVANCED.includes(x.name));
	async function act() {
		if (await desk.record('form', 'radius', entry)) ondone();
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<p class="lab">{featureWords(feature, (mm) => fineQuantity(mm, 'mm', f.units))}: height of the stack</p>
		<p class="num huge" class:bad={stopped} role="status">
			{targetMm === null ? '-' : fineQuantity(targetMm, 'mm', f.units)}
			<span
				>{correctedMm === null
					? convex
						? 'constant less the radius'
						: 'constant and the radius'
					: 'corrected by the coupon'}</span
			>
		</p>
		<SwingDrawing
			{radiusMm}
			{convex}
			fromDeg={swing.fromDeg}
			toDeg={swing.toDeg}
			stopFromDeg={v.stopFromDeg ?? null}
			stopToDeg={v.stopToDeg ?? null}
			stackMm={targetMm}
			bad={stopped}
			units={f.units}
		/>
		{#if fault && fault.code !== 'missing'}<p class="fault">{fault.message}</p>{:else}<Reasons
				reasons={p.result ? findingsOf(p.result) : (swung.output?.reasons ?? [])}
				most={3}
			/>{/if}
		{#if swung.output}<SwingFacts out={swung.output} units={f.units} />{/if}
		<div class="grid">
			<ChoiceField
				{entry}
				name="method"
				label="Stack measured from"
				words={{ 'engraved-constant': 'engraved constant', 'height-gauge': 'height gauge' }}
			/>
			<QuantityField {entry} name="constantMm" />
			<QuantityField {entry} name="stopFromDeg" note="swing begins at {Number(swing.fromDeg.toFixed(2))}°" />
			<QuantityField {entry} name="stopToDeg" note="swing ends at {Number(swing.toDeg.toFixed(2))}°" />
			<QuantityField {entry} name="measuredRadiusMm" />
		</div>
		<details open={fields.some((x) => entry.faultAt(x.name))}>
			<summary>Tip beside the axis, room of the head, slide at the stop, grit</summary>
			{#each fields as field (field.name)}<FieldInput {entry} {field} range={false} />{/each}
		</details>
	{/snippet}
	{#snippet other()}
		<BlockPicker {desk} {entry} {targetMm} />
		<YesNo {entry} name="screwTight" compact /><YesNo {entry} name="blocksOut" compact /><YesNo
			{entry}
			name="turnedByHand"
			compact
		/>
	{/snippet}
</TwoSides>
<ActionBar label="Set like this" onact={act} busy={desk.busy} stop={stopped}>
	{#if form.dresser?.tipRadiusUm}<span class="quiet"
			>tip {quantity(form.dresser.tipRadiusUm, 'um', f.units)}</span
		>{/if}
	{#snippet aside()}<ShowWorking computed={p.computed} system={f.units} />{/snippet}
</ActionBar>

<style>
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
		font: 500 var(--type-text) / 1.2 var(--text);
		color: var(--ink2);
	}
	.bad {
		color: var(--stop);
	}
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
