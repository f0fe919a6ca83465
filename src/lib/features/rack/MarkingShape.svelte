<script lang="ts">
	import type { Marking } from '$core/spec/marking';
	import { fepaSection } from '$core/spec/fepa-section';
	import { conventionalSection } from '$core/spec/shape-section';
	import { LETTER_NAMES, SHAPE_LETTERS, SHAPE_TYPES, type ShapeLetter } from '$core/spec/shape-tables';
	import { parseQuantity } from '$core/quantity/parse';
	import { useUnits } from '$lib/ui/use-units';
	import ShapeSection from '$lib/drawing/ShapeSection.svelte';

	interface Props {
		reading: Marking;
	}
	/** The section of the wheel a marking speaks of; sizes that are not printed can be added here. */
	let { reading }: Props = $props();
	const { system, sign } = useUnits();
	let added = $state<Record<string, string>>({});
	const mm = (letter: string) => {
		const p = parseQuantity(added[letter] ?? '', 'mm', system());
		return 'value' in p && p.value > 0 ? p.value : null;
	};
	const d = $derived(reading.dimensions);
	const type = $derived(
		reading.kind === 'conventional'
			? reading.shape && SHAPE_TYPES[reading.shape]
				? reading.shape
				: reading.shape
					? null
					: '1'
			: null
	);
	const section = $derived.by(() => {
		const given = {
			D: d?.diameterMm ?? reading.dimsMm[0] ?? null,
			T: d?.thicknessMm ?? reading.dimsMm[1] ?? null,
			H: d?.boreMm ?? (reading.dimsMm.length > 2 ? reading.dimsMm.at(-1)! : null),
			X: d?.rimDepthMm ?? reading.rimDepthMm
		};
		const size = (l: string, printed: number | null | undefined) => printed ?? mm(l);
		if (reading.shapeParts)
			return fepaSection(reading.shapeParts, {
				diameterMm: size('D', given.D),
				thicknessMm: size('T', given.T),
				rimDepthMm: size('X', given.X),
				boreMm: size('H', given.H)
			});
		if (type)
			return conventionalSection(
				type,
				Object.fromEntries(
					SHAPE_TYPES[type]!.letters.map((l) => [
						SHAPE_LETTERS[l],
						size(l, { D: given.D, T: given.T, H: given.H }[l as 'D'])
					])
				)
			);
		if (reading.kind === 'superabrasive')
			return fepaSection(
				{ core: '1', rim: 'A', position: '1' },
				{
					diameterMm: size('D', given.D),
					thicknessMm: size('T', given.T),
					rimDepthMm: size('X', given.X),
					boreMm: size('H', given.H)
				}
			);
		return null;
	});
	const asks = $derived(
		section
			? section.labels
					.map((l) => l.letter)
					.filter((l) => section.missing.includes(l) || added[l] !== undefined)
			: []
	);
	const called = (l: string) => LETTER_NAMES[l as ShapeLetter] ?? 'Rim depth';
</script>

{#if section}
	<h3>{section.name.charAt(0).toUpperCase()}{section.name.slice(1)}, cut through to scale</h3>
	<ShapeSection {section} family={reading.abrasive?.family ?? null} units={system()} />
	<p class="quiet">
		{section.missing.length
			? `Still missing: ${section.missing.map((l) => `${called(l).toLowerCase()} ${l}`).join(', ')}. Drawn with usual proportions until then.`
			: `Built to grind with its ${section.faces.map((f) => (f === 'periphery' ? 'rim' : 'side')).join(' and ')}.`}
	</p>
	{#if asks.length}<div class="add">
			{#each asks as l, at (at)}<label
					>{called(l)}
					{l}<input
						class="plain-input num"
						value={added[l] ?? ''}
						maxlength="20"
						placeholder={sign('mm')}
						oninput={(e) => (added[l] = e.currentTarget.value)}
					/></label
				>{/each}
		</div>{/if}
{:else if reading.shape}<p class="quiet">Shape {reading.shape} is not one that can be drawn here.</p>{/if}

<style>
	.add {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(110px, 1fr));
		gap: var(--s-8);
	}
	label {
		font-size: var(--type-small);
		color: var(--ink2);
		display: grid;
	}
	input {
		width: 100%;
	}
</style>
