<script lang="ts">
	import { figure } from '$core/quantity/format';
	import type { Entry, Typed } from '$lib/ui/entry.svelte';
	import QuantityField from '$lib/ui/QuantityField.svelte';
	import TextField from '$lib/ui/TextField.svelte';
	import ReadInstrument from '../instrument/ReadInstrument.svelte';

	/** The sizes of one part, and for a wheel what the presetter says of it. */
	let { entry, index, onchanged }: { entry: Entry; index: number; onchanged: () => void } = $props();
	const item = $derived((entry.at(`items.${index}`) ?? {}) as Record<string, Typed>);
	const at = (name: string) => `items.${index}.${name}`;
	const wheel = $derived(item.kind === 'wheel');
	const MEASURED_BY = [['rimBackMm', 'presetter', ''], ['rimFrontMm', 'presetter', ''], ['diameterMm', 'presetter', 'Diameter, measured'], ['radialRunoutUm', 'dial', ''], ['axialRunoutUm', 'dial', '']] as const;
	let before = '';
	/** A change of what was measured, or of what it is measured against, takes its standing away. */
	$effect(() => {
		const m = (item.measured ?? {}) as Record<string, Typed>;
		const now = JSON.stringify([index, item.thicknessMm, item.diameterMm, item.rimBackOffsetMm, item.rimWidthMm, item.cornerRadiusBackMm, item.cornerRadiusFrontMm, m.rimBackMm, m.rimFrontMm, m.diameterMm, m.radialRunoutUm, m.axialRunoutUm, m.cornerRadiusBackMm, m.cornerRadiusFrontMm]);
		if (before && before !== now && JSON.parse(before)[0] === index && String(m.rimBackMm ?? '') !== '') { entry.set(at('measured.revision'), String(Number(m.revision || 0) + 1)); onchanged(); }
		before = now;
	});
</script>

<div class="item">
	<h3>Part {index + 1}: {String(item.kind)}</h3>
	<div class="grid"><QuantityField {entry} name={at('thicknessMm')} /><QuantityField {entry} name={at('boreMm')} label="Bore" />{#if wheel}<TextField {entry} name={at('name')} label="Wheel number" mono /><QuantityField {entry} name={at('diameterMm')} /><QuantityField {entry} name={at('maxSpeedMps')} /><QuantityField {entry} name={at('maxSpeedRpm')} /><QuantityField {entry} name={at('rimBackOffsetMm')} /><QuantityField {entry} name={at('rimWidthMm')} /><QuantityField {entry} name={at('cornerRadiusBackMm')} label="Corner, back" /><QuantityField {entry} name={at('cornerRadiusFrontMm')} label="Corner, front" />{/if}</div>
	{#if wheel}
		<h3>At the presetter</h3>
		<div class="grid wide">
			{#each MEASURED_BY as [name, kind, label] (name)}<div><QuantityField {entry} name={at(`measured.${name}`)} {label} /><ReadInstrument {kind} system={entry.system} turn={kind === 'dial'} ontake={(v) => entry.set(at(`measured.${name}`), figure(v, kind === 'dial' ? 'um' : 'mm', entry.system))} /></div>{/each}
			<QuantityField {entry} name={at('measured.cornerRadiusBackMm')} label="Corner, back, measured" /><QuantityField {entry} name={at('measured.cornerRadiusFrontMm')} label="Corner, front, measured" />
		</div>
	{/if}
</div>

<style>.wide { grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)) !important; } .grid { display: grid; grid-template-columns: repeat(auto-fill, minmax(120px, 1fr)); gap: 0 10px; } h3 { margin: 2px 0; }</style>
