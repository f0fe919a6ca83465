<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Trash from '@lucide/svelte/icons/trash-2';
	import { Evidence } from '$core/route/evidence';
	import { lookStep } from '$core/route/steps/inspect';
	import Face from '$lib/drawing/Face.svelte';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import ChoiceField from '$lib/ui/ChoiceField.svelte';
	import { Entry, type Typed } from '$lib/ui/entry.svelte';
	import Reasons from '$lib/ui/Reasons.svelte';
	import ShowWorking from '$lib/ui/ShowWorking.svelte';
	import YesNo from '$lib/ui/YesNo.svelte';
	import type { Desk } from '../desk.svelte';
	import { outputOf, preview } from '../preview';

	let { desk, draft, ondone }: { desk: Desk; draft: Record<string, unknown> | null; ondone: () => void } = $props();
	const entry = new Entry({ fields: lookStep.fields, key: `setup-${desk.facts.id}-inspect`, draft, system: desk.facts.units, start: new Evidence(desk.facts).latest('inspect', 'look')?.entered });
	const p = $derived(preview(lookStep, desk.facts, entry));
	const out = $derived(outputOf(p, 'inspect.visual'));
	const chips = $derived((entry.typed.chips ?? []) as { sizeMm: string; zone: string }[]);
	const setChips = (list: { sizeMm: string; zone: string }[]) => entry.set('chips', list as unknown as Typed);
	const stop = $derived(out?.verdict === 'stop');
	const asked = [['crack', 'A crack anywhere'], ['dropped', 'It fell or was hit'], ['markingLegible', 'Marking and speed can be read'], ['boreClean', 'Bore clean'], ['facesClean', 'Faces clean']] as const;
	async function save() { if (await desk.record('inspect', 'look', entry)) ondone(); }
</script>

<h1>Inspect: look</h1>
<p class="lead">Both faces, rim, bore and label, on wood or rubber. A wheel that fell is finished.</p>
<div class="cols">
	<div class="form">
		{#each asked as [name, label] (name)}<YesNo {entry} {name} {label} compact />{/each}
		<ChoiceField {entry} name="moisture" words={{ none: 'dry' }} />
		<ChoiceField {entry} name="blotterState" />
	</div>
	<div>
		<Face label="Wheel face with {chips.length} chips noted" size={400} bore={58} flange={0} />
		<h3>Chips</h3>
		{#each chips as chip, i (i)}
			<div class="chip">
				<label class="sr" for="chip-{i}">Size of chip {i + 1}, mm</label><input id="chip-{i}" class="plain-input num" value={chip.sizeMm} placeholder="mm" maxlength="20" oninput={(e) => setChips(chips.map((c, k) => (k === i ? { ...c, sizeMm: e.currentTarget.value } : c)))} />
				<label class="sr" for="zone-{i}">Where is chip {i + 1}</label><select id="zone-{i}" class="plain-input" value={chip.zone} onchange={(e) => setChips(chips.map((c, k) => (k === i ? { ...c, zone: e.currentTarget.value } : c)))}><option value="rim">rim</option><option value="face">face</option><option value="bore">bore</option><option value="flange">under the flange</option></select>
				<button class="btn" aria-label="Remove chip {i + 1}" onclick={() => setChips(chips.filter((_, k) => k !== i))}><Trash size={16} /></button>
			</div>
		{/each}
		<button class="btn" onclick={() => setChips([...chips, { sizeMm: '', zone: 'rim' }])}><Plus size={16} />Note a chip</button>
		{#if entry.faultAt('chips')}<p class="fault">{entry.faultAt('chips')}</p>{/if}
	</div>
</div>
{#if out}<Reasons reasons={out.reasons as never} />{/if}
<ActionBar label={stop ? 'Quarantine the wheel' : 'Looked over'} onact={save} busy={desk.busy} {stop}>
	{#snippet aside()}<ShowWorking computed={p.computed} system={desk.facts.units} />{/snippet}
</ActionBar>

<style>
	.cols { display: grid; grid-template-columns: 1fr 280px; gap: 30px; margin: 14px 0 10px; } .form { display: grid; gap: 9px; align-content: start; }
	.chip { display: grid; grid-template-columns: 84px 1fr auto; gap: 6px; margin: 6px 0; } h3 { margin: 4px 0; } .fault { color: var(--stop); font-weight: 600; font-size: 13px; margin-top: 4px; }
	.chip input { width: 100%; }
	@media (max-width: 900px) { .cols { grid-template-columns: 1fr; } }
</style>
