<script lang="ts">
	import { figure } from '$core/quantity/format';
	import type { Entry, Typed } from '$lib/ui/fields/entry.svelte';
	import QuantityField from '$lib/ui/fields/QuantityField.svelte';
	import PackMeasured from './PackMeasured.svelte';
	import type { FreeWheel } from '$core/shop/wheel';

	interface Props {
		entry: Entry;
		index: number;
		rack: readonly FreeWheel[];
		onchanged: () => void;
	}
	/** The sizes of one part; a wheel is picked from the rack, which knows what is marked on it. */
	let { entry, index, rack, onchanged }: Props = $props();
	const id = $props.id();
	const item = $derived((entry.at(`items.${index}`) ?? {}) as Record<string, Typed>);
	const at = (name: string) => `items.${index}.${name}`;
	const wheel = $derived(item.kind === 'wheel');
	const number = $derived(String(item.name ?? ''));
	/** What the presetter and the dial say stands in place of the sizes, so that either fits the page; it stays so from wheel to wheel. */
	let measuring = $state(false);
	/** What is wrong is never out of sight. */
	$effect(() => {
		const wrong = Object.keys(entry.faults).find((k) => k.startsWith(`items.${index}.`));
		if (wrong) measuring = /\.(measured|finger)/.test(wrong);
	});
	const PARTS = [
		['Sizes and speed', false],
		['Measured', true]
	] as const;
	let before = '';
	/** A change of what was measured, or of what it is measured against, takes its standing away. */
	$effect(() => {
		const m = (item.measured ?? {}) as Record<string, Typed>;
		const now = JSON.stringify([
			index,
			item.thicknessMm,
			item.diameterMm,
			item.rimBackOffsetMm,
			item.rimWidthMm,
			item.cornerRadiusBackMm,
			item.cornerRadiusFrontMm,
			m.rimBackMm,
			m.rimFrontMm,
			m.diameterMm,
			m.radialRunoutUm,
			m.axialRunoutUm,
			m.cornerRadiusBackMm,
			m.cornerRadiusFrontMm
		]);
		if (before && before !== now && JSON.parse(before)[0] === index && String(m.rimBackMm ?? '') !== '') {
			entry.set(at('measured.revision'), String(Number(m.revision || 0) + 1));
			onchanged();
		}
		before = now;
	});
	function pickWheel(of: string) {
		const w = rack.find((x) => x.number === of);
		if (!w) return entry.set(at('name'), of);
		const mm = (v: number | null) => (v === null ? '' : figure(v, 'mm', entry.system));
		entry.set(`items.${index}`, {
			...item,
			name: w.number,
			thicknessMm: mm(w.widthMm),
			boreMm: mm(w.boreMm),
			diameterMm: mm(w.diameterMm),
			newDiameterMm: mm(w.newDiameterMm),
			maxSpeedMps: w.ratedMps === null ? '' : figure(w.ratedMps, 'm/s', entry.system),
			maxSpeedRpm: w.ratedRpm === null ? '' : figure(w.ratedRpm, 'rpm', entry.system)
		});
		onchanged();
	}
</script>

<div class="item">
	<div class="top">
		<h3>Part {index + 1}: {String(item.kind)}{number ? ` ${number}` : ''}</h3>
		{#if wheel}<div class="tabs" role="group" aria-label="What is shown of part {index + 1}">
				{#each PARTS as [name, m] (name)}<button
						class="btn"
						class:on={measuring === m}
						aria-pressed={measuring === m}
						onclick={() => (measuring = m)}>{name}</button
					>{/each}
			</div>{/if}
	</div>
	{#if wheel && measuring}<PackMeasured {entry} path={`items.${index}`} />
	{:else}
		{#if wheel}
			<label for="{id}-w">Wheel, from the rack</label>
			<select
				id="{id}-w"
				class="plain-input"
				data-field={at('name')}
				value={number}
				onchange={(e) => pickWheel(e.currentTarget.value)}
			>
				<option value="">pick one</option>{#if number && !rack.some((w) => w.number === number)}<option
						value={number}>{number}</option
					>{/if}
				{#each rack as w (w.number)}<option value={w.number}
						>{w.number}, {w.marking}, {figure(w.diameterMm, 'mm', entry.system)} × {figure(
							w.widthMm,
							'mm',
							entry.system
						)}</option
					>{/each}
			</select>
			{#if entry.faultAt(at('name'))}<p class="fault">{entry.faultAt(at('name'))}</p>{/if}
		{/if}
		<div class="grid">
			<QuantityField {entry} name={at('thicknessMm')} /><QuantityField
				{entry}
				name={at('boreMm')}
				label="Bore"
			/>{#if wheel}<QuantityField {entry} name={at('diameterMm')} /><QuantityField
					{entry}
					name={at('newDiameterMm')}
				/><QuantityField {entry} name={at('maxSpeedMps')} /><QuantityField
					{entry}
					name={at('maxSpeedRpm')}
				/><QuantityField {entry} name={at('rimBackOffsetMm')} /><QuantityField
					{entry}
					name={at('rimWidthMm')}
				/><QuantityField {entry} name={at('cornerRadiusBackMm')} label="Corner, back" /><QuantityField
					{entry}
					name={at('cornerRadiusFrontMm')}
					label="Corner, front"
				/>{/if}
		</div>
	{/if}
</div>

<style>
	.top {
		display: flex;
		justify-content: space-between;
		align-items: center;
		gap: var(--s-10);
		flex-wrap: wrap;
	}
	.tabs {
		display: flex;
		gap: var(--s-6);
	}
	.tabs .btn {
		min-height: 34px;
		padding: var(--s-4) var(--s-10);
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(100px, 1fr));
		gap: var(--s-2) var(--s-10);
		margin-top: var(--s-4);
	}
	h3 {
		margin: var(--s-2) 0;
	}
	label {
		font-size: var(--type-small);
		color: var(--ink2);
	}
	select {
		width: 100%;
	}
	.fault {
		color: var(--stop);
		font-weight: 600;
		font-size: var(--type-small);
	}
	.item :global(.qty) {
		min-height: 36px;
	}
	.item :global(.qty input) {
		font-size: var(--type-strong);
		padding-left: var(--s-8);
	}
	.item :global(.qty i) {
		padding: 0 var(--s-6);
	}
	.grid {
		align-items: end;
	}
	.item :global(.alt:not(.fault)) {
		display: none;
	}
	.item :global(.opt) {
		display: none;
	}
</style>
