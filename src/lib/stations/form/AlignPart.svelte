<script lang="ts">
	import { centreError } from '$core/form/centre-error';
	import { squared } from '$core/form/squared';
	import { Evidence } from '$core/route/evidence';
	import { outputOf } from '$core/route/result';
	import { fineQuantity, quantity } from '$core/quantity/format';
	import { alignStep } from '$core/route/stations/form/align';
	import { formOf } from '$core/route/stations/form/made';
	import type { SetupSession } from '$lib/desk/setup-session.svelte';
	import { preview } from '$lib/desk/preview';
	import { stepEntry } from '$lib/desk/step-entry.svelte';
	import SettingSheet from '$lib/desk/SettingSheet.svelte';
	import Strip from '$lib/drawing/Strip.svelte';
	import CentreDrawing from '$lib/drawing/form/CentreDrawing.svelte';

	interface Props {
		desk: SetupSession;
		ondone: () => void;
	}
	/** The dresser squared by a dial along it, and its tip on centre: how far off makes which error; never on the entering side. */
	let { desk, ondone }: Props = $props();
	const facts = $derived(desk.facts);
	const form = $derived(formOf(facts, Evidence.of(facts))!);
	const roll = $derived(form.way === 'roll');
	const entry = stepEntry(desk, alignStep, { start: { offsetMm: 0 } });
	const p = $derived(preview(alignStep, facts, entry));
	const centre = $derived(outputOf(p.result, centreError));
	const square = $derived(outputOf(p.result, squared));
	const um = (v: number | null | undefined) => quantity(v ?? null, 'um', facts.units);
</script>

<SettingSheet
	{desk}
	step={alignStep}
	{entry}
	{p}
	what={roll ? 'The form is tapered by' : 'Depth of the form comes out by'}
	figure={roll ? um(square?.taperUm) : um(centre?.formErrorUm)}
	means="{um(form.toleranceUm)} allowed"
	action={roll ? 'Parallel like this' : 'Square and on centre'}
	hidden={roll ? ['offsetMm'] : []}
	labels={{ readingUm: 'Dial, change along it', overMm: 'Run along', offsetMm: 'Tip past centre' }}
	notes={{ offsetMm: 'past centre plus, entering side minus' }}
	{ondone}
>
	{#snippet drawing()}{#if !roll}<CentreDrawing
				diameterMm={facts.wheel!.diameterMm}
				offsetMm={entry.result.values.offsetMm ?? null}
				clockwise={facts.machine.rotation === 'cw'}
				bad={p.main?.verdict === 'stop'}
				units={facts.units}
			/>{/if}
		{#if square}<p class="lab">Taper over the form, from the dial</p>
			<Strip
				value={square.taperUm}
				limit={form.toleranceUm}
				label="Taper"
				show={(v) => um(v)}
			/>{/if}{/snippet}
	{#snippet follows(o)}{#if !roll}<div class="row">
				<p>Rim larger by <b class="num">{um(o.sizeErrorUm)}</b></p>
				{#if o.allowedOffsetMm !== null}<p>
						May stand past centre by <b class="num">{fineQuantity(o.allowedOffsetMm, 'mm', facts.units)}</b>
					</p>{/if}
				{#if o.effectiveArcRadiusMm !== null}<p>
						The arc becomes <b class="num">{fineQuantity(o.effectiveArcRadiusMm, 'mm', facts.units)}</b>
					</p>{/if}
			</div>{/if}{/snippet}
</SettingSheet>

<style>
	.lab {
		color: var(--ink2);
		font-size: var(--type-small);
	}
	.row {
		display: flex;
		gap: var(--s-4) var(--s-16);
		flex-wrap: wrap;
		font-size: var(--type-small);
		color: var(--ink2);
	}
	.row b {
		color: var(--ink);
	}
</style>
