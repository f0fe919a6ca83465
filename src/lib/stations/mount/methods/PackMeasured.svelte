<script lang="ts">
	import { quantity, symbolOf } from '$core/quantity/format';
	import { parseQuantity } from '$core/quantity/parse';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import ReadInstrument from '$lib/desk/ReadInstrument.svelte';

	interface Props {
		entry: Entry;
		path: string;
	}
	/** What the presetter and the dial say of one wheel: run-out finger-tight beside tightened, and what tightening did. */
	let { entry, path }: Props = $props();
	const RUNOUT = [
		['Rim', 'fingerRadialUm', 'measured.radialRunoutUm', 'Rim, finger-tight', 'Run-out of the rim'],
		['Face', 'fingerAxialUm', 'measured.axialRunoutUm', 'Face, finger-tight', 'Run-out of the face']
	] as const;
	const POSITION = [
		['rimBackMm', ''],
		['rimFrontMm', ''],
		['diameterMm', 'Diameter, measured']
	] as const;
	const at = (name: string) => `${path}.${name}`;
	const value = (name: string) => {
		const p = parseQuantity(String(entry.at(at(name)) ?? ''), 'um', entry.system);
		return 'value' in p ? p.value : null;
	};
	const change = (loose: string, tight: string) => {
		const [a, b] = [value(loose), value(tight)];
		return a === null || b === null ? null : b - a;
	};
</script>

<h3>Run-out, dial indicator</h3>
<div class="table">
	<span></span><span class="h">finger-tight, {symbolOf('um', entry.system)}</span><span class="h"
		>tightened, {symbolOf('um', entry.system)}</span
	><span class="h">change</span>
	{#each RUNOUT as [name, loose, tight, looseLabel, tightLabel] (name)}
		{@const d = change(loose, tight)}
		<b>{name}</b>
		{#each [[loose, looseLabel], [tight, tightLabel]] as const as [field, label] (field)}<div class="cell">
				<QuantityField {entry} name={at(field)} {label} /><ReadInstrument
					kind="dial"
					system={entry.system}
					turn
					short
					ontake={(v) => entry.fillOne(at(field), v)}
				/>
			</div>{/each}
		<span class="num" class:more={d !== null && d > 0}
			>{d === null ? '-' : `${d > 0 ? '+' : ''}${quantity(d, 'um', entry.system)}`}</span
		>
	{/each}
</div>
<h3>At the presetter</h3>
<div class="grid">
	{#each POSITION as [name, label] (name)}<div class="cell">
			<QuantityField {entry} name={at(`measured.${name}`)} {label} /><ReadInstrument
				kind="presetter"
				system={entry.system}
				short
				ontake={(v) => entry.fillOne(at(`measured.${name}`), v)}
			/>
		</div>{/each}
	<QuantityField
		{entry}
		name={at('measured.cornerRadiusBackMm')}
		label="Corner, back, measured"
	/><QuantityField {entry} name={at('measured.cornerRadiusFrontMm')} label="Corner, front, measured" />
</div>

<style>
	h3 {
		margin: var(--s-8) 0 var(--s-2);
	}
	.table {
		display: grid;
		grid-template-columns: 36px minmax(0, 1fr) minmax(0, 1fr) 72px;
		gap: var(--s-4) var(--s-10);
		align-items: end;
	}
	.h {
		font-size: var(--type-fine);
		color: var(--ink2);
	}
	.table b,
	.table > .num {
		padding-bottom: var(--s-8);
	}
	.more {
		font-weight: 700;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: var(--s-4) var(--s-10);
	}
	.cell {
		display: flex;
		gap: var(--s-4);
		align-items: end;
	}
	.cell > :global(.field) {
		flex: 1;
		min-width: 0;
	}
	.table :global(label) {
		position: absolute;
		width: 1px;
		height: 1px;
		overflow: hidden;
		clip-path: inset(50%);
		white-space: nowrap;
	}
	.table :global(.qty i) {
		display: none;
	}
</style>
