<script lang="ts">
	import { goto } from '$app/navigation';
	import { InputFault } from '$core/calculation/fault';
	import { parseMarking } from '$core/spec/parse-marking';
	import { WHEEL_FIELDS } from '$core/shop/wheel';
	import WheelSection from '$lib/drawing/WheelSection.svelte';
	import MarkingLine from '$lib/stations/rack/MarkingLine.svelte';
	import MarkingShape from '$lib/stations/rack/MarkingShape.svelte';
	import MarkingRead from '$lib/stations/rack/MarkingRead.svelte';
	import ActionBar from '$lib/ui/ActionBar.svelte';
	import { Entry } from '$lib/ui/entry.svelte';
	import FieldInput from '$lib/ui/FieldInput.svelte';
	import { Sender } from '$lib/ui/sender.svelte';
	import TextField from '$lib/ui/TextField.svelte';

	let { data } = $props();
	const entry = new Entry({ fields: WHEEL_FIELDS, key: 'wheel-new', draft: data.draft });
	const sender = new Sender();
	const read = $derived.by(() => {
		const text = String(entry.at('marking') ?? '');
		if (!text.trim()) return null;
		try { return parseMarking.run({ text }); } catch (e) { if (e instanceof InputFault) return null; throw e; }
	});
	const rest = WHEEL_FIELDS.filter((f) => f.name !== 'number' && f.name !== 'marking');
	const v = $derived(entry.result.values as Record<string, number>);
	const drawn = $derived(v.newDiameterMm && v.widthMm && v.boreMm ? { family: read?.abrasive?.family ?? null, diameterMm: v.diameterMm ?? v.newDiameterMm, newDiameterMm: v.newDiameterMm, minDiameterMm: v.minDiameterMm ?? v.boreMm, boreMm: v.boreMm, widthMm: v.widthMm } : null);
	/** Sizes that stand in the marking are put in where nothing was typed. */
	function fromMarking() {
		const d = read?.dimensions;
		if (!d) return;
		const put = (name: string, value: number | null) => { if (value !== null && !String(entry.at(name) ?? '')) entry.set(name, String(value)); };
		put('newDiameterMm', d.diameterMm); put('diameterMm', d.diameterMm); put('widthMm', d.thicknessMm); put('boreMm', d.boreMm);
	}
	async function save() {
		const done = await sender.submitEntry('/api/wheels', entry);
		if (done) await goto(`/rack/${encodeURIComponent(String(done.number))}`);
	}
</script>

<svelte:head><title>Add a wheel - Uncinus</title></svelte:head>
<main class="page">
	<p><a href="/rack">Rack</a></p>
	<h1>Add a wheel</h1>
	<p class="lead">Type the marking as it is printed and read it back. Then measure.</p>
	{#if sender.trouble}<p class="fault" role="alert">{sender.trouble.message}</p>{/if}
	<div class="cols">
		<div class="sheet">
			<div class="two"><TextField {entry} name="number" mono autofocus /><TextField {entry} name="marking" mono /></div>
			{#if read}<MarkingLine typed={String(entry.at('marking') ?? '')} reading={read} /><MarkingRead reading={read} />{#if read.dimensions}<button class="link" onclick={fromMarking}>Use the sizes in the marking</button>{/if}{:else}<p class="quiet">Abrasive, grit, grade, structure, bond; with sizes and speed if they are printed.</p>{/if}
			<div class="grid">{#each rest as field (field.name)}<FieldInput {entry} {field} />{/each}</div>
			<ActionBar label="Put it on the rack" onact={save} busy={sender.busy} />
		</div>
		<aside class="sheet" aria-label="Drawing"><h2>Cut through, to scale</h2>{#if read && (read.shape || read.dimsMm.length)}<MarkingShape reading={read} />{:else if drawn}<WheelSection wheel={drawn} height={240} />{:else}<p class="quiet">Diameter, width and bore draw the wheel.</p>{/if}
			<p class="quiet">A wheel without a readable speed goes straight to quarantine. So does one whose marking can be read as two kinds of wheel.</p></aside>
	</div>
</main>

<style>
	.cols { display: grid; grid-template-columns: 1fr 340px; gap: 16px; margin-top: 14px; align-items: start; } .sheet { padding: 16px 18px 0; display: grid; gap: 12px; } aside { padding-bottom: 16px; } .two { display: grid; grid-template-columns: 200px 1fr; gap: 14px; }
	.grid { display: grid; grid-template-columns: repeat(auto-fill, minmax(170px, 1fr)); gap: 4px 14px; }
	@media (max-width: 1000px) { .cols, .two { grid-template-columns: 1fr; } }
</style>
