<script module lang="ts">
	/** What every turning dresser that is driven comes to at its contact. */
	interface Contact {
		speedRatio: number;
		surfaceSpeedMps: number;
		rpmRatio: number;
		nearFraction: string | null;
		clearRpmRatio: number | null;
	}
</script>

<script lang="ts" generics="L extends readonly Field[], O extends Contact">
	import type { Snippet } from 'svelte';
	import type { Field } from '$core/calculation/fields';
	import { turns } from '$core/route/stations/dress/turns';
	import type { DresserFacts } from '$core/facts/shop';
	import type { Judged } from '$core/route/result';
	import type { Step } from '$core/route/define-step';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import type { Preview } from '$lib/desk/preview';
	import BandStrip from '$lib/drawing/dress/BandStrip.svelte';
	import RollDrawing from '$lib/drawing/dress/RollDrawing.svelte';
	import type { Entry } from '$lib/ui/fields/entry.svelte';
	import { quantity } from '$core/quantity/format';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import RepeatCheck from './RepeatCheck.svelte';
	import { RATIO_BANDS, ratioMeans, signed } from '$lib/drawing/dress/ratio-bands';

	interface Props {
		desk: SetupSession;
		step: Step<L, O>;
		entry: Entry<L>;
		p: Preview<O>;
		what: 'roll' | 'disc';
		dresser: DresserFacts | null;
		/** Field its speed is typed into, and what its surface runs at. */
		speedField: 'rollSpeedRpm' | 'discSpeedRpm';
		runsMps: number | null;
		labels?: Readonly<Record<string, string>>;
		notes: Readonly<Record<string, string>>;
		beneath?: Snippet<[O & Judged]>;
		follows?: Snippet<[O & Judged]>;
		quick?: Snippet;
		ondone: () => void;
	}
	/** Two surfaces meeting: their speeds to one scale, the ratio on its bands, and whether the same points meet again. */
	let {
		desk,
		step,
		entry,
		p,
		what,
		dresser,
		speedField,
		runsMps,
		labels = {},
		notes,
		beneath: more,
		follows,
		quick,
		ondone
	}: Props = $props();
	const facts = $derived(desk.facts);
	const out = $derived(p.main);
	const upper = $derived(what === 'roll' ? 'Roll' : 'Disc');
</script>

<SettingSheet
	{desk}
	{step}
	{entry}
	{p}
	what="{upper} surface against wheel surface"
	figure={out ? signed(out.speedRatio) : '-'}
	means={out ? ratioMeans(out.speedRatio) : ''}
	words={{ with: 'together', against: 'against each other' }}
	labels={{ ...labels, [speedField]: `${upper} speed` }}
	notes={{
		...notes,
		[speedField]: dresser?.mostRpm ? `at most ${quantity(dresser.mostRpm, 'rpm', facts.units)}` : ''
	}}
	{follows}
	{quick}
	{ondone}
>
	{#snippet drawing(o)}<RollDrawing
			family={facts.wheel?.family ?? null}
			wheelMm={facts.wheel!.diameterMm}
			rollMm={dresser?.bodyDiameterMm ?? 100}
			wheelMps={o?.surfaceSpeedMps ?? null}
			rollMps={o ? runsMps : null}
			ratio={o?.speedRatio ?? null}
			clockwise={turns(facts) === 'clockwise'}
			{what}
			units={facts.units}
		/>{/snippet}
	{#snippet strip(o)}<BandStrip
			value={o.speedRatio}
			bands={RATIO_BANDS}
			label="Speed ratio"
			at={0}
		/>{/snippet}
	{#snippet beneath(o)}<RepeatCheck
			{desk}
			{entry}
			field={speedField}
			ratio={o.rpmRatio}
			near={o.nearFraction}
			clear={o.clearRpmRatio}
		/>{@render more?.(o)}{/snippet}
</SettingSheet>
