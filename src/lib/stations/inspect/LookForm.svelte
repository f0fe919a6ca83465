<script lang="ts">
	import { isOrganic } from '$core/spec/families';
	import WheelZones from '$lib/drawing/WheelZones.svelte';
	import ChoiceField from '$lib/ui/fields/ChoiceField.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import TextField from '$lib/ui/fields/TextField.svelte';
	import YesNo from '$lib/ui/fields/YesNo.svelte';
	import ChipLines from './ChipLines.svelte';
	import PictureTray from './PictureTray.svelte';

	interface Props {
		entry: Entry;
		wheel: { diameterMm: number; boreMm: number; bondFamily: string | null; expiresOn: string | null };
		flangeMm?: number | null;
		place: string;
		askMade?: boolean;
	}
	/** The look, point by point: what is asked beside the face on which chips are put where they are. */
	let { entry, wheel, flangeMm = null, place, askMade = true }: Props = $props();
	const asked = [
		['crack', 'A crack anywhere'],
		['dropped', 'It fell or was hit'],
		['markingLegible', 'Marking and speed can be read'],
		['boreClean', 'Bore clean'],
		['facesClean', 'Faces clean']
	] as const;
	const flange = $derived(flangeMm ?? Math.max(wheel.diameterMm / 3, wheel.boreMm * 1.2));
	type Chip = { sizeMm: string; zone: string; angleDeg: string; radiusMm: string };
	const chips = $derived((entry.typed.chips ?? []) as Chip[]);
	const num = (t: string | undefined) => {
		const n = Number(String(t ?? '').replace(',', '.'));
		return String(t ?? '').trim() === '' || !Number.isFinite(n) ? null : n;
	};
	const marks = $derived(
		chips.map((c, i) => ({
			angleDeg: num(c.angleDeg),
			radiusMm: num(c.radiusMm),
			zone: c.zone,
			bad: c.zone === 'bore' || c.zone === 'flange' || (num(c.sizeMm) ?? 0) > 3,
			label: String(i + 1)
		}))
	);
	const zoneAt = (r: number): string =>
		r > 0.46 * wheel.diameterMm
			? 'rim'
			: r < wheel.boreMm / 2 + 0.06 * (wheel.diameterMm - wheel.boreMm)
				? 'bore'
				: r < flange / 2
					? 'flange'
					: 'face';
	function pick(angleDeg: number, radiusMm: number) {
		entry.set('chips', [
			...chips,
			{
				sizeMm: '',
				zone: zoneAt(radiusMm),
				angleDeg: String(angleDeg),
				radiusMm: entry.system === 'inch' ? '' : radiusMm.toFixed(1)
			}
		]);
		const i = chips.length - 1;
		setTimeout(() => document.getElementById(`chip-${i}`)?.focus(), 0);
	}
</script>

<div class="cols">
	<div class="form">
		{#each asked as [name, label] (name)}<YesNo {entry} {name} {label} compact />{/each}
		<ChoiceField {entry} name="moisture" words={{ none: 'dry' }} />
		<ChoiceField {entry} name="blotterState" />
		{#if askMade && isOrganic(wheel.bondFamily ?? '') && !wheel.expiresOn}<TextField
				{entry}
				name="manufactureDate"
			/>{/if}
		<TextField {entry} name="note" />
		<PictureTray {place} />
	</div>
	<div class="face">
		<WheelZones diameterMm={wheel.diameterMm} boreMm={wheel.boreMm} flangeMm={flange} {marks} onpick={pick} />
		<p class="quiet">Touch the face where a chip is.</p>
		<ChipLines {entry} />
	</div>
</div>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) minmax(240px, 300px);
		gap: var(--s-24);
		margin: var(--s-10) 0;
	}
	.form {
		display: grid;
		gap: var(--s-8);
		align-content: start;
		min-width: 0;
	}
	.face {
		display: grid;
		gap: var(--s-6);
		align-content: start;
		justify-items: stretch;
		min-width: 0;
	}
	@media (max-width: 760px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
