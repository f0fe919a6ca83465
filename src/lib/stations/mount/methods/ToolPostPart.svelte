<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { toolPostStep } from '$core/route/stations/mount/methods/tool-post';
	import ToolPostDrawing from '$lib/drawing/ToolPostDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A grinder on the tool post of a lathe. */
	let { desk, ondone }: Props = $props();
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<p class="quiet">Cloth over the ways before anything else; grit eats them.</p>
<StepForm
	{desk}
	step={toolPostStep}
	action="Set up on the lathe"
	start={{ workDiameterMm: desk.facts.brief.workDiameterMm ?? undefined }}
	{ondone}
	>{#snippet drawing(out, v)}<ToolPostDrawing
			offsetMm={num(v.centreOffsetMm)}
			workMm={num(v.workDiameterMm)}
			wheelMm={desk.facts.wheel!.diameterMm}
			inside={v.grinding === 'internal'}
			covered={typeof v.waysCovered === 'boolean' ? v.waysCovered : null}
			words={out
				? `The diameter comes out ${quantity(out.diameterErrorUm, 'um', desk.facts.units)} off.`
				: ''}
		/>{#if out}<p class="num big">{quantity(out.diameterErrorUm, 'um', desk.facts.units)}</p>
			<p class="quiet">off on the diameter, from the height alone.</p>{/if}{/snippet}</StepForm
>

<style>
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
