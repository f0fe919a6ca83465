<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { MEASURED_BY } from '$core/route/stations/balance/measured-by';
	import { preBalance } from '$core/route/stations/true/readings';
	import { benchStep } from '$core/route/stations/mount/methods/bench';
	import { toolPostStep } from '$core/route/stations/mount/methods/tool-post';
	import { partsOfMounting, mountingMethod } from '$core/route/stations/mount/methods';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import BenchGrinderDrawing from '$lib/drawing/BenchGrinderDrawing.svelte';
	import ToolPostDrawing from '$lib/drawing/ToolPostDrawing.svelte';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import ChooseMount from './ChooseMount.svelte';
	import { found } from '$lib/drawing/found';
	import ColletPart from './ColletPart.svelte';
	import FitPart from './FitPart.svelte';
	import FlangePart from './FlangePart.svelte';
	import NeutralPart from './NeutralPart.svelte';
	import GluePart from './GluePart.svelte';
	import PointPart from './PointPart.svelte';
	import QuillPart from './QuillPart.svelte';
	import TightenPart from './TightenPart.svelte';

	interface Props {
		desk: SetupSession;
	}
	/** The parts of mounting, by how the wheel is held. */
	let { desk }: Props = $props();
	const facts = $derived(desk.facts);
	const way = $derived(mountingMethod(desk.facts));
	const parts = new Parts(desk, 'mount', () => partsOfMounting(desk.facts));
	const part = $derived(parts.open);
	/** Said before the first run, while it still matters. */
	const rough = $derived.by(() => {
		const e = Evidence.of(desk.facts);
		const late = e.named('run-in', 'start') ?? e.newest('balance', MEASURED_BY);
		return !late && preBalance(desk.facts).output.preBalance === 'rough';
	});
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
	const said = (v: unknown) => (typeof v === 'number' ? quantity(v, 'mm', desk.facts.units) : 'not measured');
</script>

<h1>Mount</h1>
<p class="lead">{way.lead}</p>
{#if rough}<p class="warn">
		This wheel is large: balance it roughly before its first run, whatever the order of this route.
	</p>{/if}
{#if facts.state === 'under-way' && facts.wheel}<ChooseMount {desk} ondone={parts.onward} />{/if}
<PartTabs {parts} of="mounting" />
{#if part === 'fit'}<FitPart {desk} ondone={parts.onward} />
{:else if part === 'flange'}<FlangePart {desk} ondone={parts.onward} />
{:else if part === 'pack'}{#await import('./PackPart.svelte') then { default: PackPart }}<PackPart
			{desk}
		/>{/await}
{:else if part === 'quill'}<QuillPart {desk} ondone={parts.onward} />
{:else if part === 'point'}<PointPart {desk} ondone={parts.onward} />
{:else if part === 'collet'}<ColletPart {desk} />
{:else if part === 'glue'}<GluePart {desk} />
{:else if part === 'neutral'}<NeutralPart {desk} ondone={parts.onward} />
{:else if part === 'bench'}<p class="quiet">
		Wheel still and locked. Work that is pulled into a wide gap breaks the wheel.
	</p>
	<StepForm {desk} step={benchStep} action="Rest and guards are set" ondone={parts.onward}
		>{#snippet drawing(out, v)}<BenchGrinderDrawing
				restGapMm={num(v.restGapMm)}
				tongueGapMm={num(v.tongueGapMm)}
				rest={found(out, 'rest-gap')}
				tongue={found(out, 'tongue-gap')}
				atCentre={typeof v.restAtCentre === 'boolean' ? v.restAtCentre : null}
				words="Rest {said(v.restGapMm)}, tongue {said(v.tongueGapMm)}."
			/>{/snippet}</StepForm
	>
{:else if part === 'tool-post'}<p class="quiet">Cloth over the ways before anything else; grit eats them.</p>
	<StepForm
		{desk}
		step={toolPostStep}
		action="Set up on the lathe"
		start={{ workDiameterMm: desk.facts.brief.workDiameterMm ?? undefined }}
		ondone={parts.onward}
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
{:else}<TightenPart {desk} />{/if}

<style>
	.warn {
		border-left: 4px solid var(--caution);
		padding: var(--s-4) var(--s-12);
		background: var(--caution-soft);
		max-width: none;
		margin-bottom: var(--s-8);
	}
	.big {
		font-size: var(--type-large);
		font-weight: 700;
		line-height: 1.1;
	}
</style>
