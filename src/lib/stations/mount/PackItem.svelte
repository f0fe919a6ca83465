<script lang="ts">
	import type { Entry, Typed } from '$lib/ui/entry.svelte';
	import QuantityField from '$lib/ui/QuantityField.svelte';
	import TextField from '$lib/ui/TextField.svelte';

	/** The sizes of one part, and for a wheel what the presetter says of it. */
	let { entry, index, onchanged }: { entry: Entry; index: number; onchanged: () => void } = $props();
	const item = $derived((entry.at(`items.${index}`) ?? {}) as Record<string, Typed>);
	const at = (name: string) => `items.${index}.${name}`;
	const wheel = $derived(item.kind === 'wheel');
	let before = $state('');
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
	{#if wheel}<h3>At the presetter</h3><div class="grid"><QuantityField {entry} name={at('measured.rimBackMm')} /><QuantityField {entry} name={at('measured.rimFrontMm')} /><QuantityField {entry} name={at('measured.diameterMm')} label="Diameter, measured" /><QuantityField {entry} name={at('measured.radialRunoutUm')} /><QuantityField {entry} name={at('measured.axialRunoutUm')} /></div>{/if}
</div>

<style>.grid { display: grid; grid-template-columns: repeat(auto-fill, minmax(120px, 1fr)); gap: 0 10px; } h3 { margin: 2px 0; }</style>
