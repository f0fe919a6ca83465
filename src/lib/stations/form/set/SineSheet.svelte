<script lang="ts">
	import { untrack } from 'svelte';
	import type { Feature } from '$core/route/stations/form/features';
	import { featureWords } from '$core/route/stations/form/features';
	import type { Form } from '$core/route/stations/form/made';
	import { sineStep, slideAngle } from '$core/route/stations/form/sine';
	import { wrung } from '$core/form/wrung';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import { findingsOf, outputOf } from '$core/route/step';
	import type { Desk } from '$lib/desk/desk.svelte';
	import { preview } from '$lib/desk/preview';
	import SineDrawing from '$lib/drawing/form/SineDrawing.svelte';
	import Reasons from '$lib/ui/feedback/Reasons.svelte';
	import ShowWorking from '$lib/ui/feedback/ShowWorking.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ActionBar from '$lib/ui/layout/ActionBar.svelte';
	import TwoSides from '$lib/ui/layout/TwoSides.svelte';
	import BlockPicker from './BlockPicker.svelte';
	import { settingEntry } from './setting-entry';

	interface Props {
		desk: Desk;
		form: Form;
		feature: Feature;
		ondone: () => void;
	}
	/** One flank by blocks: which angle of the drawing is which angle of the slide, both stacks, and what they come to. */
	let { desk, form, feature, ondone }: Props = $props();
	const f = $derived(desk.facts);
	const steep = untrack(() => Math.abs(feature.angleDeg));
	const STEEP_DEG = 60;
	const entry = untrack(() =>
		settingEntry(desk, sineStep, form, feature, {
			drawingAngleDeg: Number(steep.toFixed(4)),
			flankSide: feature.angleDeg > 0 ? 'right' : 'left',
			base: steep > STEEP_DEG ? 'square-face' : 'base',
			trayCode: desk.facts.trays[0]?.code
		})
	);
	$effect(() => entry.switchTo(f.units));
	const v = $derived(entry.result.values);
	const pins = $derived(form.dresser?.pinDistanceMm ?? 0);
	const slideDeg = $derived(slideAngle(v.drawingAngleDeg ?? steep, v.angleFrom ?? 'axial'));
	const setDeg = $derived(v.base === 'square-face' ? 90 - slideDeg : slideDeg);
	const targetMm = $derived(
		pins && setDeg > 0 && setDeg < 90 ? pins * Math.sin((setDeg * Math.PI) / 180) : null
	);
	const p = $derived(preview(sineStep, f, entry));
	const out = $derived(p.main);
	const stack = $derived(outputOf(p.result, wrung));
	const lower = $derived((v.baseBlocksMm ?? []).reduce((s, b) => s + b, 0));
	const deg = (d: number) => `${Number(d.toFixed(4))}°`;
	async function act() {
		if (await desk.record('form', 'sine', entry)) ondone();
	}
</script>

<TwoSides narrow="neither">
	{#snippet one()}
		<p class="lab">{featureWords(feature)}: difference of the two stacks</p>
		<p class="num huge" role="status">
			{targetMm === null ? '-' : fineQuantity(targetMm, 'mm', f.units)}
			<span>slide at {deg(setDeg)}{v.base === 'square-face' ? ', from the square face' : ''}</span>
		</p>
		{#if targetMm !== null}<SineDrawing
				angleDeg={setDeg}
				pinsMm={pins}
				lowerMm={lower}
				upperMm={lower + targetMm}
				units={f.units}
			/>{/if}
		<div class="grid">
			<QuantityField {entry} name="drawingAngleDeg" autofocus />
			<ChoiceField {entry} name="angleFrom" words={{ axial: 'axis', radial: 'radial line' }} />
			<ChoiceField {entry} name="flankSide" />
			<ChoiceField {entry} name="seenFrom" />
			<ChoiceField {entry} name="base" words={{ base: 'base', 'square-face': 'square face' }} />
		</div>
		{#if out}<dl>
				<dt>The angle comes to</dt>
				<dd>{deg(out.angleFromStackDeg ?? setDeg)}</dd>
				<dt>Within</dt>
				<dd>
					{Number(out.angleErrorArcsec.toFixed(1))}″, {quantity(out.formErrorUm, 'um', f.units)} over the flank
				</dd>
				<dt>From the {v.base === 'square-face' ? 'base' : 'square face'} instead</dt>
				<dd>
					{fineQuantity(out.complementDifferenceMm, 'mm', f.units)}, {out.complementErrorArcsec === null
						? '-'
						: `${Number(out.complementErrorArcsec.toFixed(1))}″`}
				</dd>
			</dl>{/if}
		{#if p.result}<Reasons
				reasons={findingsOf(p.result)}
				most={3}
			/>{:else if p.fault && p.fault.code !== 'missing' && !(p.fault.field === 'blocksMm' && !v.blocksMm?.length)}<p
				class="fault"
			>
				{p.fault.message}
			</p>{/if}
	{/snippet}
	{#snippet other()}
		<BlockPicker {desk} {entry} {targetMm} />
		<YesNo {entry} name="screwTight" compact /><YesNo {entry} name="blocksOut" compact /><YesNo
			{entry}
			name="slideCovered"
			compact
		/>
	{/snippet}
</TwoSides>
<ActionBar label="Set like this" onact={act} busy={desk.busy} stop={out?.verdict === 'stop'}>
	{#if stack}<span class="quiet">stack off by {quantity(stack.errorUm, 'um', f.units)}</span>{/if}
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
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
		align-items: start;
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px var(--s-16);
		margin: 0;
		font-size: var(--type-small);
	}
	dt {
		color: var(--ink2);
	}
	dd {
		margin: 0;
		font: 600 var(--type-label) var(--mono);
	}
</style>
