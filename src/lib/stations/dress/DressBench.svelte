<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import {
		dressedStep,
		dresserSetup,
		positionStep,
		settingsStep,
		turns
	} from '$core/route/stations/dress/steps';
	import type { Desk } from '$lib/desk/desk.svelte';
	import PartTabs from '$lib/desk/PartTabs.svelte';
	import { Parts } from '$lib/desk/parts.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import DresserDrawing from '$lib/drawing/DresserDrawing.svelte';
	import DressedPart from './DressedPart.svelte';
	import PositionPart from './PositionPart.svelte';
	import SettingsPart from './SettingsPart.svelte';
	import WhatFollows from './WhatFollows.svelte';

	interface Props {
		desk: Desk;
	}
	/** Dressing with a single point: where it stands, how it is moved, and that it sounded even. */
	let { desk }: Props = $props();
	const f = $derived(desk.facts);
	const position = stepEntry(desk, positionStep, { start: { surfaceMotion: 'down' } });
	const settings = stepEntry(desk, settingsStep, {
		start: {
			depthUm: 20,
			passes: 4,
			dryPasses: 1,
			coolant: desk.facts.machine.wet ? 'continuous' : 'none'
		}
	});
	const done = stepEntry(desk, dressedStep, { anew: true });
	const parts = new Parts(desk, 'dress', () => [
		{ id: 'position', title: 'Place the diamond', lines: ['position'] },
		{ id: 'settings', title: 'Set the dress', lines: ['settings', 'plan'] },
		{ id: 'done', title: 'Dress and listen', lines: ['sound'] }
	]);
	const placed = $derived(preview(positionStep, f, position));
	const set = $derived(preview(settingsStep, f, settings));
	const um = (v: number | null | undefined) => quantity(v ?? null, 'um', f.units);
	const flat = $derived(f.dresser?.flatWidthUm ? `, flat ${um(f.dresser.flatWidthUm)}` : '');
	const kind = $derived.by(() => {
		const words = set.main?.overlap.dressClass.replace('-', ' and ');
		return words ? `${words.charAt(0).toUpperCase()}${words.slice(1)}.` : '';
	});
</script>

<h1>Dress</h1>
<p class="lead">
	Single point, diamond {f.dresser?.code ?? '-'}, tip radius {um(f.dresser?.tipRadiusUm)}{flat}. {kind}
</p>
<PartTabs {parts} of="dressing" />
<div class="cols">
	<DresserDrawing
		setup={dresserSetup(f)}
		rotation={turns(f)}
		motion={String(position.typed.surfaceMotion ?? 'down')}
		family={f.wheel?.family ?? null}
		diameterMm={f.wheel!.diameterMm}
		offsetMm={position.result.values.offsetMm ?? null}
		dragDeg={position.result.values.dragAngleDeg ?? 12}
		min={placed.main?.recommendedMinMm ?? 3}
		max={placed.main?.recommendedMaxMm ?? 20}
		stop={placed.main?.verdict === 'stop'}
		units={f.units}
	/>
	<div class="side">
		{#if parts.open === 'position'}<PositionPart facts={f} entry={position} where={placed.main} />
		{:else if parts.open === 'settings'}<SettingsPart facts={f} entry={settings} {set} />
		{:else}<DressedPart facts={f} entry={done} {set} />{/if}
	</div>
</div>
<WhatFollows
	{desk}
	part={parts.open}
	{settings}
	{set}
	entry={{ position, settings, done }[parts.open]}
	computed={parts.open === 'position' ? placed.computed : set.computed}
	even={done.typed.soundEven !== false}
	ondone={parts.onward}
/>

<style>
	.cols {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 320px;
		gap: var(--s-20);
		align-items: start;
	}
	.side {
		display: grid;
		gap: var(--s-8);
		align-content: start;
	}
	@media (max-width: 1000px) {
		.cols {
			grid-template-columns: 1fr;
		}
	}
</style>
