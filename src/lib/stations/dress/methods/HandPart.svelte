<script lang="ts">
	import { quantity } from '$core/quantity/format';
	import { Evidence } from '$core/route/evidence';
	import { chosenMethod } from '$core/route/stations/dress/method';
	import { handStep } from '$core/route/stations/dress/methods/hand';
	import { dresserWords } from '$core/shop/dresser';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import HandDrawing from '$lib/drawing/dress/HandDrawing.svelte';
	import { found } from '$lib/drawing/found';
	import Strip from '$lib/drawing/Strip.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** A tool held by hand: the rest goes back so that it hooks behind it, the pull goes into the rest, never on the guard. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const lathe = $derived(facts.machine.kind === 'lathe');
	const tool = $derived(
		dresserWords(chosenMethod(facts, Evidence.of(facts))?.dresser?.kind ?? 'star').replace(', by hand', '')
	);
	const entry = stepEntry(desk, handStep, { start: { toolHeightMm: 0 } });
	const p = $derived(preview(handStep, facts, entry));
	const v = $derived(entry.result.values);
	const mm = (x: number | null | undefined) => quantity(x ?? null, 'mm', facts.units);
	const um = (x: number | null | undefined) => quantity(x ?? null, 'um', facts.units);
</script>

<SettingSheet
	{desk}
	step={handStep}
	{entry}
	{p}
	what={lathe ? 'Tool meets the wheel' : 'Rest goes back to'}
	figure={lathe ? mm(v.toolHeightMm ?? 0) : mm(p.main?.restBackMm)}
	means={lathe ? 'from centre, on it or just below' : 'so that the tool hooks behind it'}
	action={lathe ? 'Tool stands like this' : 'Rest and tool stand like this'}
	words={{ jig: 'a jig', 'free-hand': 'the hand alone', nothing: 'nothing' }}
	hidden={lathe ? ['restBackMm'] : []}
	later={lathe ? ['straightnessWantedUm'] : ['straightnessWantedUm', 'toolHeightMm']}
	notes={{ guidance: p.main ? `reaches ${um(p.main.straightnessUm)} straight at best` : '' }}
	{ondone}
>
	{#snippet drawing(out)}<HandDrawing
			family={facts.wheel?.family ?? null}
			{lathe}
			diameterMm={facts.wheel!.diameterMm}
			restBackMm={v.restBackMm ?? null}
			restWantedMm={out?.restBackMm ?? null}
			heightMm={v.toolHeightMm ?? 0}
			onRest={v.restsOn !== 'guard' && v.restsOn !== 'nothing'}
			{tool}
			stop={out?.verdict === 'stop'}
			units={facts.units}
		/>{/snippet}
	{#snippet strip(out)}{#if v.straightnessWantedUm}<Strip
				value={out.straightnessUm}
				limit={v.straightnessWantedUm}
				state={found(out, 'not-so-straight')}
				label="Straight within"
				show={(x) => um(x)}
			/>{/if}{/snippet}
	{#snippet follows()}<p class="quiet">
			Light pressure, across and back without stopping, off the edge at neither end. Eyes covered, dust drawn
			off. Its own instructions come first.
		</p>{/snippet}
</SettingSheet>
