<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { benchStep, toolPostStep } from '$core/route/stations/mount/special';
	import type { Mounting } from '$core/route/templates';
	import BenchGrinderDrawing from '$lib/drawing/BenchGrinderDrawing.svelte';
	import ToolPostDrawing from '$lib/drawing/ToolPostDrawing.svelte';
	import type { Desk } from '$lib/desk/desk.svelte';
	import StepForm from '$lib/desk/StepForm.svelte';
	import FitPart from './FitPart.svelte';
	import FlangePart from './FlangePart.svelte';
	import GluePart from './GluePart.svelte';
	import PackPart from './PackPart.svelte';
	import QuillPart from './QuillPart.svelte';
	import TightenPart from './TightenPart.svelte';

	/** The parts of mounting, by how the wheel is held. */
	let { desk, drafts }: { desk: Desk; drafts: Record<string, Record<string, unknown> | null> } = $props();
	type Part = 'fit' | 'flange' | 'tighten' | 'pack' | 'quill' | 'glue' | 'bench' | 'tool-post';
	const NAMES: Readonly<Record<Part, string>> = {
		fit: 'Fit',
		flange: 'Flanges',
		tighten: 'Thread and tightening',
		pack: 'Stack',
		quill: 'Quill',
		glue: 'Glue',
		bench: 'Rest and guards',
		'tool-post': 'Height and ways'
	};
	const PARTS: Readonly<Record<Mounting, readonly Part[]>> = {
		flange: ['fit', 'flange', 'tighten'],
		pack: ['pack', 'tighten'],
		quill: ['quill', 'glue', 'tighten'],
		bench: ['fit', 'flange', 'tighten', 'bench'],
		'tool-post': ['tool-post', 'fit', 'flange', 'tighten']
	};
	const e = $derived(new Evidence(desk.facts));
	const passed = (part: Part) => {
		const r = e.latest('mount', part === 'glue' ? 'cured' : part);
		return r !== null && (r.verdict === 'ok' || (r.verdict === 'caution' && r.overrideReason !== null));
	};
	const parts = $derived(PARTS[desk.facts.route.mounting]);
	let chosen = $state<Part | null>(null);
	const part = $derived(chosen ?? parts.find((x) => !passed(x)) ?? parts.at(-1)!);
	const next = () => (chosen = null);
	const num = (v: unknown) => (typeof v === 'number' ? v : null);
</script>

<h1>Mount</h1>
<p class="lead">
	{desk.facts.route.mounting === 'pack'
		? 'Clean and finger-tight first; measured, then tightened, then measured again.'
		: desk.facts.route.mounting === 'quill'
			? 'The wheel is glued to its quill and screwed in by hand; nothing is forced.'
			: 'Spindle locked out. The wheel slides on by hand; nothing is forced.'}
</p>
<div class="tabs" role="group" aria-label="Part of mounting">
	{#each parts as id (id)}<button
			class="btn"
			class:on={part === id}
			aria-pressed={part === id}
			onclick={() => (chosen = id)}>{NAMES[id]}{passed(id) ? ' ✓' : ''}</button
		>{/each}
</div>
{#if part === 'fit'}<FitPart {desk} draft={drafts['mount-fit'] ?? null} ondone={next} />
{:else if part === 'flange'}<FlangePart {desk} draft={drafts.mount ?? null} ondone={next} />
{:else if part === 'pack'}<PackPart {desk} draft={drafts['mount-pack'] ?? null} />
{:else if part === 'quill'}<QuillPart {desk} draft={drafts['mount-quill'] ?? null} ondone={next} />
{:else if part === 'glue'}<GluePart {desk} draft={drafts['mount-glue'] ?? null} />
{:else if part === 'bench'}<p class="quiet">
		Wheel still and locked. Work that is pulled into a wide gap breaks the wheel.
	</p>
	<StepForm
		{desk}
		step={benchStep}
		draft={drafts['mount-bench'] ?? null}
		action="Rest and guards are set"
		ondone={next}
		>{#snippet drawing(_out, v)}<BenchGrinderDrawing
				restGapMm={num(v.restGapMm)}
				tongueGapMm={num(v.tongueGapMm)}
				atCentre={typeof v.restAtCentre === 'boolean' ? v.restAtCentre : null}
				words="Rest {num(v.restGapMm) ?? 'not measured'}, tongue {num(v.tongueGapMm) ??
					'not measured'} millimetres."
			/>{/snippet}</StepForm
	>
{:else if part === 'tool-post'}<p class="quiet">Cloth over the ways before anything else; grit eats them.</p>
	<StepForm
		{desk}
		step={toolPostStep}
		draft={drafts['mount-tool-post'] ?? null}
		action="Set up on the lathe"
		start={{ workDiameterMm: desk.facts.workDiameterMm ?? undefined }}
		ondone={next}
		>{#snippet drawing(out, v)}<ToolPostDrawing
				offsetMm={num(v.centreOffsetMm)}
				workMm={num(v.workDiameterMm)}
				wheelMm={desk.facts.wheel!.diameterMm}
				inside={v.grinding === 'internal'}
				covered={typeof v.waysCovered === 'boolean' ? v.waysCovered : null}
				words={out
					? `The diameter comes out ${quantity(Number(out.diameterErrorUm), 'um', desk.facts.units)} off.`
					: ''}
			/>{#if out}<p class="num big">{quantity(Number(out.diameterErrorUm), 'um', desk.facts.units)}</p>
				<p class="quiet">off on the diameter, from the height alone.</p>{/if}{/snippet}</StepForm
	>
{:else}<TightenPart {desk} draft={drafts['mount-thread'] ?? null} />{/if}

<style>
	.big {
		font-size: 36px;
		font-weight: 700;
		line-height: 1.1;
	}
	.tabs {
		display: flex;
		gap: 6px;
		margin: 12px 0;
		flex-wrap: wrap;
	}
</style>
