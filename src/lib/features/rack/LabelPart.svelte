<script lang="ts">
	import type { Field } from '$core/calculation/fields';
	import type { parseMarking } from '$core/spec/parse-marking';
	import { WHEEL_FIELDS } from '$core/shop/wheel';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import FieldInput from '$lib/ui/fields/FieldInput.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import MarkingLine from './MarkingLine.svelte';
	import MarkingRead from './MarkingRead.svelte';

	interface Props {
		entry: Entry;
		read: ReturnType<typeof parseMarking.run> | null;
		organic: boolean;
	}
	/** What is printed on a wheel and what is measured of it. */
	let { entry, read, organic }: Props = $props();
	const rest = $derived(
		(WHEEL_FIELDS as readonly Field[]).filter(
			(f) =>
				f.name !== 'number' && f.name !== 'marking' && (f.name !== 'madeOn' || organic || entry.at('madeOn'))
		)
	);
	/** Sizes that stand in the marking are put in where nothing was typed. */
	function fromMarking() {
		const d = read?.dimensions;
		if (!d) return;
		const put = (name: string, value: number | null) => {
			if (value !== null && !String(entry.at(name) ?? '')) entry.fillOne(name, value);
		};
		put('newDiameterMm', d.diameterMm);
		put('diameterMm', d.diameterMm);
		put('widthMm', d.thicknessMm);
		put('boreMm', d.boreMm);
	}
</script>

<TextField {entry} name="marking" mono autofocus />
{#if read}<MarkingLine typed={String(entry.at('marking') ?? '')} reading={read} /><MarkingRead
		reading={read}
		brief
	/>{#if read.dimensions}<button class="link" onclick={fromMarking}>Use the sizes in the marking</button
		>{/if}{:else}<p class="quiet">
		Abrasive, grit, grade, structure, bond; with sizes and speed if they are printed.
	</p>{/if}
<div class="grid">
	<TextField {entry} name="number" mono />{#each rest as field (field.name)}<FieldInput
			{entry}
			{field}
		/>{/each}
</div>

<style>
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
		gap: var(--s-2) var(--s-12);
		align-items: start;
	}
	.link {
		justify-self: start;
	}
</style>
