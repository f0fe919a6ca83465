<script lang="ts">
	import Plus from '@lucide/svelte/icons/plus';
	import Trash from '@lucide/svelte/icons/trash-2';
	import type { Entry } from '$lib/ui/fields/entry.svelte';

	interface Props {
		entry: Entry;
	}
	/** Chips, one a line: how large, in which zone, at which angle. */
	let { entry }: Props = $props();
	type Chip = { sizeMm: string; zone: string; angleDeg: string; radiusMm: string };
	const chips = $derived((entry.typed.chips ?? []) as Chip[]);
	const set = (list: Chip[]) => entry.set('chips', list);
	const change = (i: number, part: Partial<Chip>) =>
		set(chips.map((c, k) => (k === i ? { ...c, ...part } : c)));
	const unit = $derived(entry.system === 'inch' ? 'in' : 'mm');
</script>

{#each chips as chip, i (i)}
	<div class="chip">
		<b class="num">{i + 1}</b>
		<label class="sr" for="chip-{i}">Size of chip {i + 1}, {unit}</label><input
			id="chip-{i}"
			class="plain-input num"
			value={chip.sizeMm}
			placeholder={unit}
			maxlength="20"
			oninput={(e) => change(i, { sizeMm: e.currentTarget.value })}
		/>
		<label class="sr" for="zone-{i}">Where is chip {i + 1}</label><select
			id="zone-{i}"
			class="plain-input"
			value={chip.zone}
			onchange={(e) => change(i, { zone: e.currentTarget.value, radiusMm: '' })}
			><option value="rim">rim</option><option value="face">face</option><option value="bore">bore</option
			><option value="flange">under the flange</option></select
		>
		<label class="sr" for="angle-{i}">Angle of chip {i + 1}, degrees from the mark</label><input
			id="angle-{i}"
			class="plain-input num"
			value={chip.angleDeg ?? ''}
			placeholder="°"
			maxlength="12"
			oninput={(e) => change(i, { angleDeg: e.currentTarget.value })}
		/>
		<button class="btn" aria-label="Remove chip {i + 1}" onclick={() => set(chips.filter((_, k) => k !== i))}
			><Trash size={16} /></button
		>
	</div>
{/each}
<button class="btn" onclick={() => set([...chips, { sizeMm: '', zone: 'rim', angleDeg: '', radiusMm: '' }])}
	><Plus size={16} />Note a chip</button
>
{#if entry.faultAt('chips')}<p class="fault">{entry.faultAt('chips')}</p>{/if}

<style>
	.chip {
		display: grid;
		grid-template-columns: 16px 66px 1fr 62px auto;
		gap: var(--s-6);
		align-items: center;
	}
	.chip input,
	.chip select {
		width: 100%;
		min-width: 0;
		padding: var(--s-6) var(--s-8);
	}
	.chip .btn {
		padding: var(--s-6) var(--s-10);
	}
</style>
