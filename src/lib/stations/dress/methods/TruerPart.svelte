<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { turns } from '$core/route/stations/dress/turns';
	import { truerStep } from '$core/route/stations/dress/methods/truing';
	import { surfaceSpeedMps } from '$core/spec/speed';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import RollDrawing from '$lib/drawing/dress/RollDrawing.svelte';
	import Strip from '$lib/drawing/Strip.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The truing wheel is a wheel like any other: which one suits, its own look and ring, and never above its mark. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const d = $derived(chosenMethod(facts, Evidence.of(facts))?.dresser ?? null);
	const entry = stepEntry(desk, truerStep, {});
	/** While look and ring are not answered the speeds are shown all the same. */
	const shown = $derived(
		preview(truerStep, facts, null, { ...entry.result.values, sound: true, ringsClear: true })
	);
	const p = $derived(preview(truerStep, facts, entry));
	const out = $derived(p.main ?? shown.main);
	const max = $derived(out?.maxRpm ?? null);
</script>

<SettingSheet
	{desk}
	step={truerStep}
	{entry}
	p={p.main || p.fault?.code !== 'missing' ? p : { ...p, main: shown.main }}
	what="Truing wheel may turn"
	figure={max === null ? '-' : quantity(Math.floor(max), 'rpm', facts.units)}
	means={out?.surfaceSpeedMps ? `runs ${quantity(out.surfaceSpeedMps, 'm/s', facts.units)}` : 'at most'}
	action="Truing wheel is sound"
	later={d?.ratedMps || d?.ratedRpm ? ['ratedMps', 'ratedRpm'] : []}
	{ondone}
>
	{#snippet drawing()}
		<RollDrawing
			family={facts.wheel?.family ?? null}
			wheelMm={facts.wheel!.diameterMm}
			rollMm={d?.bodyDiameterMm ?? 76}
			wheelMps={surfaceSpeedMps(facts.wheel!.diameterMm, facts.machine.spindleRpm)}
			rollMps={out?.surfaceSpeedMps ?? null}
			ratio={out?.surfaceSpeedMps
				? out.surfaceSpeedMps / surfaceSpeedMps(facts.wheel!.diameterMm, facts.machine.spindleRpm)
				: null}
			clockwise={turns(facts) === 'clockwise'}
			what="truing wheel"
			units={facts.units}
		/>
		<p>
			This shop's: <b>{d?.marking ?? d?.code ?? '-'}</b>, {quantity(
				d?.bodyDiameterMm ?? null,
				'mm',
				facts.units
			)} across.
		</p>
		{#if out}<p>
				Suits this wheel: <b
					>{out.truingFamily?.replaceAll('-', ' ')} {out.truingGrit}, {out.truingGrade}, {out.truingBond}</b
				>.
			</p>{/if}
	{/snippet}
	{#snippet strip()}{#if max !== null && entry.result.values.truingWheelSpeedRpm}<Strip
				value={entry.result.values.truingWheelSpeedRpm}
				limit={max}
				label="Truing wheel turns"
				unit="rpm"
				show={(x) => x.toFixed(0)}
			/>{/if}{/snippet}
</SettingSheet>
