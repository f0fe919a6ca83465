<script lang="ts">
	import { figure, quantity } from '$core/quantity/format';
	import { leavingSide, positionStep, sideWords } from '$core/route/stations/dress/methods/position';
	import { dresserSetup, turns } from '$core/route/stations/dress/turns';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import DresserDrawing from '$lib/drawing/DresserDrawing.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** Where the diamond stands: past centre on the leaving side, leaning the way the rim moves. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const entry = stepEntry(desk, positionStep, { start: { surfaceMotion: 'down' } });
	const p = $derived(preview(positionStep, facts, entry));
	const where = $derived(p.main);
	const motion = $derived(String(entry.typed.surfaceMotion ?? 'down'));
	const below = $derived(dresserSetup(facts) === 'surface-below');
	const note = $derived(
		where
			? `aim for ${figure(where.recommendedOffsetMm, 'mm', facts.units)}`
			: below
				? `leaving side is ${leavingSide(facts, motion)}`
				: `on centre, or a little past it: rim moves ${motion}, leaving side is ${leavingSide(facts, motion)}`
	);
</script>

<SettingSheet
	{desk}
	step={positionStep}
	{entry}
	{p}
	what="Past centre"
	figure={where ? quantity(where.pastCentreMm, 'mm', facts.units) : '-'}
	means={where ? sideWords(where.side) : ''}
	action="Diamond stands here"
	hidden={below ? ['surfaceMotion'] : []}
	labels={{
		offsetMm: below ? 'Diamond from bottom centre, right is +' : 'Diamond above the spindle centre',
		dragAngleDeg: 'Lean, tip the way the rim moves',
		surfaceMotion: 'At the diamond the rim moves'
	}}
	notes={{ offsetMm: note }}
	{ondone}
>
	{#snippet drawing(out)}<DresserDrawing
			setup={dresserSetup(facts)}
			rotation={turns(facts)}
			{motion}
			family={facts.wheel?.family ?? null}
			diameterMm={facts.wheel!.diameterMm}
			offsetMm={entry.result.values.offsetMm ?? null}
			dragDeg={entry.result.values.dragAngleDeg ?? 12}
			min={out?.recommendedMinMm ?? 3}
			max={out?.recommendedMaxMm ?? 20}
			stop={out?.verdict === 'stop'}
			units={facts.units}
		/>{/snippet}
</SettingSheet>
