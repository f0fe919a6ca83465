<script lang="ts">
	import { untrack } from 'svelte';
	import { stackDifferenceMm } from '$core/form/sine-stack';
	import { wrung } from '$core/form/wrung';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import { type Feature, featureWords } from '$core/route/stations/form/features';
	import type { Form } from '$core/route/stations/form/made';
	import { sineStep, slideAngle } from '$core/route/stations/form/sine';
	import { findingsOf, outputOf } from '$core/route/result';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import SineDrawing from '$lib/drawing/form/SineDrawing.svelte';
	import FactList from '$lib/ui/feedback/FactList.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import FixtureSheet from './FixtureSheet.svelte';
	import { settingEntry } from './setting-entry';

	interface Props {
		desk: SetupSession;
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
	const v = $derived(entry.result.values);
	const square = $derived(v.base === 'square-face');
	const pins = $derived(form.dresser?.pinDistanceMm ?? 0);
	const slideDeg = $derived(slideAngle(v.drawingAngleDeg ?? steep, v.angleFrom ?? 'axial'));
	const setDeg = $derived(square ? 90 - slideDeg : slideDeg);
	const targetMm = $derived(pins && setDeg > 0 && setDeg < 90 ? stackDifferenceMm(setDeg, pins) : null);
	const p = $derived(preview(sineStep, f, entry));
	const out = $derived(p.main);
	const stack = $derived(outputOf(p.result, wrung));
	const lower = $derived((v.baseBlocksMm ?? []).reduce((s, b) => s + b, 0));
	const q = (mm: number | null) => fineQuantity(mm, 'mm', f.units);
	const um = (x: number) => quantity(x, 'um', f.units);
	const deg = (d: number) => `${Number(d.toFixed(4))}°`;
	const seconds = (s: number | null) => (s === null ? '-' : `${Number(s.toFixed(1))}″`);
	/** While no block is chosen, what is missing of them is no fault. */
	const fault = $derived(p.fault?.field === 'blocksMm' && !v.blocksMm?.length ? null : p.fault);
</script>

<FixtureSheet
	{desk}
	step={sineStep}
	{entry}
	{p}
	what="{featureWords(feature)}: difference of the two stacks"
	{targetMm}
	figure={targetMm === null ? '-' : q(targetMm)}
	means="slide at {deg(setDeg)}{square ? ', from the square face' : ''}"
	stopped={out?.verdict === 'stop'}
	{fault}
	reasons={p.result ? findingsOf(p.result) : []}
	last="slideCovered"
	{ondone}
>
	{#snippet drawing()}{#if targetMm !== null}<SineDrawing
				angleDeg={setDeg}
				pinsMm={pins}
				lowerMm={lower}
				upperMm={lower + targetMm}
				units={f.units}
			/>{/if}{/snippet}
	{#snippet fields()}
		<div class="grid">
			<QuantityField {entry} name="drawingAngleDeg" autofocus />
			<ChoiceField {entry} name="angleFrom" words={{ axial: 'axis', radial: 'radial line' }} />
			<ChoiceField {entry} name="flankSide" />
			<ChoiceField {entry} name="seenFrom" />
			<ChoiceField {entry} name="base" words={{ base: 'base', 'square-face': 'square face' }} />
		</div>
		{#if out}<FactList
				facts={[
					['The angle comes to', deg(out.angleFromStackDeg ?? setDeg)],
					['Within', `${seconds(out.angleErrorArcsec)}, ${um(out.formErrorUm)} over the flank`],
					[
						`From the ${square ? 'base' : 'square face'} instead`,
						`${q(out.complementDifferenceMm)}, ${seconds(out.complementErrorArcsec)}`
					]
				]}
			/>{/if}
	{/snippet}
	{#snippet beside()}{#if stack}<span class="quiet">stack off by {um(stack.errorUm)}</span>{/if}{/snippet}
</FixtureSheet>

<style>
	.grid {
		display: grid;
		grid-template-columns: 1fr 1fr;
		gap: var(--s-4) var(--s-14);
		align-items: start;
	}
</style>
